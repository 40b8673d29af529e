package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

class SeasonComposerTest {
  private static final Mix RYE = Mix.of(Catalogue.shipped().species("cereal-rye"));
  private static final FieldFacts LAND =
      new FieldFacts(Area.ofAcres(80), SoilTexture.SILT_LOAM, false, false);
  private static final CropPlanting BEANS = CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5);
  private static final NextCrop NEXT = new NextCrop(CropKind.CORN_GRAIN, LocalDate.of(2027, 5, 2));
  private static final CoverPlan PLAN =
      CoverPlan.of(RYE, Goal.KEEP_NITROGEN, SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY);

  @Test
  void aFieldWithoutACoverStillHasItsCalendar() {
    FieldSeason season =
        composer(LocalDate.of(2026, 6, 1))
            .compose(new FieldCase(LAND, BEANS, Optional.empty(), NEXT));
    assertThat(season.crop().has(CropStage.HARVEST)).isTrue();
    assertThat(season.ridge()).isEmpty();
    assertThat(season.closes()).isEmpty();
  }

  @Test
  void thePlanIsPencilledWhereTheWindowIsBest() {
    FieldSeason season = composer(LocalDate.of(2026, 6, 1)).compose(field(PLAN));
    assertThat(season.stand().orElseThrow().seeded()).isEqualTo(LocalDate.of(2026, 9, 20));
    assertThat(season.closes())
        .isEqualTo(season.window().orElseThrow().closes().lastDayWithChance(0.8));
  }

  @Test
  void theRidgeRisesWhileAliveAndFallsWhenDead() {
    FieldSeason season = composer(LocalDate.of(2026, 6, 1)).compose(field(PLAN));
    double before = -1;
    for (RidgePoint point : season.ridge()) {
      assertThat(point.pounds().low()).isLessThanOrEqualTo(point.pounds().middle());
      assertThat(point.pounds().middle()).isLessThanOrEqualTo(point.pounds().high());
      if (point.alive()) {
        // Cold nights take some of it back.
        assertThat(point.pounds().middle()).isGreaterThanOrEqualTo(0.98 * before);
      } else {
        assertThat(point.pounds().middle()).isLessThan(before);
      }
      before = point.pounds().middle();
    }
  }

  @Test
  void whatWasDoneReplacesWhatWasPlanned() {
    LocalDate sown = LocalDate.of(2026, 10, 2);
    FieldSeason season = composer(LocalDate.of(2026, 10, 20)).compose(field(PLAN.sown(sown)));
    assertThat(season.stand().orElseThrow().seeded()).isEqualTo(sown);
    assertThat(season.closes().orElseThrow()).isAfter(LocalDate.of(2027, 3, 1));
    CoverPlan ended =
        CoverPlan.of(RYE, Goal.KEEP_NITROGEN, SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY)
            .sown(sown)
            .ended(LocalDate.of(2027, 4, 10));
    assertThat(composer(LocalDate.of(2027, 4, 20)).compose(field(ended)).closes()).isEmpty();
  }

  @Test
  void laterSowingIsLighterAndLater() {
    SeasonComposer composer = composer(LocalDate.of(2026, 6, 1));
    FieldSeason early = composer.compose(field(PLAN.planned(LocalDate.of(2026, 9, 15))));
    FieldSeason late = composer.compose(field(PLAN.planned(LocalDate.of(2026, 10, 20))));
    assertThat(late.weeksLate()).isGreaterThan(early.weeksLate());
    LocalDate early50 =
        early.stages().get(nimblefurrow.core.cover.CoverStage.FLOWERING).median().orElseThrow();
    LocalDate late50 =
        late.stages().get(nimblefurrow.core.cover.CoverStage.FLOWERING).median().orElseThrow();
    assertThat(late50).isAfter(early50);
    assertThat(weight(late)).isLessThan(weight(early));
  }

  private static double weight(FieldSeason season) {
    return season.termination().orElseThrow().mat().orElseThrow().middle();
  }

  private static FieldCase field(CoverPlan plan) {
    return new FieldCase(LAND, BEANS, Optional.of(plan), NEXT);
  }

  private static SeasonComposer composer(LocalDate today) {
    Outlook outlook = TestWeather.outlook(today);
    return new SeasonComposer(outlook, HouseRules.usual(Figures.shipped()));
  }
}
