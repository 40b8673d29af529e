package nimblefurrow.core.weather;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * One day as a station reports it. Temperatures in °F, rain in inches of water, snow lying on the
 * ground in inches, wind in mph (mean of the working day), humidity in % (afternoon), sun in MJ/m².
 */
public record DailyWeather(
    LocalDate date,
    double maxF,
    double minF,
    double rainIn,
    double snowDepthIn,
    double windMph,
    double humidity,
    double sunMj) {

  public DailyWeather {
    Limits.given("date", date);
    Limits.within("highest temperature", maxF, -80, 140, "°F");
    Limits.within("lowest temperature", minF, -80, 140, "°F");
    Limits.within("rain", rainIn, 0, 40, "in");
    Limits.within("snow depth", snowDepthIn, 0, 200, "in");
    Limits.within("wind", windMph, 0, 150, "mph");
    Limits.within("humidity", humidity, 0, 100, "%");
    Limits.within("sun", sunMj, 0, 50, "MJ/m²");
    if (minF > maxF) {
      throw new OutOfRange(
          "lowest temperature",
          "lowest temperature %.1f °F is above the highest %.1f °F on %s"
              .formatted(minF, maxF, date));
    }
  }

  /** A day for which only temperatures and rain are known; the rest is estimated from them. */
  public static DailyWeather measured(
      LocalDate date, double maxF, double minF, double rainIn, double latitude) {
    double sun = Sunlight.estimatedMj(date, latitude, maxF, minF, rainIn > 0.02);
    return new DailyWeather(date, maxF, minF, rainIn, 0, 9, rainIn > 0.02 ? 80 : 55, sun);
  }

  public double meanF() {
    return (maxF + minF) / 2;
  }
}
