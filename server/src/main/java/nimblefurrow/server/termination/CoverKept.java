package nimblefurrow.server.termination;

import java.util.UUID;
import nimblefurrow.server.platform.web.Maybe;

/**
 * What became of a change of a field's cover.
 *
 * @param refused why it is as it was
 */
record CoverKept(UUID fieldId, String field, @Maybe String refused) {}
