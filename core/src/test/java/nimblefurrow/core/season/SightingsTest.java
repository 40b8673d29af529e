package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.CurveScale;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;

/** What is seen in the field moves its own forecast, by as much as it says and no more. */
class SightingsTest {
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Species VETCH = Catalogue.shipped().species("hairy-vetch");
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 20);
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 18);
  private static final Outlook OUTLOOK = TestWeather.outlook(TODAY);
  private static final CoverPlan PLAN =
      CoverPlan.of(Mix.of(RYE).and(VETCH, 0.5), Goal.SMOTHER_WEEDS, WayIn.DRILL, Route.ROLL)
          .sown(SOWN);

  private static Sightings stems(String species, int past) {
    return new Sightings(
        List.of(new Sightings.Stems(TODAY, species, new StemCount(5, 50, past))), List.of());
  }

  private static double heatToday() {
    return new StageForecast(RYE, CoverStand.sown(PLAN.mix(), SOWN), OUTLOOK)
        .heatOn(TODAY)
        .middle()
        .orElseThrow();
  }

  @Test
  void aCountPutsTheFloweringMeanWhereItWasSeen() {
    CoverPlan anchored = stems("cereal-rye", 30).anchor(PLAN, OUTLOOK);
    // 60 % past flowering: the mean lies 45 × 0.2533 = 11.4 °F-days behind today's heat; rye's
    // starting value is 900.
    assertThat(anchored.stageShift().get("cereal-rye"))
        .isCloseTo(heatToday() - 11.4 - 900, within(0.05));
    assertThat(anchored.stageShift()).doesNotContainKey("hairy-vetch");
  }

  @Test
  void everyStageOfTheSpeciesMovesTogether() {
    CoverPlan anchored = stems("cereal-rye", 10).anchor(PLAN, OUTLOOK);
    CoverStand before = CoverStand.sown(PLAN.mix(), SOWN);
    CoverStand after =
        new CoverStand(PLAN.mix(), SOWN, 1, anchored.stageShift(), CurveScale.UNSAMPLED);
    double shift = anchored.stageShift().get("cereal-rye");
    for (CoverStage stage : CoverStage.values()) {
      double was = new StageForecast(RYE, before, OUTLOOK).mean(stage).orElseThrow();
      assertThat(new StageForecast(RYE, after, OUTLOOK).mean(stage).orElseThrow())
          .isCloseTo(was + shift, within(1e-9));
    }
  }

  @Test
  void aSecondCountReplacesTheFirstRatherThanAddingToIt() {
    Sightings.Stems first = new Sightings.Stems(TODAY, "cereal-rye", new StemCount(5, 50, 10));
    Sightings.Stems second = new Sightings.Stems(TODAY, "cereal-rye", new StemCount(5, 50, 30));
    CoverPlan both = new Sightings(List.of(first, second), List.of()).anchor(PLAN, OUTLOOK);
    CoverPlan last = new Sightings(List.of(second), List.of()).anchor(PLAN, OUTLOOK);
    assertThat(both.stageShift().get("cereal-rye"))
        .isCloseTo(last.stageShift().get("cereal-rye"), within(1e-9));
  }

  @Test
  void moreStemsPastNeverMeanLater() {
    double before = Double.POSITIVE_INFINITY;
    for (int past = 1; past < 50; past += 4) {
      double shift = stems("cereal-rye", past).anchor(PLAN, OUTLOOK).stageShift().get("cereal-rye");
      assertThat(shift).isLessThan(before);
      before = shift;
    }
  }

  @Test
  void whatCannotBeAnchoredStaysAsItIs() {
    CoverPlan unsown = CoverPlan.of(PLAN.mix(), PLAN.goal(), PLAN.way(), PLAN.route());
    assertThat(stems("cereal-rye", 30).anchor(unsown, OUTLOOK)).isEqualTo(unsown);
    assertThat(stems("oats", 30).anchor(PLAN, OUTLOOK).stageShift()).isEmpty();
    assertThat(Sightings.NONE.anchor(PLAN, OUTLOOK)).isSameAs(PLAN);
  }

  @Test
  void samplesPullTheCurveAndTightenIt() {
    LocalDate day = LocalDate.of(2027, 4, 20);
    double curve =
        new MatForecast(CoverStand.sown(PLAN.mix(), SOWN), OUTLOOK).curveOn(day).poundsPerAcre();
    double grams = 2 * curve / 96.03; // twice the curve on one square foot
    Quadrats frames = new Quadrats(1, List.of(grams * 0.9, grams, grams * 1.1, grams));
    CoverPlan once =
        new Sightings(List.of(), List.of(new Sightings.Sample(day, frames))).anchor(PLAN, OUTLOOK);
    CoverPlan twice =
        new Sightings(
                List.of(),
                List.of(
                    new Sightings.Sample(day, frames),
                    new Sightings.Sample(day.plusDays(1), frames)))
            .anchor(PLAN, OUTLOOK);
    assertThat(once.scale().factor(Figures.shipped())).isBetween(1.7, 2.0);
    assertThat(once.scale().spread(Figures.shipped())).isLessThan(0.35);
    assertThat(twice.scale().spread(Figures.shipped()))
        .isLessThan(once.scale().spread(Figures.shipped()));
  }
}
