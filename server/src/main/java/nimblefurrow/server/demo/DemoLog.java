package nimblefurrow.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.journal.CutForForage;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.Terminated;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.seeding.RateBuilder;
import nimblefurrow.core.seeding.SeedTag;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.chain.CropDetails;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.journal.Journal.NewEntry;
import org.springframework.stereotype.Component;

/**
 * Writes the demo's log as its own weather would have had it: crops come off when ripe, covers are
 * sown when the window is best and ended when ready. Nobody on the demo sees an entry before its
 * day.
 */
@Component
class DemoLog {
  private static final LocalDate END = LocalDate.of(2027, 12, 31);

  private final Journal journal;
  private Outlook known;

  DemoLog(Journal journal) {
    this.journal = journal;
  }

  void write(FarmView farm, FieldView field, List<Link> chain) {
    Outlook outlook = known(farm);
    SeasonComposer composer = new SeasonComposer(outlook, HouseRules.usual(Figures.shipped()));
    for (int i = 0; i < chain.size(); i++) {
      if (chain.get(i).kind() == LinkKind.COVER) {
        continue;
      }
      Optional<Link> cover =
          i + 1 < chain.size() && chain.get(i + 1).kind() == LinkKind.COVER
              ? Optional.of(chain.get(i + 1))
              : Optional.empty();
      int next = i + (cover.isPresent() ? 2 : 1);
      if (next < chain.size()) {
        season(farm, field, chain.get(i), cover, chain.get(next), composer, outlook);
      }
    }
  }

  /**
   * @param ground a crop, or the cut that frees the ground for the cover
   */
  private void season(
      FarmView farm,
      FieldView field,
      Link ground,
      Optional<Link> cover,
      Link next,
      SeasonComposer composer,
      Outlook outlook) {
    boolean crop = ground.kind() == LinkKind.CROP;
    boolean cut = next.kind() == LinkKind.CUT;
    CropDetails standing = crop ? ground.crop() : CropDetails.freeFrom(ground.starts());
    NextCrop following =
        new NextCrop(cut ? CropKind.FREE_GROUND : next.crop().kind(), next.starts());
    Optional<CoverPlan> plan =
        cover.map(c -> plan(c.cover()).with(cut ? next.cut().on(next.starts()) : null));
    FieldCase field0 =
        new FieldCase(
            field.facts(), standing.planting(ground.starts(), null, List.of()), plan, following);
    FieldSeason season = composer.compose(field0);
    LocalDate harvest = season.crop().when(CropStage.HARVEST).median().orElse(null);
    if (harvest != null && crop) {
      add(
          farm,
          field,
          ground,
          harvest,
          field.acres(),
          null,
          "",
          new Harvested(Optional.of(harvested(standing.kind(), field))),
          outlook);
    }
    if (cover.isEmpty()) {
      return;
    }
    LocalDate sown = sown(season, plan.get(), harvest, field);
    add(
        farm,
        field,
        cover.get(),
        sown,
        field.acres(),
        pounds(plan.get(), season, field, sown),
        "",
        new Sown(),
        outlook);
    if (cut) {
      add(
          farm,
          field,
          cover.get(),
          next.starts().plusDays(1),
          field.acres(),
          null,
          "",
          new CutForForage(),
          outlook);
      return;
    }
    FieldSeason growing = composer.compose(field0.with(plan.get().sown(sown)));
    growing
        .termination()
        .filter(r -> r.impossible().isEmpty())
        .flatMap(r -> r.aim())
        .filter(d -> d.isAfter(sown))
        .ifPresent(
            aim -> {
              TerminationMethod termination = plan.get().termination();
              LocalDate ended =
                  termination == TerminationMethod.WINTER_KILL
                      ? aim
                      : aim.plusDays(Math.floorMod(field.name().hashCode(), 4));
              add(
                  farm,
                  field,
                  cover.get(),
                  ended,
                  field.acres(),
                  null,
                  "",
                  new Terminated(Optional.of(termination)),
                  outlook);
            });
  }

  /** Pounds that the rate would take, with a little less or more as it goes in the field. */
  private static double pounds(
      CoverPlan plan, FieldSeason season, FieldView field, LocalDate sown) {
    RateBuilder rates =
        new RateBuilder(
            plan.way(),
            plan.goal(),
            plan.rollOnly(),
            season.weeksLate(),
            HouseRules.usual(Figures.shipped()),
            SoilTexture.SILT_LOAM);
    SeedTag tag = SeedTag.typed(98, 85, 0, sown.minusMonths(3));
    Map<String, SeedTag> tags =
        plan.mix().members().stream().collect(Collectors.toMap(m -> m.species().id(), m -> tag));
    double exact =
        rates.members(plan.mix(), field.facts().area(), tags, Map.of(), sown).stream()
            .mapToDouble(m -> m.forField().pounds())
            .sum();
    return Math.rint(exact * (0.97 + Math.floorMod(field.name().hashCode(), 7) / 100.0));
  }

  /** Drills follow the combine by some days; what flies goes when the window is best. */
  private static LocalDate sown(
      FieldSeason season, CoverPlan plan, LocalDate harvest, FieldView field) {
    if (plan.clears().isPresent() && harvest != null) {
      return harvest.plusDays(6);
    }
    if (plan.way() == SeedingMethod.DRILL && harvest != null) {
      int lag = plan.mix().winterHardy().isEmpty() || harvest.getMonthValue() < 9 ? 9 : 5;
      LocalDate day = harvest.plusDays(lag + Math.floorMod(field.name().hashCode(), 5));
      return day.getMonthValue() < 8 ? LocalDate.of(day.getYear(), 8, 12) : day;
    }
    return season.window().flatMap(w -> w.pencilled()).orElse(harvest).plusDays(1);
  }

  static CoverPlan plan(CoverDetails details) {
    return CoverPlan.of(
            details.mix(Catalogue.shipped()), details.goal(), details.way(), details.termination())
        .planned(details.planned());
  }

  private void add(
      FarmView farm,
      FieldView field,
      Link link,
      LocalDate day,
      Double acres,
      Double pounds,
      String lot,
      Fact fact,
      Outlook outlook) {
    DailyWeather w = outlook.traces().get(0).on(day);
    journal.add(
        farm.id(),
        new NewEntry(
            UUID.randomUUID(),
            field.id(),
            link.id(),
            new Noted(
                day,
                Optional.empty(),
                Optional.empty(),
                Optional.of(acres),
                Optional.ofNullable(pounds),
                lot,
                "",
                "Otis Lindqvist",
                Optional.of(new Noted.DayWeather(w.maxF(), w.minF(), w.rainIn(), w.windMph()))),
            fact,
            null,
            null));
  }

  /** Invented but steady yields: tons for silage, bushels otherwise. */
  private static Double harvested(CropKind kind, FieldView field) {
    int luck = Math.floorMod(field.name().hashCode() / 7, 21) - 10;
    return switch (kind) {
      case CORN_GRAIN -> 188.0 + 2 * luck;
      case CORN_SILAGE -> 21.0 + luck / 5.0;
      case SOYBEANS -> 56.0 + luck / 2.0;
      default -> 68.0 + luck;
    };
  }

  /** The station's whole record as one trace: only the log's writer may look ahead. */
  private Outlook known(FarmView farm) {
    if (known == null) {
      WeatherRecord all =
          new WeatherGenerator(farm.site().latitude(), farm.stationSeed(), Figures.shipped())
              .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2028, 12, 31));
      known =
          Outlook.of(
                  Figures.shipped(),
                  farm.site(),
                  all,
                  all,
                  List.of(),
                  END,
                  LocalDate.of(2024, 1, 1),
                  END)
              .known();
    }
    return known;
  }
}
