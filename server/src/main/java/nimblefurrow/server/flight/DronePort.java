package nimblefurrow.server.flight;

import java.time.Duration;
import java.util.List;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Speed;

/** A drone that flies a plan. */
public interface DronePort {
  /** How it goes and what it lays, from start to landing. */
  record Flown(List<Moment> moments, List<AppliedPoint> points, double seconds) {
    /** The last moment at or before a second. */
    public Moment at(double second) {
      int low = 0;
      int high = moments.size() - 1;
      while (low < high) {
        int middle = (low + high + 1) >>> 1;
        if (moments.get(middle).seconds() <= second) {
          low = middle;
        } else {
          high = middle - 1;
        }
      }
      return moments.get(low);
    }
  }

  /** What it is doing. */
  enum Doing {
    FERRY,
    SPREADING,
    TURNING,
    REFILLING,
    HOLDING_FOR_WIND,
    LANDED
  }

  /** Where it is at a second, which flight it is (from 1), what is left and what is done. */
  record Moment(
      double seconds,
      double longitude,
      double latitude,
      int flight,
      Doing doing,
      double batteryPercent,
      double poundsDone,
      double windMph) {}

  /** What a drone needs to know of itself to fly a plan. */
  record Craft(
      Speed speed,
      Duration turn,
      Duration battery,
      Duration refill,
      Length swath,
      Speed mostWind) {}

  Flown fly(FlightPlan plan, Craft craft, Speed wind, long seed);
}
