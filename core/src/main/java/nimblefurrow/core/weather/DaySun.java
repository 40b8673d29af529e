package nimblefurrow.core.weather;

/**
 * The sun of a day at a place, in solar time: at 40.5°N it rises on 22 May at 4.8 h and sets at
 * 19.2 h. Not the clock's time, which the longitude and the law move.
 *
 * @param rises hour of sunrise, 0–12
 * @param sets hour of sunset, 12–24
 * @param sunMj of the whole day at the ground, MJ/m²
 * @param sunset how far the earth turns from noon to sunset, radians
 * @param clearness sun at the ground as a share of that above the air, 0–1
 */
public record DaySun(double rises, double sets, double clearness, double sunMj, double sunset) {
  /** The sun of a day's weather at a latitude. */
  public static DaySun of(DailyWeather day, double latitude) {
    double angle = Sunlight.sunsetAngle(day.date(), latitude);
    double half = 12 * angle / Math.PI;
    double above = Sunlight.aboveAtmosphereMj(day.date(), latitude);
    double clear = above <= 0 ? 0 : Math.min(1, day.sunMj() / above);
    return new DaySun(12 - half, 12 + half, clear, day.sunMj(), angle);
  }

  /** Hours from sunrise to sunset. */
  public double length() {
    return sets - rises;
  }

  /** Whether the sun is up at a time, in hours. */
  public boolean up(double time) {
    return time >= rises && time <= sets;
  }

  /** Sun of the hour about a time, MJ/m². */
  double ofHour(double time) {
    double whole = Math.sin(sunset) - sunset * Math.cos(sunset);
    if (whole <= 0) {
      return 0;
    }
    double height = Math.cos(Math.PI / 12 * (time - 12)) - Math.cos(sunset);
    return Math.max(0, sunMj * height * Math.PI / 24 / whole);
  }
}
