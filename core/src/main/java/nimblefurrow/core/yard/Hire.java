package nimblefurrow.core.yard;

import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Unit;

/**
 * On what terms a crew comes: {@code new Hire(Money.of(14), Area.ofAcres(200), 3)} is $14 an acre,
 * 200 acres at least, three days after it is called.
 *
 * @param perAcre price of an acre
 * @param least acres that are paid for however few are done; none: zero acres
 * @param noticeDays days from the call to the first day of work, 0–60
 */
public record Hire(Money perAcre, Area least, int noticeDays) {
  public Hire {
    Limits.given("price", perAcre);
    Limits.given("least acres", least);
    Limits.within("notice", noticeDays, 0, 60, Unit.DAY);
  }

  /** What is paid for so many acres done. */
  Money bill(double acres) {
    return Money.of(perAcre.value() * Math.max(least.acres(), acres));
  }
}
