package nimblefurrow.core.advice;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.seeding.SeedingMethod;

/**
 * A species or mix that will do.
 *
 * @param sowing about when
 * @param score 0–100, only to order by
 * @param served how well it serves the goals as weighed, 0–1
 * @param chance that it gets in in time, 0–1
 * @param costPerAcre seed at the catalogue's prices
 */
public record Option(
    Mix mix,
    SeedingMethod way,
    LocalDate sowing,
    double score,
    double served,
    double chance,
    Money costPerAcre,
    List<Reason> reasons) {}
