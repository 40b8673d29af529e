package nimblefurrow.server.planning;

import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.codes.Stored;

/** A job's name as rows of plans keep it. */
record StoredJob(UUID cover, String operation) implements Stored {
  static StoredJob of(JobId job) {
    return new StoredJob(job.cover(), Codes.kept(job.operation()));
  }

  JobId job() {
    return new JobId(cover, Codes.read(Operation.class, operation));
  }
}
