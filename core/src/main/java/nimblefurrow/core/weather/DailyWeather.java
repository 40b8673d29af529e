package nimblefurrow.core.weather;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;

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
    Limits.within("highest temperature", maxF, -80, 140, Unit.FAHRENHEIT);
    Limits.within("lowest temperature", minF, -80, 140, Unit.FAHRENHEIT);
    Limits.within("rain", rainIn, 0, 40, Unit.INCH_OF_RAIN);
    Limits.within("snow depth", snowDepthIn, 0, 200, Unit.INCH);
    Limits.within("wind", windMph, 0, 150, Unit.MILE_PER_HOUR);
    Limits.within("humidity", humidity, 0, 100, Unit.PERCENT);
    Limits.within("sun", sunMj, 0, 50, Unit.SUNSHINE);
    if (minF > maxF) {
      throw new OutOfRange(
          "lowest temperature",
          Reason.of(
              "lowest temperature {} is above the highest {} on %s".formatted(date),
              Measure.of(minF, Unit.FAHRENHEIT),
              Measure.of(maxF, Unit.FAHRENHEIT)));
    }
  }

  /** A day for which only temperatures and rain are known; the rest is estimated from them. */
  public static DailyWeather measured(
      LocalDate date, double maxF, double minF, double rainIn, double latitude) {
    double sun = Sunlight.estimatedMj(date, latitude, maxF, minF, rainIn > 0.02);
    return new DailyWeather(date, maxF, minF, rainIn, 0, 9, rainIn > 0.02 ? 80 : 55, sun);
  }

  /** Middle of the day's highest and lowest temperature, °F. */
  public double meanF() {
    return (maxF + minF) / 2;
  }
}
