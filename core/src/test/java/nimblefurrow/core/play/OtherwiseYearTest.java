package nimblefurrow.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;

/** A longer day has the hours that were asked for, once; a day that is not fit stays so. */
class OtherwiseYearTest {
  private static final LocalDate DAY = LocalDate.of(2026, 10, 1);
  private static final Job JOB =
      Job.of(
          new JobId(new UUID(0, 1), Operation.SEED),
          "Ferry Road",
          MachineKind.DRILL,
          Area.ofAcres(40),
          List.of(Footing.bare(SoilTexture.LOAM)),
          JobWindow.of(
              DateForecast.certain(DAY),
              DateForecast.certain(DAY.plusDays(30)),
              Figures.shipped()));

  /** Hours by the day of the month: none on even days. */
  private static final WorkYear YEAR =
      new WorkYear() {
        @Override
        public double fitHours(Job job, MachineKind kind, LocalDate day) {
          return day.getDayOfMonth() % 2 == 0 ? 0 : day.getDayOfMonth();
        }

        @Override
        public Optional<LocalDate> opens(Job job) {
          return Optional.of(DAY);
        }

        @Override
        public Optional<LocalDate> closes(Job job) {
          return Optional.of(DAY.plusDays(30));
        }

        @Override
        public int late(Job job) {
          return 3;
        }
      };

  @Test
  void longerDaysAreLongerByWhatWasAskedFor() {
    WorkYear longer = new OtherwiseYear(YEAR, 0, 2);
    assertThat(longer.fitHours(JOB, MachineKind.DRILL, DAY)).isEqualTo(3);
    assertThat(longer.fitHours(JOB, MachineKind.DRILL, DAY.plusDays(1))).isZero();
    assertThat(longer.fitHours(JOB, MachineKind.DRILL, DAY, 5)).containsExactly(3, 0, 5, 0, 7);
    assertThat(longer.fitHours(JOB, MachineKind.DRILL, DAY.plusDays(22))).isEqualTo(24);
    assertThat(longer.opens(JOB)).contains(DAY);
    assertThat(longer.late(JOB)).isEqualTo(3);
  }

  @Test
  void readySoonerOpensSoonerAndChangesNoHour() {
    WorkYear sooner = new OtherwiseYear(YEAR, 4, 0);
    assertThat(sooner.opens(JOB)).contains(DAY.minusDays(4));
    assertThat(sooner.fitHours(JOB, MachineKind.DRILL, DAY, 3)).containsExactly(1, 0, 3);
  }
}
