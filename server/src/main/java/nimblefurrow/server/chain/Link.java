package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.server.platform.web.Maybe;

/**
 * A link; a crop starts when planted, a cover when its season's seeding may begin.
 *
 * @param zoneId of a cover: the one zone that it is for
 */
public record Link(
    UUID id,
    UUID fieldId,
    LinkKind kind,
    LocalDate starts,
    @Maybe UUID zoneId,
    @Maybe CropDetails crop,
    @Maybe CoverDetails cover,
    @Maybe CutDetails cut,
    int version) {}
