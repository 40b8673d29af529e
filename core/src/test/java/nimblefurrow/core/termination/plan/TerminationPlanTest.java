package nimblefurrow.core.termination.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.kill.LearntKill;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a crew and a planter are told before a cover is ended, and what can be done after. */
class TerminationPlanTest {
  private static final Figures F = Figures.shipped();
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 9, 1));
  private static final FitDays FIT = new FitDays(OUTLOOK);
  private static final Footing GROUND = new Footing(SoilTexture.SILT_LOAM, false, true);
  private static final LocalDate PLANTED = LocalDate.of(2027, 5, 12);

  private static PlanCase at(
      String species, CropKind crop, LocalDate ended, TerminationDate... dates) {
    MatForecast mat =
        new MatForecast(
            CoverStand.sown(
                Mix.of(Catalogue.shipped().species(species)), LocalDate.of(2026, 9, 12)),
            OUTLOOK);
    return new PlanCase(
        mat,
        new NextCrop(crop, PLANTED),
        ended,
        FIT,
        GROUND,
        Optional.of(Length.ofFeet(20)),
        Optional.of("north and south"),
        List.of(dates));
  }

  private static List<String> said(List<PlanLine> lines, String topic) {
    return lines.stream()
        .filter(l -> l.topic().equals(topic))
        .map(l -> l.says().in(UnitSystem.US))
        .toList();
  }

  @ParameterizedTest
  @CsvSource({
    "2027-05-10,false,planting is meant for 12 May",
    "2027-05-15,true,plant that day",
    "2027-05-22,false,over the crop on 22 May",
    "2027-06-05,true,too tall for the roller"
  })
  void theRollersPlaceBesideThePlanterFollowsTheDay(LocalDate day, boolean warns, String says) {
    List<PlanLine> plan = RollPlan.of(at("cereal-rye", CropKind.SOYBEANS, day));
    PlanLine order = plan.get(0);
    assertThat(order.topic()).isEqualTo("order");
    assertThat(order.warns()).isEqualTo(warns);
    assertThat(order.says().in(UnitSystem.US)).contains(says);
  }

  /** 20 ft at 200 lb are 4,000 lb; empty 2,600; 1,400 lb are 168 gal of water. */
  @Test
  void theRollersWaterIsByHand() {
    List<PlanLine> plan =
        RollPlan.of(at("crimson-clover", CropKind.SOYBEANS, LocalDate.of(2027, 5, 18)));
    assertThat(said(plan, "weight").get(0))
        .startsWith("about 4000 lb in all: fill some 170 gal of water")
        .endsWith("if it weighs 2600 lb empty");
    assertThat(said(plan, "direction").get(0)).contains("north and south");
    assertThat(said(plan, "speed").get(0)).startsWith("3 mph to 6 mph");
  }

  @Test
  void theExpectedKillIsARangeWithItsFactors() {
    List<PlanLine> plan =
        RollPlan.of(at("cereal-rye", CropKind.SOYBEANS, LocalDate.of(2027, 5, 25)));
    assertThat(said(plan, "expected kill").get(0))
        .matches("cereal rye on a good day: \\d+ % to .*");
    assertThat(said(plan, "its factors").get(0)).contains("by the stage of its stems");
    assertThat(said(plan, "second pass").get(0)).startsWith("5 to 7 days later");
    assertThat(said(plan, "what takes from it").get(0)).contains("wet leaves leave 85 % of it");
    List<PlanLine> early =
        RollPlan.of(at("cereal-rye", CropKind.SOYBEANS, LocalDate.of(2027, 4, 2)));
    assertThat(said(early, "height").get(0)).contains("under 1");
    assertThat(early.stream().filter(l -> l.topic().equals("height")).toList())
        .allMatch(PlanLine::warns);
  }

  @Test
  void cornIntoLivingGrassIsWarnedOfAndFed() {
    List<PlanLine> corn = GreenPlan.of(at("cereal-rye", CropKind.CORN_GRAIN, PLANTED));
    assertThat(corn.get(0).warns()).isTrue();
    assertThat(said(corn, "nitrogen").get(0)).contains("or more in the starter");
    assertThat(said(corn, "armyworm")).hasSize(1);
    List<PlanLine> beans = GreenPlan.of(at("cereal-rye", CropKind.SOYBEANS, PLANTED));
    assertThat(beans.get(0).warns()).isFalse();
    assertThat(said(beans, "armyworm")).isEmpty();
    assertThat(said(beans, "insurance").get(0)).contains("ask your agent");
    List<PlanLine> vetch = GreenPlan.of(at("hairy-vetch", CropKind.CORN_GRAIN, PLANTED));
    assertThat(said(vetch, "nitrogen").get(0)).startsWith("the cover gives about");
  }

  @Test
  void anInsurersDayIsPartOfTheChecklist() {
    TerminationDate date =
        new TerminationDate("crop insurance", TerminationDate.Kind.DEAD_BY, MonthDay.of(5, 5));
    List<PlanLine> plan = GreenPlan.of(at("cereal-rye", CropKind.SOYBEANS, PLANTED, date));
    assertThat(said(plan, "insurance"))
        .containsExactly(
            "crop insurance wants it dead by 5 May, this is 12 May: ask your agent first");
  }

  /** Every part has one setting for a mat in a state, whatever it weighs. */
  @ParameterizedTest
  @EnumSource(PlanterSettings.State.class)
  void thePlanterIsToldEachPartOnce(PlanterSettings.State state) {
    int mats = 0;
    for (double pounds = 500; pounds <= 12_000; pounds += 500) {
      List<String> parts =
          PlanterSettings.of(pounds, state, F).stream().map(PlanLine::topic).toList();
      assertThat(parts).doesNotHaveDuplicates().contains("coulter", "row cleaners", "down force");
      mats++;
    }
    assertThat(mats).isEqualTo(24);
  }

  @ParameterizedTest
  @EnumSource(TerminationMethod.class)
  void everyWayHasAPlanInWords(TerminationMethod termination) {
    List<PlanLine> plan =
        TerminationPlan.of(
            at("cereal-rye", CropKind.SOYBEANS, LocalDate.of(2027, 5, 20)), termination);
    assertThat(plan).isNotEmpty();
    assertThat(plan).allMatch(l -> !l.says().in(UnitSystem.METRIC).contains("{}"));
    assertThat(plan).allMatch(l -> !l.says().in(UnitSystem.METRIC).contains(" lb"));
  }

  @Test
  void aRescueHasItsDaysAndItsPrice() {
    LocalDate rolled = LocalDate.of(2027, 5, 22);
    List<Rescue> all = Rescue.after(rolled, TerminationMethod.ROLL, PLANTED, false, rolled, F);
    assertThat(all).hasSize(3);
    assertThat(all.get(0).from()).isEqualTo(rolled.plusDays(5));
    assertThat(all.get(0).to()).isEqualTo(rolled.plusDays(7));
    assertThat(all.get(0).dollars()).isEqualTo(10);
    List<Rescue> organic =
        Rescue.after(rolled, TerminationMethod.ROLL, PLANTED, true, rolled.plusDays(10), F);
    assertThat(organic).as("the second roll is over, and no spray").hasSize(1);
    assertThat(
            Rescue.after(
                rolled, TerminationMethod.EARLY_SPRAY, PLANTED, false, rolled.plusDays(90), F))
        .isEmpty();
  }

  /** By hand: logit .75 − logit .85 = −.636; three of 3 + 4 count; 85 % becomes 81.2 %. */
  @Test
  void threeRatingsMoveTheKillPartOfTheWay() {
    LearntKill.Rated low = new LearntKill.Rated(0.85, 0.75);
    LearntKill learnt = LearntKill.of(List.of(low, low, low), 0, F);
    assertThat(learnt.ratings()).isEqualTo(3);
    assertThat(learnt.shift()).isCloseTo(-0.2726, within(0.0005));
    assertThat(LearntKill.moved(0.85, learnt.shift())).isCloseTo(0.8118, within(0.0005));
    assertThat(LearntKill.of(List.of(), 0.3, F).shift()).isEqualTo(0.3);
  }

  @Test
  void moreRatingsCountMoreAndNothingBecomesCertain() {
    double before = 0;
    int steps = 0;
    for (int n = 1; n <= 30; n++) {
      LearntKill.Rated[] rated = new LearntKill.Rated[n];
      Arrays.fill(rated, new LearntKill.Rated(0.85, 0.6));
      double shift = LearntKill.of(List.of(rated), 0, F).shift();
      assertThat(shift).isLessThan(before);
      assertThat(LearntKill.moved(0.85, shift)).isGreaterThan(0.6);
      before = shift;
      steps++;
    }
    assertThat(steps).isEqualTo(30);
    assertThat(LearntKill.moved(0, -1)).isZero();
    assertThat(LearntKill.moved(1, -1)).isEqualTo(1);
  }
}
