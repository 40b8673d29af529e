package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.season.look.SharedCounts;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.terminationdates.TerminationDates;
import nimblefurrow.server.unchanged.Unchanged;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.KeptWithOutlook;
import nimblefurrow.server.weather.RainGauges;
import nimblefurrow.server.weather.Weathers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Every field's season as of the farm's day. */
@Service
public class Seasons {
  /**
   * @param past whether it is seen with what is known alone, as a season that lies behind
   */
  private record Known(boolean past, HouseRules rules, FieldCase field) {}

  /** What the seasons of all farms may take of the server's memory, and what all ways of ending. */
  private static final double SEASONS_SHARE = 0.16;

  private static final double ROUTES_SHARE = 0.05;
  private static final double COUNTS_SHARE = 0.005;
  private static final int BYTES_A_COUNT = 500;

  /** What was counted on a farm, and by which figures it speaks. */
  private record Counts(HouseRules rules, List<SharedCounts.Counted> counted) {}

  private final Farms farms;
  private final Fields fields;
  private final Chains chains;
  private final Journal journal;
  private final Weathers weathers;
  private final FarmFigures catalogues;
  private final RainGauges gauges;
  private final TerminationDates terminationDates;
  private final TransactionTemplate load;
  private final Unchanged unchanged;
  private final KeptWithOutlook<Known, FieldSeason> composed;

  /** Every way of ending a cover, as asked of all fields at once. */
  private final KeptWithOutlook<Known, List<TerminationOutlook>> terminations;

  /** What counts say of fields that nobody counted. */
  private final KeptWithOutlook<Counts, SharedCounts> counts;

  Seasons(
      Farms farms,
      Fields fields,
      Chains chains,
      Journal journal,
      Weathers weathers,
      FarmFigures catalogues,
      RainGauges gauges,
      TerminationDates terminationDates,
      Unchanged unchanged,
      PlatformTransactionManager transactions) {
    this.unchanged = unchanged;
    this.composed = weathers.keeping(SEASONS_SHARE, (known, season) -> SeasonBytes.season(season));
    this.terminations = weathers.keeping(ROUTES_SHARE, (known, ways) -> SeasonBytes.ways(ways));
    this.counts =
        weathers.keeping(
            COUNTS_SHARE, (asked, told) -> BYTES_A_COUNT * (1 + asked.counted().size()));
    this.load = new TransactionTemplate(transactions);
    this.load.setReadOnly(true);
    this.farms = farms;
    this.fields = fields;
    this.chains = chains;
    this.journal = journal;
    this.weathers = weathers;
    this.catalogues = catalogues;
    this.gauges = gauges;
    this.terminationDates = terminationDates;
  }

  /**
   * The running seasons of all fields, for what makes no sense without weather.
   *
   * @throws OutOfRange while the farm has none
   */
  public FarmSeason needed(UUID farmId) {
    return of(farmId)
        .orElseThrow(
            () -> new OutOfRange("weather", "bring weather first: all is worked out from it"));
  }

  /** All seasons of a farm; empty while it has no weather to go by. */
  public Optional<FarmSeason> of(UUID farmId) {
    return unchanged.of(farmId, "seasons", SeasonBytes::farm, this::of);
  }

  /**
   * All seasons as they were told on a day gone by: by the weather and the entries known then, with
   * the plans of today.
   */
  public Optional<FarmSeason> toldOn(UUID farmId, LocalDate day) {
    return of(farms.view(farmId).on(day));
  }

  private Optional<FarmSeason> of(FarmView farm) {
    UUID farmId = farm.id();
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
  public OneField one(UUID farmId, UUID fieldId) {
    return one(farmId, fieldId, entry -> true);
  }

  /**
   * The season of one zone, as a field by itself.
   *
   * @param zone null: the field without the zones that have covers of their own
   */
  public OneField one(UUID farmId, UUID fieldId, UUID zone) {
    if (zone == null) {
      return one(farmId, fieldId);
    }
    LoadedFarm loaded = load(farmId, fieldId, entry -> true);
    OneField field = oneField(loaded);
    List<FieldSeasons> own =
        field.parts().stream().filter(f -> f.zone().filter(zone::equals).isPresent()).toList();
    return new OneField(
        field.day(),
        own.isEmpty()
            ? List.of(new FieldComposer(loaded, this::compose).zone(loaded.wanted().get(0), zone))
            : own);
  }

  /**
   * The season of one field as it would be with some of its entries only.
   *
   * @param counts which entries count
   */
  public OneField one(UUID farmId, UUID fieldId, Predicate<Entry> counts) {
    return oneField(load(farmId, fieldId, counts));
  }

  private LoadedFarm load(UUID farmId, UUID fieldId, Predicate<Entry> counts) {
    FarmView farm = farms.view(farmId);
    FieldView field = fields.one(farmId, fieldId);
    FarmWeather weather =
        weathers
            .of(farm)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    return load.execute(
        status ->
            loaded(
                farm,
                weather,
                List.of(field),
                Map.of(fieldId, chains.of(farmId, fieldId)),
                counts));
  }

  private LoadedFarm loaded(
      FarmView farm,
      FarmWeather weather,
      List<FieldView> wanted,
      Map<UUID, List<Link>> links,
      Predicate<Entry> counts) {
    Map<UUID, List<Entry>> entries = new HashMap<>();
    List<Entry> all = journal.until(farm.id(), weather.today()).stream().filter(counts).toList();
    all.forEach(e -> entries.computeIfAbsent(e.field(), f -> new ArrayList<>()).add(e));
    Catalogue species = catalogues.catalogue(farm.rules().figures());
    return new LoadedFarm(
        farm,
        weather,
        species,
        wanted,
        links,
        entries,
        this.counts.get(
            weather.name(),
            new Counts(farm.rules(), CountedCovers.of(all)),
            k -> SharedCounts.of(k.counted(), species, weather.outlook())),
        gauges.until(farm.id(), weather.today()),
        terminationDates.set(farm.id()));
  }

  private FarmSeason build(LoadedFarm l) {
    List<FieldView> planted =
        l.wanted().stream().filter(f -> hasCrop(l.chains().get(f.id()))).toList();
    FieldComposer composer = new FieldComposer(l, this::compose);
    List<Trouble> troubles = Collections.synchronizedList(new ArrayList<>());
    List<FieldSeasons> seasons =
        IntStream.range(0, planted.size())
            .parallel()
            .mapToObj(planted::get)
            .map(f -> Trouble.attempt(f, () -> composer.all(f), troubles::add))
            .flatMap(Optional::stream)
            .flatMap(List::stream)
            .toList();
    return new FarmSeason(
        new FarmDay(l.farm(), l.weather(), l.catalogue()),
        seasons,
        List.copyOf(troubles),
        l.wanted().size() - planted.size());
  }

  /** Refuses a field without a cash crop, and one that cannot be worked out. */
  private OneField oneField(LoadedFarm l) {
    FarmSeason built = build(l);
    built.troubles().stream()
        .findFirst()
        .ifPresent(
            t -> {
              throw new OutOfRange("field", t.says());
            });
    if (built.fields().isEmpty()) {
      throw new OutOfRange(
          "crop", "this field has no cash crop yet: enter one, the cover is planned around it");
    }
    return new OneField(built.day(), built.fields());
  }

  private static boolean hasCrop(List<Link> chain) {
    return chain != null && chain.stream().anyMatch(l -> l.kind() == LinkKind.CROP);
  }

  private FieldSeason compose(
      HouseRules rules, FarmWeather weather, boolean past, FieldCase field) {
    Outlook outlook = past ? weather.past() : weather.outlook();
    return composed.get(
        weather.name(),
        new Known(past, rules, field),
        k ->
            (past
                    ? new SeasonComposer(outlook, rules)
                    : new SeasonComposer(outlook, rules, weather.fit()))
                .compose(field));
  }

  /** The season of a field as it would be, kept like that of a field as it is. */
  public FieldSeason tried(FarmDay day, FieldCase field) {
    return compose(day.farm().rules(), day.weather(), false, field);
  }

  /** Every way of ending a field's cover. */
  public List<TerminationOutlook> terminations(FarmDay day, FieldSeasons field) {
    return terminations.get(
        day.weather().name(),
        new Known(false, day.farm().rules(), field.now().field()),
        k -> day.composer().everyTermination(field.now().field(), field.now().mat().orElseThrow()));
  }
}
