package nimblefurrow.server.crew;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.ReportKind;
import nimblefurrow.server.platform.web.Maybe;

/**
 * What somebody says of a job.
 *
 * @param id chosen by whoever says it, so that what is sent twice is kept once
 * @param day that is meant; today where none is given
 * @param acres done so far, all in all
 * @param hours done so far, of work that is counted in hours
 * @param pounds used so far
 */
record ReportForm(
    @NotNull UUID id,
    @NotNull JobId job,
    @NotNull ReportKind kind,
    @Maybe LocalDate day,
    @Maybe @Min(0) @Max(50_000) Double acres,
    @Maybe @Min(0) @Max(400) Double hours,
    @Maybe @Min(0) @Max(10_000_000) Double pounds,
    @Maybe @Size(max = 500) String words) {}
