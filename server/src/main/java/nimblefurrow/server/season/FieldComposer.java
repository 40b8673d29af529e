package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.chain.SheetTurn;
import nimblefurrow.core.chain.Stretch;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.job.HeldBack;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Zones.ZoneView;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.weather.FarmWeather;

/**
 * Works out a field from what is loaded: the field, and each zone that has a cover of its own as a
 * field by itself. Zones that share the field's cover are looked at for what was counted in them;
 * the field goes by the one that is ready last.
 */
final class FieldComposer {
  /** Works a case out, or remembers it. */
  interface Composing {
    FieldSeason compose(HouseRules rules, FarmWeather weather, boolean past, FieldCase field);
  }

  private static final int GRAIN_YEARS = 2;

  private final LoadedFarm loaded;
  private final Composing composing;

  FieldComposer(LoadedFarm loaded, Composing composing) {
    this.loaded = loaded;
    this.composing = composing;
  }

  /** The field first, unless its zones cover it; then its zones with covers of their own. */
  List<FieldSeasons> all(FieldView field) {
    List<ZoneView> own = field.zones().stream().filter(z -> hasCover(field, z)).toList();
    List<FieldSeasons> all = new ArrayList<>();
    if (!field.covered(own)) {
      all.add(part(own.isEmpty() ? field : field.without(own), Optional.empty()));
    }
    own.forEach(z -> all.add(part(field.in(z), Optional.of(z.id()))));
    return all;
  }

  /** One zone as a field by itself, whether or not it has a cover of its own. */
  FieldSeasons zone(FieldView field, UUID zone) {
    ZoneView wanted =
        field.zones().stream()
            .filter(z -> z.id().equals(zone))
            .findFirst()
            .orElseThrow(() -> new NotOnThisFarm("zone"));
    return part(field.in(wanted), Optional.of(zone));
  }

  private boolean hasCover(FieldView field, ZoneView zone) {
    return loaded.chains().get(field.id()).stream().anyMatch(l -> zone.id().equals(l.zoneId()));
  }

  private FieldSeasons part(FieldView field, Optional<UUID> zone) {
    List<Entry> entries = loaded.entries().getOrDefault(field.id(), List.of());
    List<Link> chain =
        loaded.chains().get(field.id()).stream().filter(l -> shows(l, zone)).toList();
    List<Stretch> parts =
        Stretch.of(FieldStretch.links(chain, entries), zone, loaded.weather().today());
    SheetTurn turn =
        SheetTurn.before(
            loaded.weather().today(), loaded.farm().site(), loaded.farm().rules().figures());
    int running = turn.running(parts, loaded.weather().today());
    List<FieldStretch> stretches = FieldStretch.of(parts, chain);
    boolean out = field.leftOutSeason() != null && field.leftOutSeason() == turn.season();
    List<FieldSeasons> after = new ArrayList<>();
    for (int i = running + 1; i < stretches.size() && stretches.get(i).afterCut(); i++) {
      after.add(one(field, stretches.get(i), entries, out, zone));
    }
    FieldSeasons now = one(field, stretches.get(running), entries, out, zone);
    return new FieldSeasons(
        field,
        now.crop(),
        now.cover(),
        now.next(),
        now.following(),
        now.clearing(),
        now.now(),
        earlier(field, stretches.subList(0, running), entries),
        entries,
        after,
        zone,
        now.heldBackBy(),
        now.broken());
  }

  /**
   * A zone without a cover of its own, looked at by itself, has none yet: the field's is not its.
   */
  private static boolean shows(Link link, Optional<UUID> zone) {
    return zone.isEmpty()
        ? link.zoneId() == null
        : link.cover() == null || zone.get().equals(link.zoneId());
  }

  private List<FieldSeasons.Past> earlier(
      FieldView field, List<FieldStretch> past, List<Entry> entries) {
    List<FieldSeasons.Past> earlier = new ArrayList<>();
    for (FieldStretch one : past) {
      Outlook outlook = loaded.weather().past();
      if (one.cover().isPresent()
          && !one.crop().starts().isBefore(loaded.weather().outlook().first())) {
        Trouble.attempt(field, () -> build(field, one, entries, outlook, null), trouble -> {})
            .ifPresent(
                known ->
                    earlier.add(
                        new FieldSeasons.Past(
                            one.crop(), one.cover().get(), compose(true, known))));
      }
    }
    return earlier;
  }

  /** A stretch worked out; without its cover where that cannot be. */
  private FieldSeasons one(
      FieldView field,
      FieldStretch stretch,
      List<Entry> entries,
      boolean out,
      Optional<UUID> zone) {
    if (out) {
      return one(field, stretch.withoutCover(), entries, zone, Optional.empty());
    }
    List<Trouble> trouble = new ArrayList<>();
    return Trouble.attempt(
            field, () -> one(field, stretch, entries, zone, Optional.empty()), trouble::add)
        .orElseGet(
            () ->
                one(
                    field,
                    stretch.withoutCover(),
                    entries,
                    zone,
                    stretch.cover().map(c -> new FieldSeasons.Broken(c, trouble.get(0).says()))));
  }

  private FieldSeasons one(
      FieldView field,
      FieldStretch shown,
      List<Entry> entries,
      Optional<UUID> zone,
      Optional<FieldSeasons.Broken> broken) {
    Outlook outlook = loaded.weather().outlook();
    FieldSeason rest = compose(false, build(field, shown, entries, outlook, null));
    Map<String, FieldSeason> zones = new LinkedHashMap<>();
    for (ZoneView z : field.zones()) {
      if (entries.stream().anyMatch(e -> e.noted().part().filter(z.id()::equals).isPresent())) {
        zones.put(z.name(), compose(false, build(field, shown, entries, outlook, z.id())));
      }
    }
    boolean covered = rest.field().facts().allZones();
    Optional<String> last =
        HeldBack.untilReady(covered ? Optional.empty() : Optional.of(rest), zones);
    return new FieldSeasons(
        field,
        shown.crop(),
        shown.cover(),
        shown.nextWords(),
        shown.next(),
        shown.clearing().orElse(null),
        last.map(zones::get).orElse(rest),
        List.of(),
        entries,
        List.of(),
        zone,
        last,
        broken);
  }

  /** A case with what was seen in all of the field, and in one of its zones. */
  private FieldCase build(
      FieldView field, FieldStretch shown, List<Entry> entries, Outlook outlook, UUID seenIn) {
    List<Entry> seen =
        entries.stream()
            .filter(
                e ->
                    e.noted()
                        .part()
                        .map(
                            part ->
                                part.equals(seenIn)
                                    || shown
                                        .cover()
                                        .filter(c -> part.equals(c.zoneId()))
                                        .isPresent())
                        .orElse(true))
            .toList();
    return CaseBuilder.build(
        field
            .facts()
            .bound(loaded.terminationDates().of(field.id()))
            .weedy(new Weeds(loaded.farm().weeds(), loaded.farm().weedClass()))
            .grain(grainSoon(field, shown)),
        shown,
        seen,
        loaded.catalogue(),
        loaded.counts(),
        loaded.rain().on(field.id(), field.farmstead()),
        outlook);
  }

  /** Whether small grain is planted within two years of the crop that follows the cover. */
  private boolean grainSoon(FieldView field, FieldStretch shown) {
    LocalDate from = shown.next().map(Link::starts).orElse(shown.crop().starts().plusYears(1));
    return loaded.chains().get(field.id()).stream()
        .filter(l -> l.kind() == LinkKind.CROP && l.crop().kind().smallGrain())
        .anyMatch(
            l -> !l.starts().isBefore(from) && l.starts().isBefore(from.plusYears(GRAIN_YEARS)));
  }

  private FieldSeason compose(boolean past, FieldCase field) {
    return composing.compose(loaded.farm().rules(), loaded.weather(), past, field);
  }
}
