package nimblefurrow.core.coverage;

/**
 * One reading of a machine as it works.
 *
 * @param seconds since the first reading
 * @param pounds laid since the reading before
 * @param widthFt swath at that moment
 */
public record AppliedPoint(
    double longitude, double latitude, double seconds, double pounds, double widthFt) {}
