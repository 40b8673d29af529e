package nimblefurrow.core.price;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;

/**
 * What an own machine costs: what it costs to have, over the acres it works in a year, and what it
 * costs to run.
 *
 * @param fixedPerYear $ a year whether it works or not
 * @param acresPerYear acres it works in a year
 * @param runningPerHour $ an hour for fuel, wear and the driver
 */
public record OwnCost(double fixedPerYear, double acresPerYear, double runningPerHour) {
  public OwnCost {
    Limits.within("fixed cost", fixedPerYear, 0, 1e6, Unit.DOLLAR_PER_YEAR);
    Limits.positive("acres a year", acresPerYear, 1e5, Unit.ACRE);
    Limits.within("running cost", runningPerHour, 0, 5000, Unit.DOLLAR_PER_HOUR);
  }

  /** Cost of an acre: owning spread over the land of a year, running by the hour. */
  public Money perAcre(WorkRate rate) {
    return Money.of(fixedPerYear / acresPerYear + runningPerHour / rate.acresPerHour());
  }

  /** A machine rented by the day, with the driver: $/ac when a day does so many hours. */
  public static Money rented(
      double perDay, double hoursPerDay, double runningPerHour, WorkRate rate) {
    Limits.within("rent", perDay, 0, 20_000, Unit.DOLLAR_PER_DAY);
    Limits.positive("hours a day", hoursPerDay, 24, Unit.HOUR);
    return Money.of((perDay / hoursPerDay + runningPerHour) / rate.acresPerHour());
  }
}
