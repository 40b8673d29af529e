package nimblefurrow.server.season;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.seeding.HouseRules;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.server.farm.Chains;
import nimblefurrow.server.farm.Chains.Link;
import nimblefurrow.server.farm.FarmCatalogue;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.farm.Fields;
import nimblefurrow.server.farm.Fields.FieldView;
import nimblefurrow.server.farm.LinkKind;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.journal.Journal.Entry;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.Weathers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every field's season as of the farm's day. */
@Service
public class Seasons {
  /** A farm with its weather and the seasons of its fields; fields without a crop have none. */
  public record FarmSeason(
      FarmView farm,
      FarmWeather weather,
      Catalogue catalogue,
      SeasonComposer composer,
      List<FieldSeasons> fields,
      int withoutCrop) {
    /** All covers of the running season, those after a cut among them. */
    public List<FieldSeasons> covers() {
      return fields.stream().flatMap(f -> f.andAfter().stream()).toList();
    }

    /**
     * A cover of the one field that was asked for.
     *
     * @param place 0 for the running one, 1 for the one after the next cut
     */
    public FieldSeasons onlyField(int place) {
      List<FieldSeasons> all = onlyField().andAfter();
      Limits.within("place", place, 0, all.size() - 1, "(0 is the running cover)");
      return all.get(place);
    }

    /** The one field that was asked for; refuses a field without a cash crop. */
    public FieldSeasons onlyField() {
      return fields.stream()
          .findFirst()
          .orElseThrow(
              () ->
                  new OutOfRange(
                      "crop",
                      "this field has no cash crop yet: enter one, the cover is planned around it"));
    }
  }

  private record Known(Outlook outlook, HouseRules rules, FieldCase field) {}

  private final Farms farms;
  private final Fields fields;
  private final Chains chains;
  private final Journal journal;
  private final Weathers weathers;
  private final FarmCatalogue catalogues;
  // Worked out from its key alone: a shortcut, not a state.
  private final Cache<Known, FieldSeason> composed =
      Caffeine.newBuilder().maximumSize(6000).build();

  Seasons(
      Farms farms,
      Fields fields,
      Chains chains,
      Journal journal,
      Weathers weathers,
      FarmCatalogue catalogues) {
    this.farms = farms;
    this.fields = fields;
    this.chains = chains;
    this.journal = journal;
    this.weathers = weathers;
    this.catalogues = catalogues;
  }

  /** All seasons of a farm; empty while it has no weather to go by. */
  @Transactional(readOnly = true)
  public Optional<FarmSeason> of(UUID farmId) {
    FarmView farm = farms.view(farmId);
    return weathers.of(farm).map(weather -> build(farm, weather, fields.all(farmId)));
  }

  /** The season of one field. */
  @Transactional(readOnly = true)
  public FarmSeason one(UUID farmId, UUID fieldId) {
    FarmView farm = farms.view(farmId);
    FieldView field = fields.one(farmId, fieldId);
    FarmWeather weather =
        weathers
            .of(farm)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    return build(farm, weather, List.of(field));
  }

  private FarmSeason build(FarmView farm, FarmWeather weather, List<FieldView> wanted) {
    Map<UUID, List<Link>> links =
        wanted.size() == 1
            ? Map.of(wanted.get(0).id(), chains.of(farm.id(), wanted.get(0).id()))
            : chains.all(farm.id());
    Map<UUID, List<Entry>> entries = new HashMap<>();
    journal
        .until(farm.id(), weather.today())
        .forEach(e -> entries.computeIfAbsent(e.fieldId(), f -> new ArrayList<>()).add(e));
    Catalogue catalogue = catalogues.of(farm.id());
    List<FieldView> planted = wanted.stream().filter(f -> hasCrop(links.get(f.id()))).toList();
    List<FieldSeasons> seasons =
        IntStream.range(0, planted.size())
            .parallel()
            .mapToObj(planted::get)
            .map(
                f ->
                    field(
                        farm,
                        weather,
                        catalogue,
                        f,
                        links.get(f.id()),
                        entries.getOrDefault(f.id(), List.of())))
            .toList();
    return new FarmSeason(
        farm,
        weather,
        catalogue,
        new SeasonComposer(weather.outlook(), farm.rules()),
        seasons,
        wanted.size() - planted.size());
  }

  private static boolean hasCrop(List<Link> chain) {
    return chain != null && chain.stream().anyMatch(l -> l.kind() == LinkKind.CROP);
  }

  private FieldSeasons field(
      FarmView farm,
      FarmWeather weather,
      Catalogue catalogue,
      FieldView field,
      List<Link> chain,
      List<Entry> entries) {
    List<Stretch> stretches = Stretch.of(chain, entries, weather.today());
    int running = Stretch.running(stretches, weather.today(), farm.site());
    List<FieldSeasons.Past> earlier = new ArrayList<>();
    for (int i = 0; i < running; i++) {
      Stretch past = stretches.get(i);
      if (past.cover().isPresent() && !past.crop().starts().isBefore(weather.outlook().first())) {
        FieldCase known = CaseBuilder.build(field, past, entries, catalogue, weather.past());
        earlier.add(
            new FieldSeasons.Past(
                past.crop(), past.cover().get(), compose(farm, weather.past(), known)));
      }
    }
    boolean out = leftOut(field, farm.site(), weather.today());
    List<FieldSeasons> after = new ArrayList<>();
    for (int i = running + 1; i < stretches.size() && stretches.get(i).afterCut(); i++) {
      after.add(one(farm, weather, catalogue, field, stretches.get(i), entries, out));
    }
    FieldSeasons now = one(farm, weather, catalogue, field, stretches.get(running), entries, out);
    return new FieldSeasons(
        field,
        now.crop(),
        now.cover(),
        now.next(),
        now.clearing(),
        now.now(),
        earlier,
        entries,
        after);
  }

  private FieldSeasons one(
      FarmView farm,
      FarmWeather weather,
      Catalogue catalogue,
      FieldView field,
      Stretch stretch,
      List<Entry> entries,
      boolean out) {
    Stretch shown = out ? stretch.withoutCover() : stretch;
    FieldCase known = CaseBuilder.build(field, shown, entries, catalogue, weather.outlook());
    return new FieldSeasons(
        field,
        shown.crop(),
        shown.cover(),
        shown.nextWords(),
        shown.clearing().orElse(null),
        compose(farm, weather.outlook(), known),
        List.of(),
        entries,
        List.of());
  }

  /** Whether a field is left out of the season that runs; the sheet turns on 5 June. */
  private static boolean leftOut(FieldView field, Site site, LocalDate today) {
    boolean turned = !today.isBefore(site.season(today.getYear(), 6, 5));
    Integer season = field.leftOutSeason();
    return season != null && season == today.getYear() - (turned ? 0 : 1);
  }

  private FieldSeason compose(FarmView farm, Outlook outlook, FieldCase field) {
    return composed.get(
        new Known(outlook, farm.rules(), field),
        k -> new SeasonComposer(k.outlook(), k.rules()).compose(k.field()));
  }
}
