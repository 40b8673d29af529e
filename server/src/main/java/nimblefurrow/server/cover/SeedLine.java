package nimblefurrow.server.cover;

/** One member's seed for a field; rates lb/ac, plants per ft², pounds of bulk seed. */
public record SeedLine(
    String species,
    String name,
    double liveRate,
    double bulkRate,
    double plantsPerSquareFoot,
    double fieldPounds,
    int bags,
    double costPerAcre) {}
