package nimblefurrow.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A job split by hand into parts that are done by themselves. */
class PartTest {
  private static final LocalDate DAY = LocalDate.of(2026, 10, 1);
  private static final Figures FIGURES = Figures.shipped();
  private static final Job FIELD = job("Long Half", Operation.SEED, 305, List.of());

  private static Job job(String name, Operation operation, double acres, List<After> after) {
    JobWindow window =
        new JobWindow(
            DateForecast.certain(DAY), DateForecast.certain(DAY.plusDays(9)), DAY.plusDays(9));
    return Job.of(
            new JobId(UUID.randomUUID(), operation),
            name,
            MachineKind.DRILL,
            Area.ofAcres(acres),
            List.of(Footing.bare(SoilTexture.LOAM)),
            window)
        .with(j -> j.after(after));
  }

  private static Part part(double acres) {
    return new Part(UUID.randomUUID(), FIELD.id(), Area.ofAcres(acres));
  }

  @Test
  void thePartsAreNamedAndTheRestComesFirst() {
    Part one = part(120);
    Part two = part(40);
    List<Job> all = Part.split(FIELD, List.of(one, two), FIGURES);
    assertThat(all)
        .extracting(Job::field)
        .containsExactly("Long Half, part 1", "Long Half, part 2", "Long Half, part 3");
    assertThat(all).extracting(j -> j.area().acres()).containsExactly(145.0, 120.0, 40.0);
    assertThat(all).extracting(Job::id).containsExactly(FIELD.id(), one.job(), two.job());
    assertThat(one.job().operation()).isEqualTo(Operation.SEED);
    assertThat(Part.split(FIELD, List.of(), FIGURES)).containsExactly(FIELD);
  }

  /** However it is split, and however often the field has shrunk since, no acre is lost or made. */
  @Test
  void acresInAreAcresOut() {
    Random random = new Random(7);
    int cut = 0;
    for (int round = 0; round < 500; round++) {
      double acres = 2 + 300 * random.nextDouble();
      Job field = FIELD.with(j -> j.area(Area.ofAcres(acres)));
      List<Part> parts = random.doubles(4, 1, 200).mapToObj(PartTest::part).toList();
      List<Job> all = Part.split(field, parts, FIGURES);
      assertThat(all.stream().mapToDouble(j -> j.area().acres()).sum())
          .isCloseTo(acres, within(1e-9));
      assertThat(all.get(0).area().acres()).isGreaterThanOrEqualTo(1 - 1e-9);
      cut += parts.stream().mapToDouble(p -> p.area().acres()).sum() > acres ? 1 : 0;
    }
    assertThat(cut).as("rounds in which the parts were more than the field").isGreaterThan(50);
  }

  @Test
  void whatWaitsForTheJobWaitsForAllOfIt() {
    Part one = part(120);
    After sown = new After(FIELD.id(), "sowing", 0, 20, Optional.empty());
    Job slurry = job("Long Half", Operation.SLURRY, 305, List.of(sown));
    Job other = job("Mill Forty", Operation.SEED, 40, List.of());
    List<Job> all = Part.awaited(List.of(slurry, other), List.of(one));
    assertThat(all.get(0).after()).extracting(After::jobId).containsExactly(FIELD.id(), one.job());
    assertThat(all.get(0).after()).extracting(After::mostDays).containsOnly(20);
    assertThat(all.get(1)).isSameAs(other);
  }

  @ParameterizedTest
  @CsvSource({"0.9,acres of the part are 1.0 to 304.0", "304.5,acres of the part are 1.0 to 304.0"})
  void aPartIsNeitherNothingNorAll(double acres, String says) {
    assertThatThrownBy(() -> part(acres).checked(FIELD.area(), List.of(), FIGURES))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(says);
    assertThat(part(304).checked(FIELD.area(), List.of(), FIGURES).area().acres()).isEqualTo(304);
    assertThat(part(1).checked(FIELD.area(), List.of(), FIGURES).area().acres()).isEqualTo(1);
  }

  @Test
  void fivePartsAreEnough() {
    List<Part> three = List.of(part(10), part(10), part(10));
    assertThat(part(10).checked(FIELD.area(), three, FIGURES)).isNotNull();
    List<Part> four = List.of(part(10), part(10), part(10), part(10));
    assertThatThrownBy(() -> part(10).checked(FIELD.area(), four, FIGURES))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("at most 5 parts");
  }
}
