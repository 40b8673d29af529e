package nimblefurrow.core.coverage;

import nimblefurrow.core.quantity.Length;

/**
 * One reading of a machine as it works.
 *
 * @param seconds since the first reading
 * @param pounds laid since the reading before
 * @param width swath at that moment
 */
public record AppliedPoint(
    double longitude, double latitude, double seconds, double pounds, Length width) {}
