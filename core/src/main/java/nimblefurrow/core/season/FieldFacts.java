package nimblefurrow.core.season;

import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.SoilTexture;

/** The land as far as the season depends on it. */
public record FieldFacts(Area area, SoilTexture soil, boolean tiled, boolean organic) {
  public FieldFacts {
    Limits.given("area", area);
    Limits.given("soil texture", soil);
  }
}
