package nimblefurrow.core.termination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.termination.kill.Conditions;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.termination.kill.RollerKill;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TerminationTest {
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Species VETCH = Catalogue.shipped().species("hairy-vetch");
  private static final Species CLOVER = Catalogue.shipped().species("crimson-clover");
  private static final Species OATS = Catalogue.shipped().species("oats");
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 9, 1));
  private static final Length TALL = Length.ofInches(48);
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 28);
  private static final NextCrop BEANS = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
  private static final NextCrop CORN = new NextCrop(CropKind.CORN_GRAIN, LocalDate.of(2027, 5, 2));

  @Test
  void sixtyFloweringFortyHeadedIsSixtyNine() {
    double[] shares = {0, 0, 0.4, 0, 0.6, 0, 0};
    assertThat(RollerKill.of(RYE, shares, Conditions.GOOD))
        .hasValueSatisfying(k -> assertThat(k).isCloseTo(.69, within(.005)));
    Conditions dull = new Conditions(false, false, true, true, false, false, TALL);
    assertThat(RollerKill.of(RYE, shares, dull).orElseThrow()).isCloseTo(.59, within(.005));
  }

  @Test
  void onlyTheWorstOfTheAirCounts() {
    assertThat(
            new Conditions(true, true, true, false, false, false, TALL).factor(Figures.shipped()))
        .isEqualTo(0.85);
    assertThat(new Conditions(false, true, true, true, true, true, TALL).factor(Figures.shipped()))
        .isCloseTo(0.92 * 0.90 * 0.92 * 0.88, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({"48,1", "24,1", "23.9,0.8", "12,0.8", "11.9,0"})
  void aLowStandIsCrimpedPoorlyOrNotAtAll(double inches, double factor) {
    assertThat(Conditions.GOOD.withHeight(Length.ofInches(inches)).factor(Figures.shipped()))
        .isEqualTo(factor);
  }

  @Test
  void stemClassesAddUpAndMoveOn() {
    StageForecast rye = new StageForecast(RYE, CoverStand.sown(Mix.of(RYE), SOWN), OUTLOOK);
    double before = 0;
    for (double heat = 100; heat < 1600; heat += 20) {
      double[] shares = RollerKill.classes(rye, heat);
      assertThat(Arrays.stream(shares).sum()).isCloseTo(1, within(1e-9));
      assertThat(Arrays.stream(shares).min().orElseThrow()).isNotNegative();
      double kill = RollerKill.of(RYE, shares, Conditions.GOOD).orElseThrow();
      assertThat(kill).isGreaterThanOrEqualTo(before - 1e-9);
      before = kill;
    }
    assertThat(before).isCloseTo(0.96, within(0.005));
  }

  @Test
  void aSecondPassTakesSixTenthsOfWhatIsLeft() {
    assertThat(RollerKill.second(0.7, 0.9, Figures.shipped()))
        .isCloseTo(0.7 + 0.3 * 0.54, within(1e-12));
  }

  @Test
  void aSpeciesWithoutARowHasNoFigure() {
    Species radish = Catalogue.shipped().species("radish");
    assertThat(RollerKill.of(radish, new double[7], Conditions.GOOD)).isEmpty();
    assertThat(HerbicideKill.of(radish)).isEmpty();
  }

  @Test
  void ryeIsSprayedSmallBeforeBootAndDeadTwoWeeksBeforeCorn() {
    TerminationOutlook corn =
        rules(Mix.of(RYE), CORN, false).termination(TerminationMethod.EARLY_SPRAY);
    assertThat(corn.closes().median().orElseThrow())
        .isBeforeOrEqualTo(CORN.planned().minusDays(14));
    assertThat(corn.kill().orElseThrow()).isBetween(0.94, 0.97);
    TerminationOutlook beans =
        rules(Mix.of(RYE), BEANS, false).termination(TerminationMethod.EARLY_SPRAY);
    assertThat(beans.closes().median().orElseThrow()).isAfter(corn.closes().median().orElseThrow());
  }

  @Test
  void plantingGreenFollowsThePlanterAndWarnsForCorn() {
    TerminationOutlook beans =
        rules(Mix.of(RYE), BEANS, false).termination(TerminationMethod.PLANT_GREEN);
    assertThat(beans.aim()).contains(BEANS.planned());
    assertThat(beans.closes().median()).contains(BEANS.planned().plusDays(5));
    assertThat(said(rules(Mix.of(RYE), CORN, false).termination(TerminationMethod.PLANT_GREEN)))
        .contains("30 lb/ac");
    assertThat(said(beans)).doesNotContain("30 lb/ac");
  }

  @Test
  void rollingWaitsForFloweringAndEndsBeforeSeed() {
    TerminationOutlook roll = rules(Mix.of(RYE), BEANS, true).termination(TerminationMethod.ROLL);
    LocalDate opens = roll.opens().median().orElseThrow();
    LocalDate closes = roll.closes().median().orElseThrow();
    assertThat(opens).isBetween(LocalDate.of(2027, 5, 8), LocalDate.of(2027, 5, 30));
    assertThat(closes).isAfter(opens.plusDays(7));
    assertThat(roll.kill().orElseThrow()).isBetween(0.6, 0.9);
    HouseRules milk =
        new HouseRules(
            HouseRules.OverCorn.HALF_LEAVES_GONE,
            HouseRules.OverBeans.BEFORE_LEAF_DROP,
            HouseRules.Rolling.MILK,
            HouseRules.Rolling.MILK,
            HouseRules.Placing.ORDINARY,
            HouseRules.Rows.SHALLOW_ANGLE,
            Figures.shipped());
    TerminationOutlook later =
        new TerminationRules(
                new MatForecast(CoverStand.sown(Mix.of(RYE), SOWN), OUTLOOK), BEANS, true, milk)
            .termination(TerminationMethod.ROLL);
    assertThat(later.opens().median().orElseThrow()).isAfter(opens);
    assertThat(later.kill().orElseThrow()).isGreaterThan(roll.kill().orElseThrow());
  }

  @Test
  void aMixWaitsForItsLatestAndFearsItsEarliest() {
    TerminationOutlook rye = rules(Mix.of(RYE), BEANS, false).termination(TerminationMethod.ROLL);
    TerminationOutlook both =
        rules(Mix.of(RYE).and(VETCH, 0.5), BEANS, false).termination(TerminationMethod.ROLL);
    assertThat(both.opens().median().orElseThrow()).isAfter(rye.opens().median().orElseThrow());
    assertThat(both.closes().median()).isEqualTo(rye.closes().median());
    TerminationOutlook clash =
        rules(Mix.of(CLOVER).and(VETCH, 0.5), BEANS, false).termination(TerminationMethod.ROLL);
    assertThat(clash.impossible().orElseThrow().in(UnitSystem.US)).contains("viable seed");
    assertThat(clash.remedy()).isPresent();
  }

  @Test
  void deadMembersDropOutOfTheRollWindow() {
    TerminationOutlook rye = rules(Mix.of(RYE), BEANS, false).termination(TerminationMethod.ROLL);
    TerminationOutlook withOats =
        rules(Mix.of(RYE).and(OATS, 0.3), BEANS, false).termination(TerminationMethod.ROLL);
    assertThat(withOats.opens().median()).isEqualTo(rye.opens().median());
  }

  @ParameterizedTest
  @EnumSource(
      value = TerminationMethod.class,
      names = {"EARLY_SPRAY", "PLANT_GREEN"})
  void organicFieldsRefuseHerbicide(TerminationMethod termination) {
    TerminationOutlook refused = rules(Mix.of(RYE), BEANS, true).termination(termination);
    assertThat(refused.impossible().orElseThrow().in(UnitSystem.US)).contains("organic");
    assertThat(refused.aim()).isEmpty();
  }

  @Test
  void winterKillIsForWhatTheWinterKills() {
    TerminationOutlook oats =
        rules(Mix.of(OATS), BEANS, true).termination(TerminationMethod.WINTER_KILL);
    assertThat(oats.kill().orElseThrow()).isGreaterThan(0.9);
    TerminationOutlook rye =
        rules(Mix.of(RYE), BEANS, true).termination(TerminationMethod.WINTER_KILL);
    assertThat(rye.impossible()).isPresent();
    assertThat(
            rules(Mix.of(OATS), BEANS, true)
                .termination(TerminationMethod.ROLL)
                .remedy()
                .orElseThrow()
                .in(UnitSystem.US))
        .contains("winter species");
  }

  private static TerminationRules rules(Mix mix, NextCrop next, boolean organic) {
    return new TerminationRules(
        new MatForecast(CoverStand.sown(mix, SOWN), OUTLOOK),
        next,
        organic,
        HouseRules.usual(Figures.shipped()));
  }

  private static String said(TerminationOutlook termination) {
    return String.join("; ", termination.against().stream().map(r -> r.in(UnitSystem.US)).toList());
  }
}
