package nimblefurrow.server.season;

/**
 * How much of a species has reached a stage.
 *
 * @param words the stage
 * @param stems percent of its stems
 */
public record StageShare(String species, String words, int stems) {}
