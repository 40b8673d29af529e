package nimblefurrow.core.season;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.SoilTexture;

/**
 * A zone's ground within a field, as far as the season depends on it.
 *
 * @param zone the zone's name
 */
public record LandPart(String zone, SoilTexture soil, boolean tiled) {
  public LandPart {
    Limits.given("zone", zone);
    Limits.given("soil texture", soil);
  }
}
