package nimblefurrow.server.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.season.SharedCounts;
import nimblefurrow.server.journal.EntryDetails;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Journal.Entry;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A count speaks to its neighbours as it speaks to its own field: without the writer's bias. */
class CountedCoversTest {
  private static final UUID FIELD = UUID.randomUUID();
  private static final UUID COVER = UUID.randomUUID();

  private static Entry entry(EntryKind kind, LocalDate on, EntryDetails details) {
    return new Entry(
        UUID.randomUUID(),
        FIELD,
        COVER,
        null,
        kind,
        on,
        null,
        null,
        null,
        " R-7 ",
        "",
        "Ada",
        details);
  }

  private static EntryDetails counted(Double eye) {
    return new EntryDetails(
        null, null, null, "cereal-rye", 5, 50, 20, null, null, null, null, eye, null);
  }

  @ParameterizedTest
  @CsvSource({"0.10, 15", "-0.04, 22", ", 20", "0.90, 0"})
  void theEyeIsTakenOffForNeighboursToo(Double eye, int past) {
    Entry sown = entry(EntryKind.SEEDED, LocalDate.of(2026, 9, 20), EntryDetails.none());
    Entry count = entry(EntryKind.STEM_COUNT, LocalDate.of(2027, 5, 16), counted(eye));
    SharedCounts.Counted told = CountedCovers.of(List.of(sown, count)).get(0);
    assertThat(told.lot()).isEqualTo("R-7");
    assertThat(told.stems().get(0).count().past()).isEqualTo(past);
    assertThat(CountedCovers.of(List.of(count))).as("nobody sowed it").isEmpty();
  }
}
