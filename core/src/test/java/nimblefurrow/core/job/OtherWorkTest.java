package nimblefurrow.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Run;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.Roads;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Work of the farm's own among the jobs of its covers. */
class OtherWorkTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 10, 5);
  private static final LocalDate LAST = LocalDate.of(2026, 10, 20);
  private static final Figures FIGURES = Figures.shipped();
  private static final List<Footing> GROUND = List.of(Footing.bare(SoilTexture.SILT_LOAM));
  private static final Machine TRUCK =
      Machine.of("truck", "Grain truck", MachineKind.OTHER, WorkRate.acresPerHour(15));

  private static OtherWork work(Double acres, Double hours, Double cost, LocalDate last) {
    return new OtherWork(
        UUID.randomUUID(),
        "haul corn",
        "truck",
        Optional.ofNullable(acres).map(Area::ofAcres),
        Optional.ofNullable(hours).map(Durations::hours),
        FIRST,
        last,
        Optional.ofNullable(cost).map(Money::of));
  }

  @Test
  void hoursAreHoursWhateverTheMachinesRate() {
    Job job = work(null, 12.0, 900.0, LAST).on(TRUCK, GROUND, FIGURES);
    assertThat(job.hoursOn(TRUCK)).isCloseTo(12, within(1e-9));
    assertThat(job.value().lost().value() * job.area().acres())
        .as("never done it costs what was said, in all")
        .isCloseTo(900, within(0.01 * job.area().acres()));
    Machine faster = TRUCK.with(b -> b.rate(WorkRate.acresPerHour(30)));
    assertThat(work(null, 12.0, null, LAST).on(faster, GROUND, FIGURES).hoursOn(faster))
        .isCloseTo(12, within(1e-9));
  }

  /** 300 hours at 400 ac/h would be 120,000 acres: the job is the most there is, gone over more. */
  @Test
  void manyHoursOfAFastMachineAreStillAJob() {
    Machine fast = TRUCK.with(b -> b.rate(WorkRate.acresPerHour(400)));
    Job job = work(null, 300.0, null, LAST).on(fast, GROUND, FIGURES);
    assertThat(job.area().acres()).isEqualTo(50_000);
    assertThat(job.hoursOn(fast)).isCloseTo(300, within(1e-9));
    Machine fastest = TRUCK.with(b -> b.rate(WorkRate.acresPerHour(2000)));
    assertThat(work(null, 400.0, null, LAST).on(fastest, GROUND, FIGURES).goes()).isEqualTo(10);
  }

  /** Of twelve hours of 180 acres five are 75, and all twelve are all of it, to the last acre. */
  @Test
  void hoursDoneAreTheSameShareOfItsAcres() {
    CountedHours counted = new CountedHours(Duration.ofHours(12), Area.ofAcres(180));
    assertThat(counted.done(5).acres()).isCloseTo(75, within(1e-9));
    assertThat(counted.left(Area.ofAcres(105))).isCloseTo(7, within(1e-9));
    CountedHours odd = new CountedHours(Duration.ofMinutes(413), Area.ofAcres(103.7));
    assertThat(odd.done(odd.all())).isEqualTo(odd.whole());
    assertThatThrownBy(() -> counted.done(12.5))
        .isInstanceOf(OutOfRange.class)
        .hasMessage("hours done are 0 to 12.0, got 12.5");
    assertThatThrownBy(() -> counted.done(-1)).isInstanceOf(OutOfRange.class);
  }

  @Test
  void acresGoByTheMachinesRate() {
    Job job = work(60.0, null, null, LAST).on(TRUCK, GROUND, FIGURES);
    assertThat(job.hoursOn(TRUCK)).isCloseTo(4, within(1e-9));
    assertThat(job.value().lost().value()).isEqualTo(40);
  }

  @Test
  void itsOwnMachineAloneDoesIt() {
    Machine other = TRUCK.with(b -> b.id("other"));
    Job job = work(60.0, null, null, LAST).on(TRUCK, GROUND, FIGURES);
    assertThat(job.suits(TRUCK)).isTrue();
    assertThat(job.suits(other)).isFalse();
    Campaign campaign =
        new Campaign(FIRST, LAST, List.of(job), List.of(other, TRUCK), List.of(), Roads.none());
    assertThat(campaign.able(job)).containsExactly(TRUCK);
  }

  @Test
  void itGoesOnInWeatherThatStopsADrill() {
    WorkYear wet =
        new WorkYear() {
          @Override
          public double fitHours(Job job, MachineKind kind, LocalDate day) {
            return kind == MachineKind.OTHER ? 10 : 0;
          }

          @Override
          public Optional<LocalDate> opens(Job job) {
            return Optional.of(FIRST);
          }

          @Override
          public Optional<LocalDate> closes(Job job) {
            return Optional.of(LAST);
          }

          @Override
          public int late(Job job) {
            return 0;
          }
        };
    Job job = work(null, 12.0, null, LAST).on(TRUCK, GROUND, FIGURES);
    Campaign campaign =
        new Campaign(FIRST, LAST, List.of(job), List.of(TRUCK), List.of(), Roads.none());
    Run run =
        new Evaluator(campaign, List.of(wet), FIGURES)
            .play(new Plan(List.of(Turn.on(job.id(), "truck"))), 0, true)
            .byJob()
            .get(job.id());
    assertThat(run.done()).isTrue();
    assertThat(run.days()).extracting(DayWork::date).containsExactly(FIRST, FIRST.plusDays(1));
  }

  @ParameterizedTest
  @CsvSource({
    ",,,15,acres",
    "0,,,15,acres",
    "-5,,,15,area",
    "50001,,,15,acres",
    "10,3,,15,acres",
    ",0.1,,15,hours",
    ",401,,15,hours",
    ",3,-1,15,cost",
    ",3,,-1,last day",
    ",3,,401,last day",
  })
  void whatCannotBeIsRefusedByName(
      Double acres, Double hours, Double cost, int days, String names) {
    assertThatThrownBy(() -> work(acres, hours, cost, FIRST.plusDays(days)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(names);
    assertThat(work(null, 400.0, 1_000_000.0, FIRST.plusDays(400)).takes())
        .as("the limits themselves are in")
        .contains(Duration.ofHours(400));
  }
}
