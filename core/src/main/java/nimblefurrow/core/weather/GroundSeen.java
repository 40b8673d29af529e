package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * What people read and felt on one piece of ground: its own rain gauge, and the soil between their
 * fingers. {@code GroundSeen.NOTHING} leaves all to the station. Not a record of weather: days
 * without a reading keep the station's rain.
 *
 * @param rain read from a gauge by day, in, 0–20; it stands in the place of the station's
 * @param felt water of the topsoil by the evening of a day, as soil in the hand told it
 */
public record GroundSeen(Map<LocalDate, Double> rain, Map<LocalDate, Felt> felt) {
  /** Nothing read, nothing felt. */
  public static final GroundSeen NOTHING = new GroundSeen(Map.of(), Map.of());

  /**
   * Water of the topsoil as a hand told it.
   *
   * @param share of field capacity, 0–1.4
   * @param sd how far such a feel is off, more than 0
   */
  public record Felt(double share, double sd) {
    public Felt {
      Limits.within("water felt", share, 0, 1.4, Unit.NONE);
      Limits.positive("error of what was felt", sd, 1, Unit.NONE);
    }

    /**
     * What is held of the water after the feel.
     *
     * @param reckoned what the sums of rain and sun say
     * @param error how far those sums are off (SD)
     */
    public double after(double reckoned, double error) {
      double weight = error * error / (error * error + sd * sd);
      return reckoned + weight * (share - reckoned);
    }
  }

  public GroundSeen {
    rain = Map.copyOf(rain);
    felt = Map.copyOf(felt);
    rain.values().forEach(in -> Limits.within("rain of a day", in, 0, 20, Unit.INCH_OF_RAIN));
  }

  /** Rain of a day: the gauge's where it was read, else the station's. */
  public double rainOn(LocalDate date, double station) {
    return rain.isEmpty() ? station : rain.getOrDefault(date, station);
  }
}
