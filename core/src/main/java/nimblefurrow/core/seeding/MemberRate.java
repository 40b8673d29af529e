package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;

/**
 * One member of a mix worked out for a field: live and bulk rate, live seeds and expected plants
 * per ft², pounds, 50-lb bags with the spare, and cost of the bulk seed per acre.
 */
public record MemberRate(
    Species species,
    double share,
    SeedRate live,
    SeedRate bulk,
    double liveSeedsPerSquareFoot,
    double plantsPerSquareFoot,
    Mass forField,
    int bags,
    Money costPerAcre,
    List<Reason> notes) {}
