package nimblefurrow.server.platform.codes;

/**
 * A record that a row keeps as JSON, known to its own room only: plain figures, words, days and
 * lasting codes, never core's types, so that those may change and every row stays readable.
 * Example: where jobs stood before an act. Its name begins with {@code Stored}.
 */
public interface Stored {}
