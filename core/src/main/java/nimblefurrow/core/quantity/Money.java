package nimblefurrow.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** An amount of money in the farm's currency, to the cent: {@code Money.of(12.5)}. */
public record Money(BigDecimal amount) {
  public Money {
    amount = Limits.given("money", amount).setScale(2, RoundingMode.HALF_UP);
  }

  /** An amount, rounded to the cent. */
  public static Money of(double amount) {
    Limits.within("money", amount, -1e10, 1e10, Unit.NONE);
    return new Money(BigDecimal.valueOf(amount));
  }

  /** Both together. */
  public Money plus(Money other) {
    return new Money(amount.add(other.amount));
  }

  /** The amount for reckoning on. */
  public double value() {
    return amount.doubleValue();
  }
}
