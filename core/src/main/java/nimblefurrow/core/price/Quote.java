package nimblefurrow.core.price;

import java.util.Optional;
import java.util.function.DoubleFunction;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;

/**
 * What a hired crew asks: by the acre while a load goes far, by the hour for heavy rates, and a sum
 * for setting up at each field.
 *
 * @param perAcre $/ac
 * @param perHour $/h
 * @param setUp $ for each field
 * @param threshold bulk rate up to which the price per acre holds
 */
public record Quote(double perAcre, double perHour, double setUp, SeedRate threshold) {
  private static final int BISECTIONS = 60;

  public Quote {
    Limits.within("price per acre", perAcre, 0, 1000, Unit.DOLLAR_PER_ACRE);
    Limits.within("price per hour", perHour, 0, 10_000, Unit.DOLLAR_PER_HOUR);
    Limits.within("set-up", setUp, 0, 10_000, Unit.DOLLAR);
  }

  /** Price by the acre on a field with the set-up, $/ac; a quote is for one pass over the field. */
  public Money byAcre(Area field, int passes) {
    return Money.of(perAcre * passes(passes) + setUp / acres(field));
  }

  /** Price by the hour on a field with the set-up, $/ac, at the acres an hour it can do there. */
  public Money byHour(Area field, WorkRate rate) {
    return Money.of(perHour / rate.acresPerHour() + setUp / acres(field));
  }

  /** What will be charged: by the acre up to the threshold, by the hour above. */
  public Money charged(Area field, SeedRate bulk, WorkRate rate, int passes) {
    return hourly(bulk) ? byHour(field, rate) : byAcre(field, passes);
  }

  /** Whether the heavier rate is charged by the hour. */
  public boolean hourly(SeedRate bulk) {
    return bulk.poundsPerAcre() > threshold.poundsPerAcre();
  }

  /**
   * The bulk rate above which the hour costs more than the acre; empty when they never cross
   * between 1 and 200 lb/ac.
   *
   * @param acresPerHour acres an hour at a bulk rate (lb/ac), all passes together; falls as the
   *     rate rises
   * @param passes how often the field is flown or driven for it; each costs the price per acre
   */
  public Optional<SeedRate> crossing(DoubleFunction<Double> acresPerHour, int passes) {
    double low = 1;
    double high = 200;
    if (perAcre <= 0 || dearer(low, acresPerHour, passes) || !dearer(high, acresPerHour, passes)) {
      return Optional.empty();
    }
    for (int i = 0; i < BISECTIONS; i++) {
      double middle = (low + high) / 2;
      if (dearer(middle, acresPerHour, passes)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return Optional.of(SeedRate.poundsPerAcre(high));
  }

  private boolean dearer(double rate, DoubleFunction<Double> acresPerHour, int passes) {
    return perHour / acresPerHour.apply(rate) > perAcre * passes(passes);
  }

  private static int passes(int passes) {
    return (int) Limits.within("passes", passes, 1, 10, Unit.NONE);
  }

  private static double acres(Area field) {
    return Limits.positive("area", field.acres(), 50_000, Unit.ACRE);
  }
}
