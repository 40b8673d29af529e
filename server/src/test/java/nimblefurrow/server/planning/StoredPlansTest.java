package nimblefurrow.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Overnight.Change;
import nimblefurrow.core.board.Overnight.Standing;
import nimblefurrow.core.board.Overnight.What;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.server.RunningServer;
import nimblefurrow.server.platform.codes.StoredJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Rows of mornings and offers as earlier versions wrote them, from core's own records. */
@ExtendWith(RunningServer.class)
class StoredPlansTest {
  private static final UUID COVER = UUID.fromString("00000000-0000-4000-8000-000000000001");
  private static final JobId DISC = new JobId(COVER, Operation.FIRST_DISC);
  private static final String JOB =
      "{\"cover\":\"00000000-0000-4000-8000-000000000001\",\"operation\":\"FIRST_DISC\"}";
  private static final String THEN =
      "{\"job\":" + JOB + ",\"begins\":\"2026-10-03\",\"inWindow\":0.9}";
  private static final String NOW = "{\"job\":" + JOB + ",\"begins\":null,\"inWindow\":0.25}";

  private static StoredJson json() {
    return RunningServer.bean(StoredJson.class);
  }

  @Test
  void aMorningOfBeforeReadsBackAndIsWrittenAsBefore() {
    Standing then = new Standing(DISC, Optional.of(LocalDate.of(2026, 10, 3)), 0.9);
    Standing now = new Standing(DISC, Optional.empty(), 0.25);
    assertThat(json().all("[" + THEN + "," + NOW + "]", StoredStanding.class))
        .extracting(StoredStanding::standing)
        .containsExactly(then, now);
    String change = "[{\"what\":\"NO_ROOM\",\"then\":" + THEN + ",\"now\":" + NOW + "}]";
    List<StoredChange> changes = json().all(change, StoredChange.class);
    assertThat(changes)
        .extracting(StoredChange::change)
        .containsExactly(new Change(What.NO_ROOM, then, now));
    assertThat(json().all(json().write(changes), StoredChange.class)).isEqualTo(changes);
  }

  @Test
  void anOfferOfBeforeCanStillBeTaken() {
    String offer =
        "{\"id\":\"00000000-0000-4000-8000-000000000002\",\"keeping\":1200.5,\"steps\":[{\"most\":0.15,"
            + "\"loss\":900.25,\"moved\":[{\"job\":"
            + JOB
            + ",\"how\":\"WAIT\"}],\"places\":{\"places\":[]},\"gone\":["
            + JOB
            + "]}]}";
    StoredOffer read = json().read(offer, StoredOffer.class);
    assertThat(read.steps()).hasSize(1);
    assertThat(read.steps().get(0).loss()).isEqualTo(900.25);
    assertThat(read.steps().get(0).left()).containsExactly(DISC);
    assertThat(read.steps().get(0).places().pins()).isEmpty();
  }
}
