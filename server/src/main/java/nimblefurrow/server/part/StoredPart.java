package nimblefurrow.server.part;

import java.time.OffsetDateTime;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.codes.Stored;

/** A part as its row keeps it, with the time at which it was split off, by which parts count. */
public record StoredPart(
    UUID id, UUID subject, String operation, double acres, OffsetDateTime madeAt)
    implements Stored {
  /** Its name among jobs. */
  public JobId job() {
    return new JobId(id, Codes.read(Operation.class, operation));
  }
}
