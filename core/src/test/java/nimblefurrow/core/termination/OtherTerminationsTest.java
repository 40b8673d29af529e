package nimblefurrow.core.termination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.termination.kill.OtherKill;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Ways of ending beside spray, green planting and the roller alone, and what feed is worth. */
class OtherTerminationsTest {
  private static final Figures F = Figures.shipped();
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 9, 1));
  private static final NextCrop BEANS = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
  private static final NextCrop CORN = new NextCrop(CropKind.CORN_GRAIN, LocalDate.of(2027, 5, 2));

  private static MatForecast mat(String species) {
    return new MatForecast(
        CoverStand.sown(Mix.of(Catalogue.shipped().species(species)), LocalDate.of(2026, 9, 12)),
        OUTLOOK);
  }

  private static TerminationOutlook termination(
      String species, TerminationMethod termination, NextCrop next, boolean organic) {
    return new TerminationRules(mat(species), next, organic, HouseRules.usual(F))
        .termination(termination);
  }

  private static List<String> said(List<Reason> reasons) {
    return reasons.stream().map(r -> r.in(UnitSystem.US)).toList();
  }

  @ParameterizedTest
  @CsvSource({"3500,BOOT,21.0", "7000,FLOWERING,-36.4", "3500,,21.0", "2000,DOUGH,-20.0"})
  void hayIsWorthItsStageAndLosesItsMaking(double pounds, CoverStage stage, double dollars) {
    assertThat(Feed.hayDollars(DryMatter.poundsPerAcre(pounds), stage, F))
        .isCloseTo(dollars, within(0.05));
  }

  @Test
  void grazingThreeThousandPoundsMakesSeventyEightFifty() {
    DryMatter stands = DryMatter.poundsPerAcre(3000);
    assertThat(Feed.cowDays(stands, F)).isCloseTo(57.7, within(0.05));
    assertThat(Feed.grazedDollars(stands, 90, F)).isCloseTo(78.5, within(0.05));
    assertThat(Feed.grazedDollars(stands, 20, F))
        .as("stock has had time for 20 cow-days only")
        .isCloseTo(22, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"2200,30,1,31", "2200,30,2,9", "1500,30,1,0", "1400,0,1,0", "2552,0,1,20"})
  void stockStaysUntilFifteenHundredPoundsStand(double stands, double grows, double cows, int d) {
    assertThat(Grazing.days(stands, grows, cows, F)).isEqualTo(d);
  }

  @Test
  void grassThatOutgrowsTheStockIsNeverEatenDown() {
    assertThat(Grazing.days(2200, 60, 1, F)).isEqualTo(Integer.MAX_VALUE);
  }

  /** In each year stock goes on at 2,200 lb/ac and never stays past the day it has to be off. */
  @Test
  void stockGoesOnAndComesOffInEachYear() {
    LocalDate last = LocalDate.of(2027, 5, 1);
    Grazing grazing = new Grazing(mat("cereal-rye"), LocalDate.of(2027, 1, 1), last);
    int grazed = 0;
    for (int year = 0; year < OUTLOOK.traces().size(); year++) {
      Optional<LocalDate> on = grazing.on().in(year);
      Optional<LocalDate> off = grazing.off().in(year);
      assertThat(on.isPresent()).isEqualTo(off.isPresent());
      if (on.isPresent()) {
        assertThat(off.get()).isAfterOrEqualTo(on.get()).isBeforeOrEqualTo(last);
        grazed++;
      }
    }
    assertThat(grazed).as("years with enough to graze").isGreaterThan(20);
    assertThat(grazing.days(0.1)).isLessThanOrEqualTo(grazing.days(0.9));
  }

  @ParameterizedTest
  @EnumSource(TerminationMethod.class)
  void everyWayTellsItselfForRyeBeforeSoybeans(TerminationMethod termination) {
    TerminationOutlook told = termination("cereal-rye", termination, BEANS, false);
    assertThat(termination.words()).isNotBlank();
    assertThat(termination.act()).isNotBlank();
    if (told.impossible().isPresent()) {
      assertThat(told.remedy()).as("a way that is ruled out names another").isPresent();
    } else {
      assertThat(said(told.reasons())).isNotEmpty();
      assertThat(told.aim()).isPresent();
      assertThat(told.kill().orElseThrow()).isBetween(0.05, 1.0);
    }
  }

  @Test
  void moreThanHalfOfTheWaysAreOpenToRyeBeforeSoybeans() {
    long open =
        java.util.Arrays.stream(TerminationMethod.values())
            .filter(r -> termination("cereal-rye", r, BEANS, false).impossible().isEmpty())
            .count();
    assertThat(open).isGreaterThanOrEqualTo(8);
  }

  @ParameterizedTest
  @EnumSource(
      value = TerminationMethod.class,
      names = {"EARLY_SPRAY", "PLANT_GREEN", "ROLL_AND_SPRAY", "STRIPS"})
  void organicGroundNeverGetsHerbicide(TerminationMethod termination) {
    assertThat(termination.usesHerbicide()).isTrue();
    assertThat(termination("cereal-rye", termination, BEANS, true).impossible()).isPresent();
  }

  @Test
  void twoPassesOfADiscAreOverBeforePlanting() {
    TerminationOutlook tilled = termination("cereal-rye", TerminationMethod.TILLAGE, BEANS, true);
    assertThat(tilled.kill()).contains(0.90);
    assertThat(tilled.closes().median()).contains(LocalDate.of(2027, 4, 30));
    assertThat(said(tilled.reasons()).get(0))
        .isEqualTo(
            "two passes 7 days apart: 70 % dead after the first, 90 % after both;"
                + " the second by 7 May");
    assertThat(termination("cereal-rye", TerminationMethod.TILLAGE, CORN, false).closes().median())
        .as("corn after grass keeps its lead days")
        .contains(LocalDate.of(2027, 4, 11));
  }

  /** Early hay leaves less dead behind than late hay, and both less than two sprays would. */
  @Test
  void aCutKillsMoreTheRiperItIs() {
    MatForecast rye = mat("cereal-rye");
    var stages =
        new nimblefurrow.core.cover.StageForecast(
            Catalogue.shipped().species("cereal-rye"), rye.stand(), OUTLOOK);
    double before = 0;
    int days = 0;
    for (LocalDate day = LocalDate.of(2027, 4, 1);
        day.isBefore(LocalDate.of(2027, 6, 10));
        day = day.plusDays(3)) {
      double cut = OtherKill.cut(stages, day, F).orElseThrow();
      double mown = OtherKill.mown(stages, day, F).orElseThrow();
      assertThat(cut).isGreaterThanOrEqualTo(before);
      assertThat(mown).isBetween(0.10, 0.75);
      before = cut;
      days++;
    }
    assertThat(days).isGreaterThan(20);
    assertThat(before).isCloseTo(0.75, within(0.01));
  }

  @Test
  void aReducedSprayBesideTheRollerAddsToIt() {
    assertThat(HerbicideKill.beside(0.82, 0.93, F)).isCloseTo(0.962, within(0.001));
    assertThat(HerbicideKill.beside(0.82, 0, F)).isEqualTo(0.82, within(1e-12));
    TerminationOutlook alone = termination("cereal-rye", TerminationMethod.ROLL, BEANS, false);
    TerminationOutlook both =
        termination("cereal-rye", TerminationMethod.ROLL_AND_SPRAY, BEANS, false);
    assertThat(both.opens().median().orElseThrow()).isBefore(alone.opens().median().orElseThrow());
    assertThat(both.kill().orElseThrow()).isGreaterThan(alone.kill().orElseThrow());
  }

  @Test
  void rollingOverTheCropStaysWithinItsFirstLeaves() {
    TerminationOutlook after = termination("cereal-rye", TerminationMethod.ROLL_AFTER, BEANS, true);
    assertThat(after.impossible()).isEmpty();
    assertThat(after.opens().early().orElseThrow()).isAfterOrEqualTo(LocalDate.of(2027, 5, 17));
    assertThat(after.closes().late().orElseThrow()).isBeforeOrEqualTo(LocalDate.of(2027, 5, 26));
    NextCrop early = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 4, 20));
    assertThat(
            termination("cereal-rye", TerminationMethod.ROLL_AFTER, early, true)
                .impossible()
                .orElseThrow())
        .extracting(r -> r.in(UnitSystem.US))
        .asString()
        .contains("over a crop planted on 20 Apr");
  }

  @Test
  void hayTellsTonsAndMoneyAndGrazingItsCautions() {
    TerminationOutlook hay = termination("cereal-rye", TerminationMethod.HAY, BEANS, false);
    assertThat(said(hay.reasons()).get(0)).containsPattern("[0-9,]+ lb/ac of dry hay");
    assertThat(said(hay.against())).anyMatch(r -> r.contains("leaves with the hay"));
    NextCrop late = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 6, 10));
    TerminationOutlook vetch = termination("hairy-vetch", TerminationMethod.GRAZING, late, false);
    assertThat(vetch.impossible()).isEmpty();
    assertThat(said(vetch.against())).anyMatch(r -> r.contains("vetch in seed is poison"));
    TerminationOutlook rye = termination("cereal-rye", TerminationMethod.GRAZING, BEANS, false);
    assertThat(said(rye.against()))
        .anyMatch(r -> r.contains("nitrate"))
        .anyMatch(r -> r.contains("by the label"))
        .noneMatch(r -> r.contains("vetch"));
  }

  @Test
  void stripsAreDeadTwoWeeksBeforeTheCropComes() {
    TerminationOutlook strips = termination("cereal-rye", TerminationMethod.STRIPS, CORN, false);
    assertThat(strips.closes().late().orElseThrow())
        .isBeforeOrEqualTo(CORN.planned().minusDays(14));
    assertThat(said(strips.reasons()).get(0)).contains("33 % of the ground");
  }
}
