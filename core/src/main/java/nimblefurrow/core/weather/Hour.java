package nimblefurrow.core.weather;

import java.time.LocalDateTime;

/**
 * One hour of weather, worked out from its day; values stand at its middle.
 *
 * @param start solar time at which it begins
 * @param dewPointF at which its air would be full, °F
 * @param vapourKpa how much more water its air could take, kPa
 * @param sunMj of the hour, MJ/m²
 * @param rainIn of the hour, in
 * @param filmMm water on the leaves, mm
 * @param leafDryness 0 wet to 1 dry
 * @param soilF temperature of the topsoil, rough, °F
 * @param up whether the sun is up
 * @param clearness of the day's sky: sun as a share of that above the air, 0–1
 * @param fromDark hours since sunrise or to sunset, whichever is less; below 0 in the dark
 */
public record Hour(
    LocalDateTime start,
    double temperatureF,
    double dewPointF,
    double vapourKpa,
    double sunMj,
    double windMph,
    double rainIn,
    double filmMm,
    double leafDryness,
    double soilF,
    boolean up,
    double clearness,
    double fromDark) {
  /** Whether it rains in this hour. */
  public boolean wet() {
    return rainIn > 0;
  }
}
