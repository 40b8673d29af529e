package nimblefurrow.core.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Overnight.Change;
import nimblefurrow.core.board.Overnight.Standing;
import nimblefurrow.core.board.Overnight.What;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OvernightTest {
  private static final LocalDate DAY = LocalDate.of(2026, 10, 1);

  private static Standing at(String name, Integer day, double chance) {
    return new Standing(
        new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED),
        Optional.ofNullable(day).map(DAY::plusDays),
        chance);
  }

  @ParameterizedTest
  @CsvSource({
    "3, .85, 3, .85, ",
    "3, .85, 4, .85, LATER",
    "3, .85, 1, .85, EARLIER",
    "3, .85, 3, .76, ",
    "3, .85, 3, .74, RISKIER",
    "3, .85, 9, .60, RISKIER",
    "3, .60, 3, .71, SAFER",
    "3, .60, , .00, NO_ROOM",
    ", .00, 3, .40, ROOM_AGAIN",
    ", .00, , .00, "
  })
  void whatIsToldOf(Integer then, double was, Integer now, double is, What what) {
    List<Change> changes =
        Overnight.changes(
            List.of(at("a", then, was)), List.of(at("a", now, is)), Figures.shipped());
    assertThat(changes)
        .extracting(Change::what)
        .isEqualTo(what == null ? List.of() : List.of(what));
  }

  @Test
  void theWorstComesFirstAndWhatIsNewIsNoChange() {
    List<Standing> then = List.of(at("a", 3, .9), at("b", 3, .9), at("c", 3, .9), at("gone", 3, 1));
    List<Standing> now =
        List.of(at("a", 1, .9), at("b", 5, .9), at("c", null, 0), at("new", 4, .2));
    List<Change> changes = Overnight.changes(then, now, Figures.shipped());
    assertThat(changes)
        .extracting(Change::what)
        .containsExactly(What.NO_ROOM, What.LATER, What.EARLIER);
    assertThat(changes.get(1).days()).isEqualTo(2);
    assertThat(changes.get(2).days()).isEqualTo(-2);
    assertThat(changes.get(0).days()).isZero();
  }
}
