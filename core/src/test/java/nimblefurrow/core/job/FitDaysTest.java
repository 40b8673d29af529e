package nimblefurrow.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What makes a day fit, compared between soils, machines and seasons. */
class FitDaysTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 4, 1);
  private static final Outlook OUTLOOK = TestWeather.outlook(TODAY);

  /** Made anew for each test: what one has counted tells nothing to another. */
  private final FitDays fit = new FitDays(OUTLOOK);

  private static Job job(MachineKind kind, SoilTexture soil, boolean tiled) {
    JobWindow window =
        JobWindow.of(
            DateForecast.certain(TODAY),
            DateForecast.certain(TODAY.plusDays(400)),
            Figures.shipped());
    return Job.of(
        id("j"), "Field", kind, Area.ofAcres(40), List.of(new Footing(soil, tiled, false)), window);
  }

  private double mean(MachineKind kind, SoilTexture soil, boolean tiled, LocalDate from) {
    double sum = 0;
    for (int i = 0; i < 30; i++) {
      sum += new JobDays(fit).chance(job(kind, soil, tiled), from.plusDays(i));
    }
    return sum / 30;
  }

  @Test
  void sandIsFitSoonerThanClayInSpring() {
    LocalDate april = LocalDate.of(2026, 4, 10);
    assertThat(mean(MachineKind.PLANTER, SoilTexture.SAND, false, april))
        .isGreaterThan(mean(MachineKind.PLANTER, SoilTexture.CLAY, false, april));
  }

  @Test
  void tileNeverCostsAFitDay() {
    LocalDate april = LocalDate.of(2026, 4, 10);
    for (SoilTexture soil : SoilTexture.values()) {
      assertThat(mean(MachineKind.DRILL, soil, true, april))
          .isGreaterThanOrEqualTo(mean(MachineKind.DRILL, soil, false, april));
    }
  }

  @Test
  void whatFliesDoesNotCareForTheGround() {
    LocalDate september = LocalDate.of(2026, 9, 1);
    assertThat(mean(MachineKind.DRONE, SoilTexture.CLAY, false, september))
        .isEqualTo(mean(MachineKind.DRONE, SoilTexture.SAND, false, september));
  }

  @Test
  void nothingIsSprayedOrRolledInDeepWinter() {
    LocalDate january = LocalDate.of(2027, 1, 5);
    assertThat(mean(MachineKind.SPRAYER, SoilTexture.LOAM, false, january)).isLessThan(0.1);
    assertThat(mean(MachineKind.ROLLER, SoilTexture.LOAM, false, january)).isLessThan(0.1);
  }

  @ParameterizedTest
  @EnumSource(MachineKind.class)
  void chancesAreChancesAndHoursNoMoreThanADay(MachineKind kind) {
    for (LocalDate day = TODAY; day.isBefore(TODAY.plusDays(400)); day = day.plusDays(7)) {
      Job job = job(kind, SoilTexture.SILT_LOAM, false);
      assertThat(new JobDays(fit).chance(job, day)).isBetween(0.0, 1.0);
      assertThat(new JobDays(fit).expected().fitHours(job, kind, day))
          .isBetween(0.0, fit.hoursPerDay(kind));
    }
    assertThat(Cautions.of(kind, Figures.shipped()))
        .as("every kind of work carries its cautions")
        .isNotEmpty();
  }

  /** One drill goes over all of it: the field is fit in the years in which both grounds are. */
  @Test
  void aFieldOfTwoGroundsIsFitWhenBothAreAndTheWetOneHoldsItBack() {
    LocalDate april = LocalDate.of(2026, 4, 10);
    Job sand = job(MachineKind.DRILL, SoilTexture.SAND, false);
    Job clay = job(MachineKind.DRILL, SoilTexture.CLAY, false);
    Footing dry = sand.grounds().get(0);
    Footing wet = clay.grounds().get(0);
    Job both = sand.with(j -> j.grounds(List.of(dry, wet)));
    int held = 0;
    for (int i = 0; i < 30; i++) {
      LocalDate day = april.plusDays(i);
      assertThat(new JobDays(fit).chance(both, day))
          .isLessThanOrEqualTo(
              Math.min(new JobDays(fit).chance(sand, day), new JobDays(fit).chance(clay, day)));
      if (new JobDays(fit).chance(clay, day) < new JobDays(fit).chance(sand, day)) {
        held++;
        assertThat(new JobDays(fit).holdsBack(both, day, day)).contains(wet);
      }
    }
    assertThat(held).isPositive();
    assertThat(new JobDays(fit).holdsBack(both, april, april.plusDays(29))).contains(wet);
    assertThat(new JobDays(fit).holdsBack(sand, april, april.plusDays(29))).isEmpty();
  }

  @Test
  void windowChancesCountBothEnds() {
    DateForecast opens = DateForecast.of(List.of(TODAY, TODAY.plusDays(4)));
    DateForecast closes = DateForecast.of(List.of(TODAY.plusDays(6), TODAY.plusDays(10)));
    JobWindow window = JobWindow.of(opens, closes, Figures.shipped());
    assertThat(window.chanceOpen(TODAY.minusDays(1))).isZero();
    assertThat(window.chanceOpen(TODAY)).isEqualTo(0.5);
    assertThat(window.chanceOpen(TODAY.plusDays(4))).isEqualTo(1);
    assertThat(window.chanceOpen(TODAY.plusDays(10))).isEqualTo(0.5);
    assertThat(window.chanceOpen(TODAY.plusDays(11))).isZero();
    assertThat(window.end()).isEqualTo(TODAY.plusDays(6));
  }

  private static JobId id(String name) {
    return new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED);
  }
}
