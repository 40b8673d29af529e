package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.function.ToDoubleFunction;

/** Sun above the atmosphere and at the ground, and the water it evaporates, by day and latitude. */
public final class Sunlight {
  private static final double MM_PER_MJ = 0.408;

  private Sunlight() {}

  /** Radiation arriving above the atmosphere, MJ/m² a day, from the sun's declination. */
  public static double aboveAtmosphereMj(LocalDate date, double latitude) {
    double angle = 2 * Math.PI * date.getDayOfYear() / 365.0;
    double distance = 1 + 0.033 * Math.cos(angle);
    double declination = declination(date);
    double phi = Math.toRadians(latitude);
    double sunset = sunsetAngle(date, latitude);
    return 37.6
        * distance
        * (sunset * Math.sin(phi) * Math.sin(declination)
            + Math.cos(phi) * Math.cos(declination) * Math.sin(sunset));
  }

  /** How far the earth turns from noon to sunset, radians: 0 without a day, π without a night. */
  public static double sunsetAngle(LocalDate date, double latitude) {
    double tilt = -Math.tan(Math.toRadians(latitude)) * Math.tan(declination(date));
    return Math.acos(Math.max(-1, Math.min(1, tilt)));
  }

  private static double declination(LocalDate date) {
    return 0.409 * Math.sin(2 * Math.PI * date.getDayOfYear() / 365.0 - 1.39);
  }

  /** Radiation at the ground where none was measured: the wider the day's swing, the clearer. */
  public static double estimatedMj(
      LocalDate date, double latitude, double maxF, double minF, boolean wet) {
    double swingC = Math.max(0, (maxF - minF) * 5 / 9);
    double mj = 0.16 * Math.sqrt(swingC) * aboveAtmosphereMj(date, latitude);
    return Math.min(45, wet ? mj * 0.75 : mj);
  }

  /** Asks a trace for what each of its days could evaporate at a latitude. */
  public record Pull(double latitude) implements ToDoubleFunction<DailyWeather> {
    @Override
    public double applyAsDouble(DailyWeather day) {
      return evaporationIn(day.date(), latitude, day.maxF(), day.minF());
    }
  }

  /** Water that the day could evaporate from short green growth, inches (Hargreaves). */
  public static double evaporationIn(LocalDate date, double latitude, double maxF, double minF) {
    double meanC = ((maxF + minF) / 2 - 32) * 5 / 9;
    double swingC = Math.max(0, (maxF - minF) * 5 / 9);
    double mm =
        0.0023 * aboveAtmosphereMj(date, latitude) * MM_PER_MJ * (meanC + 17.8) * Math.sqrt(swingC);
    return Math.max(0, mm / 25.4);
  }
}
