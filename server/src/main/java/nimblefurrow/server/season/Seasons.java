package nimblefurrow.server.season;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import nimblefurrow.core.chain.SheetTurn;
import nimblefurrow.core.chain.Stretch;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.seeding.HouseRules;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.Chains.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.field.Fields.FieldView;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.journal.Journal.Entry;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.Weathers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

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
      List<Trouble> troubles,
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
      Limits.within("place (0 is the running cover)", place, 0, all.size() - 1, Unit.NONE);
      return all.get(place);
    }

    /** The one field that was asked for; refuses a field without a cash crop. */
    public FieldSeasons onlyField() {
      troubles.stream()
          .findFirst()
          .ifPresent(
              t -> {
                throw new OutOfRange("field", t.says());
              });
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
  private final FarmFigures catalogues;
  private final TransactionTemplate load;
  // Worked out from its key alone: a shortcut, not a state.
  private final Cache<Known, FieldSeason> composed =
      Caffeine.newBuilder().maximumSize(6000).build();

  Seasons(
      Farms farms,
      Fields fields,
      Chains chains,
      Journal journal,
      Weathers weathers,
      FarmFigures catalogues,
      PlatformTransactionManager transactions) {
    this.load = new TransactionTemplate(transactions);
    this.load.setReadOnly(true);
    this.farms = farms;
    this.fields = fields;
    this.chains = chains;
    this.journal = journal;
    this.weathers = weathers;
    this.catalogues = catalogues;
  }

  /** What is loaded to work seasons out; nothing is asked of the database after it. */
  private record Loaded(
      FarmView farm,
      FarmWeather weather,
      Catalogue catalogue,
      List<FieldView> wanted,
      Map<UUID, List<Link>> chains,
      Map<UUID, List<Entry>> entries) {}

  /** All seasons of a farm; empty while it has no weather to go by. */
  public Optional<FarmSeason> of(UUID farmId) {
    FarmView farm = farms.view(farmId);
    return weathers
        .of(farm)
        .map(
            weather ->
                load.execute(
                    status ->
                        loaded(farm, weather, fields.all(farmId), chains.all(farmId), e -> true)))
        .map(this::build);
  }

  /** The season of one field. */
  public FarmSeason one(UUID farmId, UUID fieldId) {
    return one(farmId, fieldId, entry -> true);
  }

  /**
   * The season of one field as it would be with some of its entries only.
   *
   * @param counts which entries count
   */
  public FarmSeason one(UUID farmId, UUID fieldId, Predicate<Entry> counts) {
    FarmView farm = farms.view(farmId);
    FieldView field = fields.one(farmId, fieldId);
    FarmWeather weather =
        weathers
            .of(farm)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    return build(
        load.execute(
            status ->
                loaded(
                    farm,
                    weather,
                    List.of(field),
                    Map.of(fieldId, chains.of(farmId, fieldId)),
                    counts)));
  }

  private Loaded loaded(
      FarmView farm,
      FarmWeather weather,
      List<FieldView> wanted,
      Map<UUID, List<Link>> links,
      Predicate<Entry> counts) {
    Map<UUID, List<Entry>> entries = new HashMap<>();
    journal.until(farm.id(), weather.today()).stream()
        .filter(counts)
        .forEach(e -> entries.computeIfAbsent(e.fieldId(), f -> new ArrayList<>()).add(e));
    return new Loaded(
        farm, weather, catalogues.catalogue(farm.rules().figures()), wanted, links, entries);
  }

  private FarmSeason build(Loaded l) {
    List<FieldView> planted =
        l.wanted().stream().filter(f -> hasCrop(l.chains().get(f.id()))).toList();
    List<Trouble> troubles = Collections.synchronizedList(new ArrayList<>());
    List<FieldSeasons> seasons =
        IntStream.range(0, planted.size())
            .parallel()
            .mapToObj(planted::get)
            .map(f -> Trouble.attempt(f, () -> field(l, f), troubles::add))
            .flatMap(Optional::stream)
            .toList();
    return new FarmSeason(
        l.farm(),
        l.weather(),
        l.catalogue(),
        new SeasonComposer(l.weather().outlook(), l.farm().rules()),
        seasons,
        List.copyOf(troubles),
        l.wanted().size() - planted.size());
  }

  private static boolean hasCrop(List<Link> chain) {
    return chain != null && chain.stream().anyMatch(l -> l.kind() == LinkKind.CROP);
  }

  private FieldSeasons field(Loaded l, FieldView field) {
    FarmView farm = l.farm();
    FarmWeather weather = l.weather();
    List<Entry> entries = l.entries().getOrDefault(field.id(), List.of());
    List<Link> chain = l.chains().get(field.id());
    List<Stretch> parts = Stretch.of(FieldStretch.links(chain, entries), weather.today());
    SheetTurn turn = SheetTurn.before(weather.today(), farm.site(), farm.rules().figures());
    int running = turn.running(parts, weather.today());
    List<FieldStretch> stretches = FieldStretch.of(parts, chain);
    List<FieldSeasons.Past> earlier = new ArrayList<>();
    for (int i = 0; i < running; i++) {
      FieldStretch past = stretches.get(i);
      if (past.cover().isPresent() && !past.crop().starts().isBefore(weather.outlook().first())) {
        Trouble.attempt(
                field,
                () -> CaseBuilder.build(field, past, entries, l.catalogue(), weather.past()),
                trouble -> {})
            .ifPresent(
                known ->
                    earlier.add(
                        new FieldSeasons.Past(
                            past.crop(),
                            past.cover().get(),
                            compose(farm, weather.past(), known))));
      }
    }
    boolean out = field.leftOutSeason() != null && field.leftOutSeason() == turn.season();
    List<FieldSeasons> after = new ArrayList<>();
    for (int i = running + 1; i < stretches.size() && stretches.get(i).afterCut(); i++) {
      after.add(one(l, field, stretches.get(i), entries, out));
    }
    FieldSeasons now = one(l, field, stretches.get(running), entries, out);
    return new FieldSeasons(
        field,
        now.crop(),
        now.cover(),
        now.next(),
        now.clearing(),
        now.now(),
        earlier,
        entries,
        after,
        now.broken());
  }

  /** A stretch worked out; without its cover where that cannot be. */
  private FieldSeasons one(
      Loaded l, FieldView field, FieldStretch stretch, List<Entry> entries, boolean out) {
    if (out) {
      return one(l, field, stretch.withoutCover(), entries, Optional.empty());
    }
    List<Trouble> trouble = new ArrayList<>();
    return Trouble.attempt(
            field, () -> one(l, field, stretch, entries, Optional.empty()), trouble::add)
        .orElseGet(
            () ->
                one(
                    l,
                    field,
                    stretch.withoutCover(),
                    entries,
                    stretch.cover().map(c -> new FieldSeasons.Broken(c, trouble.get(0).says()))));
  }

  private FieldSeasons one(
      Loaded l,
      FieldView field,
      FieldStretch shown,
      List<Entry> entries,
      Optional<FieldSeasons.Broken> broken) {
    FieldCase known =
        CaseBuilder.build(field, shown, entries, l.catalogue(), l.weather().outlook());
    return new FieldSeasons(
        field,
        shown.crop(),
        shown.cover(),
        shown.nextWords(),
        shown.clearing().orElse(null),
        compose(l.farm(), l.weather().outlook(), known),
        List.of(),
        entries,
        List.of(),
        broken);
  }

  private FieldSeason compose(FarmView farm, Outlook outlook, FieldCase field) {
    return composed.get(
        new Known(outlook, farm.rules(), field),
        k -> new SeasonComposer(k.outlook(), k.rules()).compose(k.field()));
  }
}
