package nimblefurrow.server.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.season.look.SharedCounts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A count speaks to its neighbours as it speaks to its own field: without the writer's bias. */
class CountedCoversTest {
  private static final UUID FIELD = UUID.randomUUID();
  private static final UUID COVER = UUID.randomUUID();

  private static Entry entry(LocalDate on, Fact fact) {
    Noted noted =
        new Noted(
            on,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            " R-7 ",
            "",
            "Ada",
            Optional.empty());
    return new Entry(UUID.randomUUID(), FIELD, COVER, noted, fact);
  }

  private static StemsCounted counted(Double eye) {
    return new StemsCounted(
        Optional.of("cereal-rye"), 5, 50, 20, Optional.ofNullable(eye), List.of());
  }

  @ParameterizedTest
  @CsvSource({"0.10, 15", "-0.04, 22", ", 20", "0.90, 0"})
  void theEyeIsTakenOffForNeighboursToo(Double eye, int past) {
    Entry sown = entry(LocalDate.of(2026, 9, 20), new Sown());
    Entry count = entry(LocalDate.of(2027, 5, 16), counted(eye));
    SharedCounts.Counted told = CountedCovers.of(List.of(sown, count)).get(0);
    assertThat(told.lot()).isEqualTo("R-7");
    assertThat(told.stems().get(0).count().past()).isEqualTo(past);
    assertThat(CountedCovers.of(List.of(count))).as("nobody sowed it").isEmpty();
  }
}
