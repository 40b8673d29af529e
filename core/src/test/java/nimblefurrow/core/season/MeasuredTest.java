package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SampleMean;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.season.call.Reseed;
import nimblefurrow.core.season.call.ThinStand;
import nimblefurrow.core.season.look.GroundLooks;
import nimblefurrow.core.season.look.Look;
import nimblefurrow.core.season.look.MatSight;
import nimblefurrow.core.season.look.Sightings;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

/** Height, green ground, ruts, nitrogen and growth week by week. */
class MeasuredTest {
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 20);
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 10);
  private static final Outlook OUTLOOK = TestWeather.outlook(TODAY);
  private static final Mix MIX = Mix.of(RYE);
  private static final CoverPlan PLAN =
      CoverPlan.of(MIX, Goal.SMOTHER_WEEDS, SeedingMethod.DRILL, TerminationMethod.ROLL).sown(SOWN);
  private static final FieldFacts LAND =
      new FieldFacts(Area.ofAcres(80), SoilTexture.SILT_LOAM, false, false);

  private static CoverPlan seen(MatSight... sights) {
    return new Sightings(List.of(), List.of(sights)).anchor(PLAN, StandConditions.ENOUGH, OUTLOOK);
  }

  private static MatForecast mat(CoverPlan plan) {
    return new MatForecast(CoverStand.sown(MIX, SOWN).with(plan.seen()), OUTLOOK);
  }

  private static SampleMean spots(double value) {
    return new SampleMean(new double[] {value, value, value, value, value});
  }

  @Test
  void aHeightMovesTheWeightLessThanAClippingAndSetsTheHeight() {
    LocalDate day = LocalDate.of(2027, 5, 1);
    double expected = CoverHeight.on(mat(PLAN), day).inches();
    CoverPlan tall = seen(new MatSight.Tall(day, spots(1.2 * expected)));
    assertThat(CoverHeight.on(mat(tall), day).inches()).isCloseTo(1.2 * expected, within(0.01));
    double before = mat(PLAN).on(day).middle();
    double byHeight = mat(tall).on(day).middle();
    double pounds = mat(PLAN).curveOn(day).poundsPerAcre() * Math.pow(1.2, 1.5);
    double frame = pounds / 96.03;
    CoverPlan clipped =
        seen(new MatSight.Clipped(day, new Quadrats(1, List.of(frame, frame, frame, frame))));
    double byClip = mat(clipped).on(day).middle();
    assertThat(byHeight).isGreaterThan(1.05 * before).isLessThan(byClip);
    assertThat(mat(tall).on(day).high() / mat(tall).on(day).low())
        .isGreaterThan(mat(clipped).on(day).high() / mat(clipped).on(day).low());
  }

  @Test
  void greenGroundTellsWhileItIsOpenAndLittleOnceItIsClosed() {
    LocalDate open = LocalDate.of(2027, 3, 25);
    double covered = mat(PLAN).groundCoverOn(open);
    assertThat(covered).isBetween(.2, .9);
    CoverPlan less = seen(new MatSight.Green(open, spots(covered / 2), true));
    assertThat(mat(less).on(open).middle()).isLessThan(.85 * mat(PLAN).on(open).middle());
    CoverPlan same = seen(new MatSight.Green(open, spots(covered), true));
    assertThat(mat(same).on(open).middle() / mat(PLAN).on(open).middle()).isBetween(.93, 1.07);
    // By eye it is less sure than by a photo, so it moves less.
    CoverPlan eye = seen(new MatSight.Green(open, spots(covered / 2), false));
    assertThat(mat(eye).on(open).middle()).isGreaterThan(mat(less).on(open).middle());
    LocalDate closed = LocalDate.of(2027, 5, 5);
    CoverPlan full = seen(new MatSight.Green(closed, spots(1), true));
    assertThat(mat(full).on(closed).middle() / mat(PLAN).on(closed).middle()).isBetween(.95, 1.25);
  }

  @Test
  void coverAndWeightAreEachOthersInverse() {
    LocalDate open = LocalDate.of(2027, 3, 25);
    MatForecast.Covering at = mat(PLAN).covering(.5, open);
    double more = mat(PLAN).covering(.6, open).mat().poundsPerAcre();
    assertThat(more).isGreaterThan(at.mat().poundsPerAcre());
    double expected = (.6 - .5) / Math.log(more / at.mat().poundsPerAcre());
    assertThat(at.slope()).isCloseTo(expected, within(.06));
  }

  private static FieldSeason season(CoverPlan plan, FieldFacts land, Outlook outlook) {
    return new SeasonComposer(outlook, HouseRules.usual(Figures.shipped()))
        .compose(
            new FieldCase(
                land,
                CropPlanting.corn(LocalDate.of(2026, 5, 1), 105, 20),
                Optional.of(plan),
                new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12))));
  }

  @Test
  void rutsTakeFromTheRollersKill() {
    CoverPlan rutted =
        new Sightings(List.of(), List.of(), List.of(), List.of(), true)
            .anchor(PLAN, StandConditions.ENOUGH, OUTLOOK);
    double whole = season(PLAN, LAND, OUTLOOK).termination().orElseThrow().kill().orElseThrow();
    double less = season(rutted, LAND, OUTLOOK).termination().orElseThrow().kill().orElseThrow();
    assertThat(less / whole).isCloseTo(.92, within(1e-6));
  }

  @Test
  void nitrogenWrittenDownFeedsTheCover() {
    Figures f = Figures.shipped();
    assertThat(FedGround.nitrogen(List.of(), f)).isEmpty();
    assertThat(FedGround.nitrogen(List.of(new FedGround.Note(false, 30)), f)).contains(70.0);
    assertThat(
            FedGround.nitrogen(
                List.of(
                    new FedGround.Note(false, 90),
                    new FedGround.Note(true, 20),
                    new FedGround.Note(false, 30)),
                f))
        .contains(50.0);
    double poor =
        season(PLAN, LAND.fed(Optional.of(20.0)), OUTLOOK).mat().orElseThrow().on(TODAY).middle();
    double rich =
        season(PLAN, LAND.fed(Optional.of(120.0)), OUTLOOK).mat().orElseThrow().on(TODAY).middle();
    assertThat(poor).isLessThan(.8 * rich);
  }

  @Test
  void rainOfAGaugeIsDrunk() {
    Map<LocalDate, Double> dry = new java.util.HashMap<>();
    for (LocalDate d = LocalDate.of(2027, 3, 1); d.isBefore(TODAY); d = d.plusDays(1)) {
      dry.put(d, 0.0);
    }
    assertThat(dry).hasSize(70);
    FieldFacts land = new FieldFacts(Area.ofAcres(80), SoilTexture.SAND, false, false);
    double station = season(PLAN, land, OUTLOOK).mat().orElseThrow().on(TODAY).middle();
    double gauge =
        season(PLAN, land.with(new GroundSeen(dry, Map.of())), OUTLOOK)
            .mat()
            .orElseThrow()
            .on(TODAY)
            .middle();
    assertThat(gauge).isLessThan(station);
  }

  @Test
  void growthIsToldWeekByWeekUntilTheMatIsGone() {
    LocalDate day = LocalDate.of(2027, 5, 1);
    CoverPlan tall =
        seen(new MatSight.Tall(day, spots(1.2 * CoverHeight.on(mat(PLAN), day).inches())));
    GrowthTable table = GrowthTable.of(season(tall, LAND, OUTLOOK)).orElseThrow();
    assertThat(table.living()).hasSizeGreaterThan(20);
    GrowthTable.Living last = table.living().get(table.living().size() - 1);
    assertThat(last.date()).isEqualTo(table.ends());
    assertThat(last.before().orElseThrow().middle()).isLessThan(last.mat().middle());
    assertThat(last.nitrogenLbAc()).isCloseTo(table.nitrogen().contentLbAc(), within(.5));
    double before = -1;
    for (GrowthTable.Living week : table.living()) {
      assertThat(week.groundCover()).isBetween(0.0, 1.0);
      assertThat(week.carbonToNitrogen()).isGreaterThanOrEqualTo(before);
      before = week.carbonToNitrogen();
    }
    double lies = Double.MAX_VALUE;
    for (GrowthTable.Dead week : table.dead()) {
      assertThat(week.mat()).isLessThan(lies);
      assertThat(Math.abs(week.releasedLbAc()))
          .isLessThanOrEqualTo(Math.abs(table.nitrogen().availableLbAc()) + 1e-9);
      lies = week.mat();
    }
    assertThat(table.dead()).hasSizeGreaterThan(5);
    assertThat(GrowthTable.of(season(PLAN, LAND, OUTLOOK)).orElseThrow().living().get(0).before())
        .isEmpty();
  }

  @Test
  void aThinStandIsSetAgainstSowingAgain() {
    LocalDate fall = LocalDate.of(2026, 9, 27);
    Outlook outlook = TestWeather.outlook(fall);
    StandCount thin = new StandCount(List.of(4, 3, 5, 4), 1, Optional.empty());
    CoverPlan counted =
        new Sightings(
                List.of(),
                List.of(),
                List.of(new Sightings.Stand(fall, "cereal-rye", thin)),
                List.of(),
                false)
            .anchor(PLAN, StandConditions.ENOUGH, outlook);
    FieldSeason season = season(counted, LAND, outlook);
    Reseed again = Reseed.of(season).orElseThrow();
    assertThat(again.by()).isAfter(fall);
    assertThat(again.seed()).isPositive();
    assertThat(again.pays()).isEqualTo(again.gain() > 0);
    assertThat(again.says().toString()).isNotBlank();
    assertThat(Reseed.of(season(PLAN, LAND, outlook))).as("nobody has counted").isEmpty();
    double stems = ThinStand.stems(season, RYE, thin).orElseThrow();
    assertThat(stems).isBetween(8.0, 32.0);
    assertThat(ThinStand.says(season, RYE, thin)).isPresent();
  }

  @Test
  void looksBesideTheCoverComeWhenTheyCanChangeSomething() {
    FitDays fit = new FitDays(OUTLOOK);
    CoverPlan ended = PLAN.ended(TODAY.minusDays(8));
    List<Look> looks = GroundLooks.of(season(ended, LAND, OUTLOOK), Optional.empty(), OUTLOOK, fit);
    assertThat(looks).extracting(Look::kind).contains(Look.Kind.KILL);
    assertThat(GroundLooks.of(season(ended, LAND, OUTLOOK), Optional.of(TODAY), OUTLOOK, fit))
        .extracting(Look::kind)
        .doesNotContain(Look.Kind.KILL);
    LocalDate september = LocalDate.of(2026, 8, 27);
    Outlook then = TestWeather.outlook(september);
    CoverPlan flown =
        CoverPlan.of(
            MIX, Goal.SMOTHER_WEEDS, SeedingMethod.AIRPLANE, TerminationMethod.PLANT_GREEN);
    assertThat(GroundLooks.of(season(flown, LAND, then), Optional.empty(), then, new FitDays(then)))
        .extracting(Look::kind)
        .contains(Look.Kind.LIGHT);
  }

  @Test
  void summerSownCoversTellTheirStagesFromSowing() {
    Species buckwheat = Catalogue.shipped().species("buckwheat");
    LocalDate sown = LocalDate.of(2026, 6, 25);
    Outlook outlook = TestWeather.outlook(LocalDate.of(2026, 7, 1));
    StageForecast stages =
        new StageForecast(buckwheat, CoverStand.sown(Mix.of(buckwheat), sown), outlook);
    assertThat(stages.start()).isEqualTo(sown);
    assertThat(stages.mean(CoverStage.HEADING)).contains(550.0);
    LocalDate blooms = stages.when(CoverStage.HEADING).flatMap(d -> d.median()).orElseThrow();
    LocalDate seeds = stages.when(CoverStage.VIABLE_SEED).flatMap(d -> d.median()).orElseThrow();
    // July days of 87/66 °F gather about 26 a day above 50: three weeks, and six.
    assertThat(java.time.temporal.ChronoUnit.DAYS.between(sown, blooms)).isBetween(18L, 28L);
    assertThat(java.time.temporal.ChronoUnit.DAYS.between(sown, seeds)).isBetween(38L, 54L);
    assertThat(stages.sharesOn(blooms).get(CoverStage.HEADING)).isBetween(.3, .7);
  }
}
