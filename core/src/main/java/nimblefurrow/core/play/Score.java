package nimblefurrow.core.play;

import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Share;

/**
 * What a plan loses, year by year. Less is better; dollars alone order plans.
 *
 * @param dollars the loss of each year
 */
public record Score(Ensemble<Double> dollars) {
  private static final double BAD_YEAR = 0.9;
  private static final double LEAST_DOLLARS = 1;

  /** The mean loss over the years. */
  public Money mean() {
    double sum = 0;
    for (int y = 0; y < dollars.years(); y++) {
      sum += dollars.in(y).orElseThrow();
    }
    return Money.of(sum / dollars.years());
  }

  /** The share of the years in which it loses less than another, by a dollar or more. */
  public Share better(Score than) {
    int years = 0;
    for (int y = 0; y < dollars.years(); y++) {
      years +=
          dollars.in(y).orElseThrow() <= than.dollars.in(y).orElseThrow() - LEAST_DOLLARS ? 1 : 0;
    }
    return Share.of((double) years / dollars.years());
  }

  /** The loss that nine years of ten do not exceed. */
  public Money badYear() {
    return Money.of(dollars.quantile(BAD_YEAR).orElseThrow());
  }
}
