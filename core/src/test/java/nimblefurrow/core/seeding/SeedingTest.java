package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class SeedingTest {
  private static final MethodFigures WAYS = new MethodFigures(Figures.shipped());
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Species VETCH = Catalogue.shipped().species("hairy-vetch");
  private static final Species CLOVER = Catalogue.shipped().species("crimson-clover");
  private static final Species RADISH = Catalogue.shipped().species("radish");
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
  private static final LocalDate SPRING = LocalDate.of(2027, 1, 1);
  private static final Outlook OUTLOOK = TestWeather.outlook(TODAY);
  private static final SeedTag GOOD = SeedTag.typed(98, 85, 0, LocalDate.of(2026, 3, 1));

  @Test
  void sixtyPoundsLiveAreSeventyTwoInTheBag() {
    MemberRate rye = rye(SeedingMethod.DRILL, Goal.KEEP_NITROGEN, false, 0);
    assertThat(rye.live().poundsPerAcre()).isEqualTo(60);
    assertThat(rye.bulk().poundsPerAcre()).isCloseTo(72.0, within(0.05));
    assertThat(rye.liveSeedsPerSquareFoot()).isCloseTo(24.8, within(0.05));
    assertThat(rye.plantsPerSquareFoot()).isCloseTo(19.8, within(0.05));
    // 72.03 lb/ac on 80 acres, 3 % spare, 50-lb bags.
    assertThat(rye.bags()).isEqualTo((int) Math.ceil(72.0288 * 80 * 1.03 / 50));
    assertThat(rye.costPerAcre().value()).isCloseTo(21.61, within(0.005));
  }

  @ParameterizedTest
  @CsvSource({
    "DRILL,HOLD_SOIL,false,0,60",
    "DRILL,COST_SHARE,false,0,45",
    "DRILL,SMOTHER_WEEDS,false,0,90",
    "DRILL,SMOTHER_WEEDS,true,0,135",
    "DRILL,SMOTHER_WEEDS,true,5,170",
    "DRILL,KEEP_NITROGEN,false,2.5,72",
    "DRILL,KEEP_NITROGEN,false,20,90",
    "DRONE,KEEP_NITROGEN,false,0,90",
    "AIRPLANE,SMOTHER_WEEDS,false,10,180",
    "AIRPLANE,SMOTHER_WEEDS,true,10,200"
  })
  void ryeByPurposeLatenessAndWayIn(
      SeedingMethod way, Goal goal, boolean roll, double weeks, double live) {
    assertThat(rye(way, goal, roll, weeks).live().poundsPerAcre()).isCloseTo(live, within(1e-9));
  }

  @Test
  void purposeAndLatenessDoNotTouchLegumes() {
    RateBuilder late = TestRates.usual(SeedingMethod.DRILL, Goal.SMOTHER_WEEDS, false, 6);
    assertThat(late.live(new Mix.Member(VETCH, 0.5)).poundsPerAcre()).isEqualTo(10);
  }

  @ParameterizedTest
  @EnumSource(SeedingMethod.class)
  void ratesStayUnderTheirCeilingsWhateverIsAsked(SeedingMethod way) {
    for (Species species : Catalogue.shipped().all()) {
      for (double share = 0.1; share <= 3; share += 0.3) {
        for (double weeks = 0; weeks < 20; weeks += 4) {
          double live =
              TestRates.usual(way, Goal.SMOTHER_WEEDS, false, weeks)
                  .live(new Mix.Member(species, share))
                  .poundsPerAcre();
          assertThat(live)
              .isLessThanOrEqualTo(
                  Math.min(200, species.high().poundsPerAcre() * WAYS.rateFactor(way, false))
                      + 1e-9);
        }
      }
    }
  }

  @Test
  void sharesAreNeverRenormalised() {
    Mix mix = Mix.of(RYE).and(VETCH, 0.9);
    List<MemberRate> rates = rates(mix, SeedingMethod.DRILL);
    assertThat(rates.get(0).live().poundsPerAcre()).isEqualTo(60);
    assertThat(rates.get(1).live().poundsPerAcre()).isEqualTo(18);
    assertThat(mix.totalShare()).isCloseTo(1.9, within(1e-9));
  }

  @Test
  void aBullyBesideALegumeIsNamedWithItsFigure() {
    assertThat(said(rates(Mix.of(RYE).and(CLOVER, 0.5), SeedingMethod.DRILL).get(0)))
        .contains("crowds out its slower partners")
        .contains("36.0 lb/ac");
    assertThat(said(rates(Mix.of(RYE).and(RADISH, 0.3), SeedingMethod.DRILL).get(0)))
        .doesNotContain("crowds");
    Mix held = new Mix(List.of(new Mix.Member(RYE, 0.6), new Mix.Member(CLOVER, 0.5)));
    assertThat(said(rates(held, SeedingMethod.DRILL).get(0))).doesNotContain("crowds");
  }

  @Test
  void hardSeedCountsWithGermination() {
    SeedTag vetch = SeedTag.typed(98, 70, 20, LocalDate.of(2026, 5, 1));
    assertThat(vetch.liveShare(TODAY, Figures.shipped()).fraction())
        .isCloseTo(0.98 * 0.90, within(1e-12));
    assertThat(SeedTag.typed(98, 90, 30, TODAY).liveShare(TODAY, Figures.shipped()).fraction())
        .isCloseTo(0.98, within(1e-12));
  }

  @ParameterizedTest
  @CsvSource({
    "2026-03-01,0.85,''",
    "2025-06-01,0.85,''",
    "2025-05-31,0.85,over 12 months",
    "2024-12-01,0.85,over 12 months",
    "2024-11-30,0.75,over 18 months"
  })
  void oldTestsAreFlagged(LocalDate tested, double germination, String said) {
    SeedTag tag = SeedTag.typed(100, 85, 0, tested);
    assertThat(tag.liveShare(TODAY, Figures.shipped()).fraction())
        .isCloseTo(germination, within(1e-12));
    String told = tag.caution(TODAY, Figures.shipped()).map(r -> r.in(UnitSystem.US)).orElse("");
    assertThat(told).contains(said);
    assertThat(told.isEmpty()).isEqualTo(said.isEmpty());
  }

  @Test
  void untestedSeedIsAssumedPoorAndSaysSo() {
    SeedTag none = SeedTag.typed(98, 95, 0, null);
    assertThat(none.liveShare(TODAY, Figures.shipped()).fraction())
        .isCloseTo(0.98 * 0.75, within(1e-12));
    assertThat(none.caution(TODAY, Figures.shipped()).orElseThrow().in(UnitSystem.US))
        .contains("75 %");
  }

  @Test
  void smallSeedOnTheSurfaceSuffersByItsSuitability() {
    assertThat(WAYS.emergence(SeedingMethod.AIRPLANE, RYE, SoilTexture.LOAM))
        .isCloseTo(0.38, within(1e-12));
    assertThat(WAYS.emergence(SeedingMethod.AIRPLANE, VETCH, SoilTexture.LOAM))
        .isCloseTo(0.38 * 0.7, within(1e-12));
    assertThat(WAYS.emergence(SeedingMethod.DRILL, VETCH, SoilTexture.LOAM)).isEqualTo(0.80);
  }

  @Test
  void lastUsefulDayAgreesWithAskingEveryDay() {
    LastUseful last = LastUseful.of(RYE, false, OUTLOOK, SPRING);
    LocalDate useful = last.useful().orElseThrow();
    assertThat(chance(useful)).isGreaterThanOrEqualTo(0.8);
    assertThat(chance(useful.plusDays(1))).isLessThan(0.8);
    assertThat(useful).isBetween(LocalDate.of(2026, 10, 1), LocalDate.of(2026, 10, 25));
    assertThat(last.possible().orElseThrow()).isAfter(useful);
  }

  /** Chance of 250 °F-days from a day to dormancy, by plain counting. */
  private static double chance(LocalDate day) {
    int enough = 0;
    for (WeatherTrace trace : OUTLOOK.traces()) {
      LocalDate dormant = LocalDate.of(2026, 12, 31);
      for (LocalDate d = LocalDate.of(2026, 10, 1); d.getYear() == 2026; d = d.plusDays(1)) {
        double mean = 0;
        for (int back = 0; back < 14; back++) {
          mean += trace.on(d.minusDays(back)).meanF() / 14;
        }
        if (mean < 40) {
          dormant = d;
          break;
        }
      }
      double heat = 0;
      for (LocalDate d = day; !d.isAfter(dormant); d = d.plusDays(1)) {
        heat += Math.max(0, trace.on(d).meanF() - 40);
      }
      enough += heat >= 250 ? 1 : 0;
    }
    return enough / (double) OUTLOOK.traces().size();
  }

  @Test
  void ryesThreeHeatsAreThreeDates() {
    LocalDate useful = LastUseful.of(RYE, false, OUTLOOK, SPRING).useful().orElseThrow();
    LocalDate roll = LastUseful.of(RYE, true, OUTLOOK, SPRING).useful().orElseThrow();
    LocalDate survives =
        LastUseful.surviving(RYE, OUTLOOK, SPRING).orElseThrow().useful().orElseThrow();
    assertThat(roll).isBefore(useful);
    assertThat(survives).isAfter(useful);
    assertThat(LastUseful.surviving(VETCH, OUTLOOK, SPRING)).isEmpty();
  }

  @Test
  void legumesAndBrassicasMustRootBeforeTheHardFreeze() {
    LocalDate rye = LastUseful.of(RYE, false, OUTLOOK, SPRING).useful().orElseThrow();
    for (Species tender : List.of(VETCH, CLOVER, RADISH)) {
      assertThat(LastUseful.of(tender, false, OUTLOOK, SPRING).useful().orElseThrow())
          .isBefore(rye.minusDays(10));
    }
  }

  @Test
  void aColderClimateEndsSeedingSooner() {
    LocalDate before = LastUseful.of(RYE, false, OUTLOOK, SPRING).useful().orElseThrow();
    for (double colder = 1; colder <= 6; colder++) {
      Outlook cold =
          TestWeather.outlook(
              TestWeather.SITE, TestWeather.warmer(TestWeather.CLIMATE, -colder), TODAY);
      LocalDate now = LastUseful.of(RYE, false, cold, SPRING).useful().orElseThrow();
      assertThat(now).isBefore(before);
      before = now;
    }
  }

  @Test
  void overTheTopOfBeansFollowsTheHouseRule() {
    CropCalendar beans =
        CropCalendar.of(CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5), OUTLOOK);
    SeedingWindow yellow =
        rules(beans, Mix.of(RYE), HouseRules.usual(Figures.shipped())).window(SeedingMethod.DRONE);
    assertThat(yellow.opens().median()).contains(LocalDate.of(2026, 8, 23));
    assertThat(yellow.bestTo().median()).contains(LocalDate.of(2026, 9, 2));
    assertThat(yellow.closes().median()).contains(LocalDate.of(2026, 9, 12));
    SeedingWindow mixed =
        rules(beans, Mix.of(RYE).and(CLOVER, 0.3), HouseRules.usual(Figures.shipped()))
            .window(SeedingMethod.DRONE);
    assertThat(mixed.closes().median().orElseThrow()).isBeforeOrEqualTo(LocalDate.of(2026, 9, 6));
    HouseRules other =
        new HouseRules(
            HouseRules.OverCorn.HALF_LEAVES_GONE,
            HouseRules.OverBeans.HALF_DEFOLIATED,
            HouseRules.Rolling.FULL_FLOWERING,
            HouseRules.Rolling.FULL_FLOWERING,
            HouseRules.Placing.ORDINARY,
            HouseRules.Rows.SHALLOW_ANGLE,
            Figures.shipped());
    assertThat(rules(beans, Mix.of(RYE), other).window(SeedingMethod.DRONE).bestFrom().median())
        .contains(LocalDate.of(2026, 9, 2));
  }

  @Test
  void drillingWaitsForHarvestAndEndsWithTheCoversLastDay() {
    CropCalendar corn =
        CropCalendar.of(CropPlanting.corn(LocalDate.of(2026, 4, 28), 102, 20), OUTLOOK);
    SeedingWindow window =
        rules(corn, Mix.of(RYE), HouseRules.usual(Figures.shipped())).window(SeedingMethod.DRILL);
    assertThat(window.opens().median()).isEqualTo(corn.when(CropStage.HARVEST).median());
    assertThat(window.closes().lastDayWithChance(0.8))
        .isEqualTo(LastUseful.of(RYE, false, OUTLOOK, SPRING).useful());
    LocalDate open = window.opens().median().orElseThrow();
    assertThat(window.chanceOpen(open.minusDays(60)).fraction()).isZero();
    assertThat(window.chanceFrom(OUTLOOK.today()).fraction()).isBetween(0.2, 1.0);
  }

  @Test
  void theLaterTheDayTheSmallerTheChanceThatIsLeft() {
    CropCalendar beans =
        CropCalendar.of(CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5), OUTLOOK);
    SeedingWindow window =
        rules(beans, Mix.of(RYE), HouseRules.usual(Figures.shipped())).window(SeedingMethod.DRILL);
    double before = 1;
    for (LocalDate day = OUTLOOK.today(); day.getYear() == 2026; day = day.plusDays(5)) {
      double left = window.chanceFrom(day).fraction();
      assertThat(left).isLessThanOrEqualTo(before);
      before = left;
    }
    assertThat(before).as("nothing is left at the turn of the year").isZero();
    assertThat(window.chanceFrom(OUTLOOK.today()).fraction()).isGreaterThan(0.8);
  }

  @Test
  void aCoverThatMakesRoomMustHaveGrownByThen() {
    LocalDate winter = LastUseful.of(VETCH, false, OUTLOOK, SPRING).useful().orElseThrow();
    LocalDate before = LocalDate.MIN;
    for (int days = 0; days <= 120; days += 10) {
      LocalDate clears = LocalDate.of(2026, 9, 1).plusDays(days);
      LocalDate last =
          LastUseful.of(VETCH, false, OUTLOOK, SPRING, Optional.of(clears)).useful().orElseThrow();
      assertThat(last).isBeforeOrEqualTo(winter).isBefore(clears).isAfterOrEqualTo(before);
      before = last;
    }
    assertThat(before).as("a day after dormancy changes nothing").isEqualTo(winter);
  }

  @Test
  void aWiderWindowNeverLowersTheChance() {
    CropCalendar early =
        CropCalendar.of(CropPlanting.corn(LocalDate.of(2026, 4, 28), 96, 24), OUTLOOK);
    CropCalendar late =
        CropCalendar.of(CropPlanting.corn(LocalDate.of(2026, 5, 14), 110, 18), OUTLOOK);
    double wide =
        rules(early, Mix.of(RYE), HouseRules.usual(Figures.shipped()))
            .window(SeedingMethod.DRILL)
            .chanceFrom(OUTLOOK.today())
            .fraction();
    double narrow =
        rules(late, Mix.of(RYE), HouseRules.usual(Figures.shipped()))
            .window(SeedingMethod.DRILL)
            .chanceFrom(OUTLOOK.today())
            .fraction();
    assertThat(wide).isGreaterThanOrEqualTo(narrow);
  }

  @Test
  void whatCannotBeSaysWhyAndWhatWouldHelp() {
    CropCalendar beans =
        CropCalendar.of(CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5), OUTLOOK);
    SeedingWindow none =
        rules(beans, Mix.of(RYE), HouseRules.usual(Figures.shipped()))
            .window(SeedingMethod.INTERSEEDER);
    assertThat(none.impossible().orElseThrow().in(UnitSystem.US)).contains("corn rows");
    assertThat(none.remedy().orElseThrow().in(UnitSystem.US)).contains("drone");
    assertThat(none.pencilled()).isEmpty();
    CropPlanting wheat =
        new CropPlanting(
            CropKind.WINTER_WHEAT, LocalDate.of(2026, 1, 5), 0, 0, Map.of(), List.of());
    assertThat(
            rules(CropCalendar.of(wheat, OUTLOOK), Mix.of(RYE), HouseRules.usual(Figures.shipped()))
                .window(SeedingMethod.AIRPLANE)
                .impossible())
        .isPresent();
  }

  @Test
  void interseedingRunsFromThreeToSevenCollars() {
    CropCalendar corn =
        CropCalendar.of(CropPlanting.corn(LocalDate.of(2026, 5, 4), 104, 20), OUTLOOK);
    SeedingWindow window =
        rules(corn, Mix.of(CLOVER), HouseRules.usual(Figures.shipped()))
            .window(SeedingMethod.INTERSEEDER);
    assertThat(window.opens().median()).isEqualTo(corn.when(CropStage.V3).median());
    assertThat(window.closes().median()).isEqualTo(corn.when(CropStage.V7).median());
    assertThat(window.pencilled().orElseThrow())
        .isBetween(LocalDate.of(2026, 5, 25), LocalDate.of(2026, 6, 20));
  }

  @Test
  void badFiguresNameTheirField() {
    assertThatThrownBy(() -> SeedTag.typed(98, 850, 0, TODAY))
        .hasMessageContaining("germination")
        .hasMessageContaining("850");
    assertThatThrownBy(() -> TestRates.usual(SeedingMethod.DRILL, Goal.HOLD_SOIL, false, -1))
        .hasMessageContaining("weeks late");
  }

  private static WindowRules rules(CropCalendar crop, Mix mix, HouseRules rules) {
    return new WindowRules(crop, mix, false, rules, OUTLOOK);
  }

  private static MemberRate rye(SeedingMethod way, Goal goal, boolean roll, double weeks) {
    return TestRates.usual(way, goal, roll, weeks)
        .members(Mix.of(RYE), Area.ofAcres(80), Map.of(RYE.id(), GOOD), Map.of(), TODAY)
        .get(0);
  }

  private static List<MemberRate> rates(Mix mix, SeedingMethod way) {
    return TestRates.usual(way, Goal.KEEP_NITROGEN, false, 0)
        .members(mix, Area.ofAcres(80), Map.of(), Map.<String, SeedRate>of(), TODAY);
  }

  private static String said(MemberRate rate) {
    return String.join("; ", rate.notes().stream().map(n -> n.in(UnitSystem.US)).toList());
  }

  @ParameterizedTest
  @CsvSource({"1,0.01", "0.5,0.5", "16,0.16", "0,0", "100,1"})
  void oneOnATagOfHardSeedIsOnePercent(double typed, double share) {
    assertThat(SeedTag.typed(98, 60, typed, TODAY).hardSeed().fraction()).isEqualTo(share);
  }

  @Test
  void aCapIsSetAgainstTheTypedShare() {
    Mix within = Mix.of(CLOVER).and(RYE, 0.55);
    RateBuilder weeds = TestRates.usual(SeedingMethod.DRILL, Goal.SMOTHER_WEEDS, true, 5);
    assertThat(weeds.members(within, Area.ofAcres(10), Map.of(), Map.of(), TODAY).get(1).notes())
        .as("purpose and lateness thicken, the share stays under 60 %")
        .noneSatisfy(r -> assertThat(r.text()).contains("crowds out"));
    Mix over = Mix.of(CLOVER).and(RYE, 0.65);
    assertThat(weeds.members(over, Area.ofAcres(10), Map.of(), Map.of(), TODAY).get(1).notes())
        .anySatisfy(r -> assertThat(r.text()).contains("crowds out"));
  }

  @Test
  void thickSlurryLeavesSeedOnTopAsSandDoes() {
    double ordinary = stand(SoilTexture.LOAM, false);
    assertThat(stand(SoilTexture.LOAM, true)).isCloseTo(ordinary * 0.30 / 0.50, within(1e-9));
    assertThat(stand(SoilTexture.SAND, false)).isEqualTo(stand(SoilTexture.LOAM, true));
  }

  private static double stand(SoilTexture soil, boolean thick) {
    return new RateBuilder(
            SeedingMethod.SLURRY,
            Goal.KEEP_NITROGEN,
            false,
            0,
            HouseRules.usual(Figures.shipped()),
            soil,
            thick)
        .members(Mix.of(RYE), Area.ofAcres(10), Map.of(), Map.of(), TODAY)
        .get(0)
        .plantsPerSquareFoot();
  }

  /** Warm species gather heat to their killing frost, which comes weeks before dormancy. */
  @Test
  void warmSpeciesMustBeSownInTimeForTheirFrost() {
    Species cowpea = Catalogue.shipped().species("cowpea");
    Ensemble<LocalDate> days = LastUseful.of(cowpea, false, OUTLOOK, SPRING).days();
    int asked = 0;
    for (int i = 0; i < days.years(); i++) {
      LocalDate last = days.in(i).orElseThrow();
      var trace = OUTLOOK.traces().get(i);
      LocalDate frost = trace.firstNightAtOrBelow(cowpea.coldF(), LocalDate.of(2026, 8, 1), SPRING);
      assertThat(trace.degreeDays(cowpea.useful().base(), last, frost))
          .isGreaterThanOrEqualTo(cowpea.useful().degreeDays() - 1e-6);
      assertThat(trace.degreeDays(cowpea.useful().base(), last.plusDays(1), frost))
          .isLessThan(cowpea.useful().degreeDays());
      asked++;
    }
    assertThat(asked).isEqualTo(28);
  }
}
