package nimblefurrow.server.termination;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import nimblefurrow.server.platform.web.Maybe;

/**
 * A cover that somebody asks to change: a field's, or a zone's own.
 *
 * @param version of the cover as it was read; a script that never read it leaves it out
 */
record CoverAsked(@NotNull UUID fieldId, @Maybe UUID zoneId, @Maybe Integer version) {}
