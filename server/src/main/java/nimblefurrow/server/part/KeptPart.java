package nimblefurrow.server.part;

import java.time.OffsetDateTime;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.server.platform.codes.Codes;

/** A part as its row keeps it, with the time at which it was split off, by which parts count. */
public record KeptPart(
    UUID id, UUID subject, String operation, double acres, OffsetDateTime madeAt) {
  /** Its name among jobs. */
  public JobId job() {
    return new JobId(id, Codes.read(Operation.class, operation));
  }
}
