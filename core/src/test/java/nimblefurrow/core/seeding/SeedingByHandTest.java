package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.WorkSequence.Step;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Steps, frost seeding and the ways in, counted out by hand. */
class SeedingByHandTest {
  private static final Figures FIGURES = Figures.shipped();
  private static final Area FORTY = Area.ofAcres(40);

  @Test
  void threeDiscPassesWithTheirWaits() {
    List<Step> steps = WorkSequence.discPasses(3, false, FORTY, WorkRate.acresPerHour(10), FIGURES);
    assertThat(steps)
        .containsExactly(
            new Step("shallow disc pass 1", 0, 0, 4),
            new Step("shallow disc pass 2", 5, 10, 4),
            new Step("shallow disc pass 3", 5, 10, 4),
            new Step("spread the seed by hand", 0, 1, 6),
            new Step("cover lightly with disc or harrow", 0, 1, 4));
    List<Step> one = WorkSequence.discPasses(1, true, FORTY, WorkRate.acresPerHour(10), FIGURES);
    assertThat(one.get(0)).isEqualTo(new Step("shallow disc pass 1", 0, 0, 4));
    assertThat(one.get(2)).isEqualTo(new Step("leave small seed on top, or roll it in", 0, 1, 0));
    assertThat(WorkSequence.sowingGoes(false, FIGURES)).isEqualTo(3.5);
    assertThat(WorkSequence.sowingGoes(true, FIGURES)).isEqualTo(2.5);
  }

  /** Fourteen days from a week before: four that freeze and thaw are a quarter, three are not. */
  @ParameterizedTest
  @CsvSource({"4,true", "3,false"})
  void theGroundHeavesWhileAQuarterOfTheDaysFreezeAndThaw(int days, boolean heaves) {
    LocalDate day = LocalDate.of(2027, 3, 1);
    DailyWeather[] weather = new DailyWeather[60];
    for (int i = 0; i < weather.length; i++) {
      LocalDate date = LocalDate.of(2027, 2, 1).plusDays(i);
      long from = date.toEpochDay() - day.toEpochDay();
      boolean both = from >= -7 && from < -7 + days;
      boolean outside = from == 7;
      weather[i] =
          DailyWeather.measured(
              date, both || outside ? 36 : 35.9, both || outside ? 28 : 28, 0, 40);
    }
    assertThat(FrostSeeding.heaving(new WeatherTrace(weather), day, FIGURES)).isEqualTo(heaves);
  }

  @Test
  void frostSeedingLiesBetweenTenAndFourWeeksBeforeTheWheatJoints() {
    Outlook outlook = TestWeather.outlook(LocalDate.of(2026, 11, 1));
    LocalDate joints = LocalDate.of(2027, 4, 12);
    CropWindow window =
        FrostSeeding.window(Ensemble.of(outlook.traces().size(), i -> joints), outlook);
    assertThat(window.opens().middle()).contains(joints.minusWeeks(10));
    assertThat(window.closes().middle()).contains(joints.minusWeeks(4));
    int best = 0;
    for (int i = 0; i < outlook.traces().size(); i++) {
      WeatherTrace trace = outlook.traces().get(i);
      LocalDate from = window.from().in(i).orElseThrow();
      LocalDate to = window.to().in(i).orElseThrow();
      LocalDate first = joints.minusWeeks(10);
      Optional<LocalDate> hand =
          first
              .datesUntil(joints.minusWeeks(4).plusDays(1))
              .filter(d -> FrostSeeding.heaving(trace, d, FIGURES))
              .findFirst();
      assertThat(from).isEqualTo(hand.orElse(first));
      assertThat(to).isBetween(from, joints.minusWeeks(4));
      if (hand.isPresent()) {
        assertThat(FrostSeeding.heaving(trace, to, FIGURES)).isTrue();
        assertThat(
                to.plusDays(1)
                    .datesUntil(joints.minusWeeks(4).plusDays(1))
                    .anyMatch(d -> FrostSeeding.heaving(trace, d, FIGURES)))
            .as("no later day heaves")
            .isFalse();
        best++;
      }
    }
    assertThat(best).isGreaterThan(10);
    CropWindow never = FrostSeeding.window(Ensemble.never(28), outlook);
    assertThat(never.possible()).isFalse();
  }

  @ParameterizedTest
  @EnumSource(SeedingMethod.class)
  void everyWayHasItsMachineAndIsFoundByIt(SeedingMethod way) {
    assertThat(SeedingMethod.of(way.machine())).contains(way);
    assertThat(way.words()).isNotBlank();
    boolean top = way.place() == SeedingMethod.Place.OVER_THE_TOP;
    assertThat(way.overTheTop()).isEqualTo(top);
    assertThat(SeedingMethod.of(MachineKind.ROLLER)).isEmpty();
  }

  @Test
  void onlyGroundMachinesAfterHarvestSowDormantSeed() {
    assertThat(List.of(SeedingMethod.values()).stream().filter(SeedingMethod::dormant))
        .contains(SeedingMethod.DRILL)
        .doesNotContain(SeedingMethod.INTERSEEDER, SeedingMethod.COMBINE_SEEDER);
  }

  /** A third of the plants of a good stand are a good stand of a third of a mix. */
  @Test
  void aMembersStandIsJudgedByItsShare() {
    var rye = Catalogue.shipped().species("cereal-rye");
    var vetch = Catalogue.shipped().species("hairy-vetch");
    Mix mix = Mix.of(rye);
    MemberRate alone =
        TestRates.usual(SeedingMethod.DRILL, Goal.KEEP_NITROGEN, false, 0)
            .members(mix, FORTY, Map.of(), Map.of(), LocalDate.of(2026, 9, 20))
            .get(0);
    double good = rye.goodStand().orElseThrow();
    double poor = rye.poorStand().orElseThrow();
    assertThat(alone.stand())
        .contains(
            alone.plantsPerSquareFoot() >= good
                ? MemberRate.Stand.GOOD
                : alone.plantsPerSquareFoot() >= poor
                    ? MemberRate.Stand.FAIR
                    : MemberRate.Stand.POOR);
    assertThat(MemberRate.Stand.GOOD.words()).isEqualTo("good stand");
    assertThat(new SeedBlend(List.of(part(rye, 60))).name()).contains("rye");
    SeedBlend both = new SeedBlend(List.of(part(rye, 60), part(vetch, 15)));
    assertThat(both.rate().poundsPerAcre()).isEqualTo(75);
    assertThat(both.poundsPerCubicFoot())
        .isCloseTo(
            75 / (60 / rye.bulkPoundsPerCubicFoot() + 15 / vetch.bulkPoundsPerCubicFoot()),
            within(1e-9));
  }

  private static SeedBlend.Part part(nimblefurrow.core.cover.Species species, double pounds) {
    return new SeedBlend.Part(species, SeedRate.poundsPerAcre(pounds));
  }
}
