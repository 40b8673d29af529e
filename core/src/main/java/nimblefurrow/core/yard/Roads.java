package nimblefurrow.core.yard;

import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.weather.Site;

/**
 * How long a machine is on the road from one farmstead's fields to another's. Within one place, and
 * between places that are not on the list, it takes no time.
 *
 * @param hours from place to place; a way there is also the way back
 * @param perHour what an hour on the road costs
 */
public record Roads(Map<Way, Duration> hours, Money perHour) {
  private static final FigureKey SPEED = FigureKey.of("work", "road_speed");
  private static final FigureKey DETOUR = FigureKey.of("work", "road_detour");
  private static final FigureKey PRICE = FigureKey.of("work", "road_hour");

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

  /**
   * Roads between places, as far as they can be told from the map: the way as the crow flies,
   * longer by what roads go round, at the speed of a tractor.
   *
   * @param places the middle of each farmstead's fields
   */
  public static Roads of(Map<String, Site> places, Figures figures) {
    Map<Way, Duration> hours = new HashMap<>();
    places.forEach(
        (from, a) ->
            places.forEach(
                (to, b) -> {
                  if (from.compareTo(to) < 0) {
                    double miles = a.milesTo(b) * figures.of(DETOUR);
                    long seconds = Math.round(3600 * miles / figures.of(SPEED));
                    hours.put(new Way(from, to), Duration.ofSeconds(seconds));
                  }
                }));
    return new Roads(hours, Money.of(figures.of(PRICE)));
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
