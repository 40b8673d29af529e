package nimblefurrow.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;

/** Jobs that wait for each other are named; the rest is planned. */
class CirclesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 10, 1);

  private static Job job(String name, Job... before) {
    JobWindow window =
        new JobWindow(
            DateForecast.certain(DAY), DateForecast.certain(DAY.plusDays(9)), DAY.plusDays(9));
    return Job.of(
            new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED),
            name,
            MachineKind.DRILL,
            Area.ofAcres(40),
            List.of(Footing.bare(SoilTexture.LOAM)),
            window)
        .with(
            j ->
                j.after(
                    Arrays.stream(before)
                        .map(b -> new After(b.id(), b.field(), 0, 400, Optional.empty()))
                        .toList()));
  }

  @Test
  void aCircleIsNamedAndTheRestIsKept() {
    Job alone = job("alone");
    Job one = job("one", job("three"));
    Job two = job("two", one);
    Job three = job("three", two);
    Job behind = job("behind", three);
    List<Job> all = List.of(alone, one, two, three, behind);
    List<Unplaced> never = Circles.of(all);
    assertThat(never)
        .extracting(Unplaced::jobId)
        .containsExactly(one.id(), two.id(), three.id(), behind.id());
    assertThat(never.get(0).why().in(nimblefurrow.core.quantity.UnitSystem.US))
        .isEqualTo(
            "never begins: it waits for three (drill), and that for it or for others that wait in a circle");
    assertThat(Circles.without(all)).containsExactly(alone);
  }

  @Test
  void aChainIsNoCircle() {
    Job one = job("one");
    Job two = job("two", one);
    Job three = job("three", two, one);
    List<Job> all = List.of(three, two, one);
    assertThat(Circles.of(all)).isEmpty();
    assertThat(Circles.without(all)).isSameAs(all);
    Job done =
        one.with(
            j ->
                j.after(
                    List.of(
                        new After(three.id(), "three", 0, 400, Optional.of(DAY.minusDays(1))))));
    assertThat(Circles.of(List.of(three, two, done))).as("what is done is waited for").isEmpty();
    Job gone = job("late", job("nowhere"));
    assertThat(Circles.of(List.of(gone))).as("what is on no list holds nobody").isEmpty();
  }
}
