package nimblefurrow.core.work;

import java.time.Duration;
import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;

/**
 * How long a machine is on the road from one farmstead's fields to another's. Within one place, and
 * between places that are not on the list, it takes no time.
 *
 * @param hours from place to place; a way there is also the way back
 * @param perHour what an hour on the road costs
 */
public record Roads(Map<Way, Duration> hours, Money perHour) {
  /** From one farmstead to another. */
  public record Way(String from, String to) {
    public Way {
      Limits.given("place", from);
      Limits.given("place", to);
    }
  }

  public Roads {
    Limits.given("price of an hour on the road", perHour);
    hours = Map.copyOf(hours);
  }

  /** A farm whose fields lie side by side. */
  public static Roads none() {
    return new Roads(Map.of(), Money.of(0));
  }

  /** Time on the road between two places. */
  public Duration between(String from, String to) {
    Duration way = hours.get(new Way(from, to));
    return way != null ? way : hours.getOrDefault(new Way(to, from), Duration.ZERO);
  }
}
