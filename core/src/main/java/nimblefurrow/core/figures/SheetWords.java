package nimblefurrow.core.figures;

/**
 * How a sheet is told to people, for example "termination", group "Ending a cover", title "Rolling
 * and spraying".
 */
public record SheetWords(String sheet, String group, String title) {}
