package nimblefurrow.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One day made to measure in weather that is mild, dry and the same every year. */
class FitLimitsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 7, 1);
  private static final LocalDate DAY = LocalDate.of(2026, 7, 15);

  private static Outlook outlook(LocalDate changed, DailyWeather that) {
    List<DailyWeather> days = new ArrayList<>();
    for (LocalDate d = LocalDate.of(2012, 1, 1); d.getYear() < 2024; d = d.plusDays(1)) {
      boolean there =
          d.getMonthValue() == changed.getMonthValue()
              && d.getDayOfMonth() == changed.getDayOfMonth();
      days.add(
          there
              ? new DailyWeather(
                  d, that.maxF(), that.minF(), that.rainIn(), 0, that.windMph(), 50, 15)
              : new DailyWeather(d, 80, 60, 0, 0, 8, 50, 15));
    }
    return TestWeather.outlook(TestWeather.SITE, WeatherRecord.of(days), TODAY);
  }

  private static double chance(MachineKind kind, double max, double min, double rain, double wind) {
    Outlook made = outlook(DAY, new DailyWeather(DAY, max, min, rain, 0, wind, 50, 15));
    return new JobDays(new FitDays(made)).chance(job(kind, SoilTexture.LOAM), DAY);
  }

  private static Job job(MachineKind kind, SoilTexture soil) {
    JobWindow window =
        JobWindow.of(
            DateForecast.certain(TODAY),
            DateForecast.certain(TODAY.plusDays(60)),
            Figures.shipped());
    JobId id = new JobId(UUID.nameUUIDFromBytes(new byte[] {1}), Operation.SEED);
    return Job.of(id, "Field", kind, Area.ofAcres(40), List.of(Footing.bare(soil)), window);
  }

  /**
   * The limits of the sprayer and the drone as practice has them, each just met and just missed.
   */
  @ParameterizedTest
  @CsvSource({
    "SPRAYER,70,50,0,8,1",
    "SPRAYER,70,50,0,2,1",
    "SPRAYER,70,50,0,1.9,0",
    "SPRAYER,70,50,0,12,1",
    "SPRAYER,70,50,0,12.1,0",
    "SPRAYER,70,50,0.10,8,1",
    "SPRAYER,70,50,0.11,8,0",
    "SPRAYER,50,40,0,8,1",
    "SPRAYER,49,40,0,8,0",
    "SPRAYER,60,34,0,8,1",
    "SPRAYER,60,33,0,8,0",
    "DRONE,70,50,0,14,1",
    "DRONE,70,50,0,14.1,0",
    "DRONE,70,50,0.11,8,0",
    "DRILL,70,50,0,30,1",
    "DRILL,70,50,0.15,8,1",
    "DRILL,70,50,0.16,8,0"
  })
  void aDayIsFitUpToItsLimitsAndNoFarther(
      MachineKind kind, double max, double min, double rain, double wind, double chance) {
    assertThat(chance(kind, max, min, rain, wind)).isEqualTo(chance);
  }

  /** Three inches on clay: too wet for the drill next day in July, for a drone it is nothing. */
  @Test
  void wetGroundKeepsWheelsOutUntilItHasDried() {
    Outlook made = outlook(DAY, new DailyWeather(DAY, 80, 60, 3, 0, 8, 50, 15));
    FitDays fit = new FitDays(made);
    Job clay = job(MachineKind.DRILL, SoilTexture.CLAY);
    assertThat(new JobDays(fit).chance(clay, DAY.minusDays(1))).isEqualTo(1);
    assertThat(new JobDays(fit).chance(clay, DAY.plusDays(1))).isZero();
    assertThat(new JobDays(fit).chance(clay, DAY.plusDays(40))).isEqualTo(1);
    assertThat(new JobDays(fit).chance(job(MachineKind.DRONE, SoilTexture.CLAY), DAY.plusDays(1)))
        .isEqualTo(1);
  }

  @Test
  void eachClimateYearAndTheHoursToCountOnAreTheSameDays() {
    Outlook made = outlook(DAY, new DailyWeather(DAY, 70, 50, 0, 0, 13, 50, 15));
    FitDays fit = new FitDays(made);
    Job job = job(MachineKind.SPRAYER, SoilTexture.LOAM);
    assertThat(new JobDays(fit).years()).hasSize(12);
    for (WorkYear year : new JobDays(fit).years()) {
      assertThat(year.fitHours(job, MachineKind.SPRAYER, DAY)).isZero();
      assertThat(year.fitHours(job, MachineKind.SPRAYER, DAY.plusDays(1))).isEqualTo(6);
      assertThat(year.opens(job)).contains(TODAY);
      assertThat(year.closes(job)).contains(TODAY.plusDays(60));
      assertThat(year.late(job)).isZero();
    }
    WorkYear counted = new JobDays(fit).expected();
    assertThat(counted.fitHours(job, MachineKind.SPRAYER, DAY)).isZero();
    assertThat(counted.fitHours(job, MachineKind.SPRAYER, DAY.plusDays(1))).isEqualTo(6);
    assertThat(counted.opens(job)).contains(TODAY);
    assertThat(counted.closes(job)).contains(job.window().end());
    assertThat(new JobDays(fit).chanceOpen(job, DAY.plusDays(1))).isEqualTo(1);
    assertThat(new JobDays(fit).chanceOpen(job, TODAY.plusDays(61))).isZero();
  }

  /** A window that is late in a year is late in that year alone. */
  @Test
  void aYearIsLateByItsOwnWindow() {
    List<LocalDate> opens = new ArrayList<>();
    List<LocalDate> closes = new ArrayList<>();
    for (int y = 0; y < 12; y++) {
      opens.add(TODAY.plusDays(y));
      closes.add(y == 3 ? null : TODAY.plusDays(20 + y));
    }
    JobWindow window =
        JobWindow.of(DateForecast.of(opens), DateForecast.of(closes), Figures.shipped());
    Job job = job(MachineKind.DRILL, SoilTexture.LOAM).withWindow(window);
    FitDays fit = new FitDays(outlook(DAY, new DailyWeather(DAY, 80, 60, 0, 0, 8, 50, 15)));
    LocalDate middle = window.opens().median().orElseThrow();
    int late = 0;
    for (int y = 0; y < 12; y++) {
      WorkYear year = new JobDays(fit).years().get(y);
      assertThat(year.opens(job)).contains(opens.get(y));
      assertThat(year.closes(job)).isEqualTo(Optional.ofNullable(closes.get(y)));
      assertThat(middle.plusDays(year.late(job))).isEqualTo(opens.get(y));
      late += year.late(job) > 0 ? 1 : 0;
      assertThat(window.openIn(y, opens.get(y).minusDays(1))).isFalse();
      assertThat(window.openIn(y, opens.get(y))).isEqualTo(y != 3);
    }
    assertThat(late).isEqualTo(6);
    assertThat(new JobDays(fit).expected().opens(job)).contains(TODAY.plusDays(5));
  }
}
