package nimblefurrow.core.season.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
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
      CoverPlan.of(
              Mix.of(RYE).and(VETCH, 0.5),
              Goal.SMOTHER_WEEDS,
              SeedingMethod.DRILL,
              TerminationMethod.ROLL)
          .sown(SOWN);

  private static final StandConditions ENOUGH = StandConditions.ENOUGH;

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

  private static StageBelief rye(CoverPlan plan) {
    return plan.seen().stages().get("cereal-rye");
  }

  @Test
  void aCountPullsTheFloweringMeanToWhereItWasSeen() {
    CoverPlan anchored = stems("cereal-rye", 30).anchor(PLAN, ENOUGH, OUTLOOK);
    // 60 % past flowering: the mean lies 45 × 0.2533 = 11.4 °F-days behind today's heat; rye's
    // starting value is 900, held with an SD of 90, so nearly all of the way is gone.
    double whole = heatToday() - 11.4 - 900;
    assertThat(rye(anchored).laterBy() / whole).isBetween(0.85, 1.0);
    assertThat(rye(anchored).sd()).isLessThan(25);
    assertThat(anchored.seen().stages()).doesNotContainKey("hairy-vetch");
  }

  @Test
  void everyStageOfTheSpeciesMovesTogether() {
    CoverPlan anchored = stems("cereal-rye", 10).anchor(PLAN, ENOUGH, OUTLOOK);
    CoverStand before = CoverStand.sown(PLAN.mix(), SOWN);
    CoverStand after = before.with(anchored.seen());
    for (CoverStage stage : CoverStage.values()) {
      double was = new StageForecast(RYE, before, OUTLOOK).mean(stage).orElseThrow();
      assertThat(new StageForecast(RYE, after, OUTLOOK).mean(stage).orElseThrow())
          .isCloseTo(was + rye(anchored).laterBy(), within(1e-9));
    }
  }

  @Test
  void aSecondCountMakesItSurerStill() {
    Sightings.Stems first = new Sightings.Stems(TODAY, "cereal-rye", new StemCount(5, 50, 30));
    CoverPlan once = new Sightings(List.of(first), List.of()).anchor(PLAN, ENOUGH, OUTLOOK);
    CoverPlan twice = new Sightings(List.of(first, first), List.of()).anchor(PLAN, ENOUGH, OUTLOOK);
    assertThat(rye(twice).sd()).isLessThan(rye(once).sd()).isGreaterThan(15);
  }

  @Test
  void moreStemsPastNeverMeanLater() {
    double before = Double.POSITIVE_INFINITY;
    for (int past = 1; past < 50; past += 4) {
      double shift = rye(stems("cereal-rye", past).anchor(PLAN, ENOUGH, OUTLOOK)).laterBy();
      assertThat(shift).isLessThan(before);
      before = shift;
    }
  }

  @Test
  void whatCannotBeAnchoredStaysAsItIs() {
    CoverPlan unsown = CoverPlan.of(PLAN.mix(), PLAN.goal(), PLAN.way(), PLAN.termination());
    assertThat(stems("cereal-rye", 30).anchor(unsown, ENOUGH, OUTLOOK)).isEqualTo(unsown);
    assertThat(stems("oats", 30).anchor(PLAN, ENOUGH, OUTLOOK).seen().stages()).isEmpty();
    assertThat(Sightings.NONE.anchor(PLAN, ENOUGH, OUTLOOK)).isSameAs(PLAN);
  }

  @Test
  void samplesPullTheCurveAndTightenIt() {
    LocalDate day = LocalDate.of(2027, 4, 20);
    double curve =
        new MatForecast(CoverStand.sown(PLAN.mix(), SOWN), OUTLOOK).curveOn(day).poundsPerAcre();
    double grams = 2 * curve / 96.03; // twice the curve on one square foot
    Quadrats frames = new Quadrats(1, List.of(grams * 0.9, grams, grams * 1.1, grams));
    CoverPlan once =
        new Sightings(List.of(), List.of(new MatSight.Clipped(day, frames)))
            .anchor(PLAN, ENOUGH, OUTLOOK);
    CoverPlan twice =
        new Sightings(
                List.of(),
                List.of(
                    new MatSight.Clipped(day, frames),
                    new MatSight.Clipped(day.plusDays(1), frames)))
            .anchor(PLAN, ENOUGH, OUTLOOK);
    MatForecast anchored =
        new MatForecast(CoverStand.sown(PLAN.mix(), SOWN).with(once.seen()), OUTLOOK);
    assertThat(anchored.on(day).middle() / curve).isBetween(1.6, 2.0);
    assertThat(once.seen().mat().variance()).isLessThan(0.25);
    assertThat(twice.seen().mat().variance()).isLessThan(once.seen().mat().variance());
  }

  /** What the winter took is taken off a count of the same day, not off one of a later day. */
  @Test
  void theWinterIsTakenOffAStandCountedOnThatDay() {
    assertThat(plants(TODAY, TODAY)).isCloseTo(0.5 * plants(TODAY, null), within(1e-9));
    assertThat(plants(TODAY, TODAY.plusDays(1))).isEqualTo(plants(TODAY, TODAY));
    assertThat(plants(TODAY, TODAY.minusDays(1))).isEqualTo(plants(TODAY, null));
  }

  private static double plants(LocalDate counted, LocalDate wintered) {
    Sightings.Stand stand =
        new Sightings.Stand(
            counted, "cereal-rye", new StandCount(List.of(10, 14), 1, Optional.empty()));
    List<Sightings.Wintered> winters =
        wintered == null
            ? List.of()
            : List.of(new Sightings.Wintered(wintered, "cereal-rye", Share.of(0.5)));
    return new Sightings(List.of(), List.of(), List.of(stand), winters, false)
        .anchor(PLAN, ENOUGH, OUTLOOK)
        .seen()
        .plants()
        .get("cereal-rye");
  }
}
