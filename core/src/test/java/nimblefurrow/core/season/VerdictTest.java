package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.call.Call;
import nimblefurrow.core.season.call.CallBoard;
import nimblefurrow.core.season.job.FieldJobs;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One verdict on a sowing, asked by the sheet, the calls and the planner. */
class VerdictTest {
  private static final UUID COVER = UUID.randomUUID();
  private static final FieldFacts LAND =
      new FieldFacts(Area.ofAcres(80), SoilTexture.SILT_LOAM, false, false);
  private static final CropPlanting BEANS = CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5);
  private static final NextCrop NEXT = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 10));

  private static FieldSeason season(
      String species,
      SeedingMethod way,
      TerminationMethod termination,
      CropPlanting crop,
      LocalDate today) {
    CoverPlan plan =
        CoverPlan.of(
            Mix.of(Catalogue.shipped().species(species)), Goal.KEEP_NITROGEN, way, termination);
    return new SeasonComposer(TestWeather.outlook(today), HouseRules.usual(Figures.shipped()))
        .compose(new FieldCase(LAND, crop, Optional.of(plan), NEXT));
  }

  private static FieldSeason rye(LocalDate today) {
    return season("cereal-rye", SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY, BEANS, today);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-08-20,NOT_YET",
    "2026-09-25,OPEN",
    "2026-10-25,LATE",
    "2026-12-20,DORMANT",
    "2027-02-10,DORMANT",
    "2027-04-01,SHUT"
  })
  void ryeAfterBeansThroughTheYear(LocalDate today, Verdict.Kind kind) {
    Verdict verdict = rye(today).verdict().orElseThrow();
    assertThat(verdict.kind()).as(verdict.says().in(UnitSystem.US)).isEqualTo(kind);
    assertThat(verdict.by().isPresent()).isEqualTo(kind != Verdict.Kind.SHUT);
    verdict.by().ifPresent(by -> assertThat(by).isAfterOrEqualTo(today));
  }

  /** Sheet, calls and planner speak of the same last day on every day of the year. */
  @Test
  void nobodyDisagreesOnAnyDay() {
    int asked = 0;
    for (LocalDate day = LocalDate.of(2026, 8, 1);
        day.isBefore(LocalDate.of(2027, 4, 15));
        day = day.plusDays(11)) {
      FieldSeason season = rye(day);
      Verdict verdict = season.verdict().orElseThrow();
      assertThat(season.closes()).isEqualTo(verdict.by());
      Job job = FieldJobs.of(COVER, "Field", season, Figures.shipped()).get(0);
      verdict.by().ifPresent(by -> assertThat(job.window().end()).isEqualTo(by));
      List<Call> calls =
          new CallBoard(TestWeather.outlook(day))
              .calls(
                  List.of(new CallBoard.Lane(COVER, "Field", season, Map.of(), Optional.empty())));
      boolean another = calls.stream().anyMatch(c -> c.kind() == Call.Kind.CHANGE_PLAN);
      boolean place = calls.stream().anyMatch(c -> c.kind() == Call.Kind.PLACE_SEEDING);
      assertThat(another && place).as("on %s", day).isFalse();
      if (place) {
        assertThat(verdict.worthwhile()).isTrue();
        assertThat(calls.get(0).by()).isEqualTo(verdict.by().orElseThrow());
      }
      asked++;
    }
    assertThat(asked).isEqualTo(24);
  }

  @Test
  void aChanceIsCountedOverYearsNotMultiplied() {
    List<LocalDate> opens = List.of(day(1), day(1), day(20), day(20));
    List<LocalDate> closes = List.of(day(10), day(10), day(30), day(30));
    JobWindow window =
        JobWindow.of(DateForecast.of(opens), DateForecast.of(closes), Figures.shipped());
    assertThat(window.chanceOpen(day(5))).as("not 0.5 × 1.0 × …").isEqualTo(0.5);
    assertThat(window.chanceOpen(day(15))).as("open in no year, not 0.5 × 0.5").isZero();
    assertThat(window.chanceOpen(day(25))).isEqualTo(0.5);
  }

  private static LocalDate day(int n) {
    return LocalDate.of(2026, 9, n);
  }

  /** Crimson clover after beans has no best days, and is never meant before the beans are off. */
  @Test
  void nothingIsPencilledBeforeHarvest() {
    FieldSeason clover =
        season(
            "crimson-clover",
            SeedingMethod.DRILL,
            TerminationMethod.ROLL,
            BEANS,
            LocalDate.of(2026, 8, 20));
    SeedingWindow window = clover.window().orElseThrow();
    LocalDate harvest = window.opens().median().orElseThrow();
    assertThat(window.closes().median().orElseThrow()).isBefore(harvest);
    assertThat(window.bestFrom().median()).isEmpty();
    assertThat(window.bestTo().median()).isEmpty();
    assertThat(clover.stand().orElseThrow().seeded()).isAfterOrEqualTo(harvest);
  }

  /** Corn that is combined in January leaves room for dormant rye, not for next September's. */
  @Test
  void aHarvestPastNewYearDoesNotWaitForTheNextAutumn() {
    LocalDate combined = LocalDate.of(2027, 1, 12);
    CropPlanting corn =
        CropPlanting.corn(LocalDate.of(2026, 5, 25), 118, 15)
            .dated(nimblefurrow.core.cashcrop.CropStage.HARVEST, combined);
    FieldSeason season =
        season(
            "cereal-rye",
            SeedingMethod.DRILL,
            TerminationMethod.EARLY_SPRAY,
            corn,
            LocalDate.of(2026, 12, 1));
    SeedingWindow window = season.window().orElseThrow();
    assertThat(window.closes().median().orElseThrow()).isBefore(LocalDate.of(2026, 12, 31));
    assertThat(window.chanceFrom(LocalDate.of(2026, 12, 1)).fraction()).isZero();
    assertThat(season.verdict().orElseThrow().kind()).isEqualTo(Verdict.Kind.DORMANT);
    assertThat(season.verdict().orElseThrow().by().orElseThrow())
        .isBetween(combined, LocalDate.of(2027, 4, 1));
  }

  @Test
  void whatFliesCannotGoDormant() {
    FieldSeason season =
        season(
            "cereal-rye",
            SeedingMethod.DRONE,
            TerminationMethod.EARLY_SPRAY,
            BEANS,
            LocalDate.of(2026, 12, 1));
    assertThat(season.verdict().orElseThrow().kind()).isEqualTo(Verdict.Kind.SHUT);
  }
}
