package nimblefurrow.core.work;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.SoilTexture;

/**
 * What wheels and openers stand on; with the weather it decides whether a day is fit. Fields of one
 * footing are fit on the same days.
 *
 * @param tiled whether drains lie under it
 * @param livingCover whether a living cover carries the traffic
 */
public record Footing(SoilTexture soil, boolean tiled, boolean livingCover) {
  public Footing {
    Limits.given("soil", soil);
  }

  /** Bare ground without drains. */
  public static Footing bare(SoilTexture soil) {
    return new Footing(soil, false, false);
  }
}
