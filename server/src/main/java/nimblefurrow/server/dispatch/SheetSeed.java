package nimblefurrow.server.dispatch;

/**
 * Seed to take along.
 *
 * @param bulkRate lb/ac as it leaves the box
 */
public record SheetSeed(String name, double bulkRate, double pounds) {}
