package nimblefurrow.core.fitness;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.SoilTexture;

/**
 * What wheels and openers stand on; with the weather it decides whether a day is fit. Fields of one
 * footing are fit on the same days.
 *
 * @param tiled whether drains lie under it
 * @param livingCover whether a living cover carries the traffic
 * @param seen what was read and felt on it
 */
public record Footing(SoilTexture soil, boolean tiled, boolean livingCover, GroundSeen seen) {
  public Footing {
    Limits.given("soil", soil);
    Limits.given("what was seen of the ground", seen);
  }

  /** Ground of which only the station's weather is known. */
  public Footing(SoilTexture soil, boolean tiled, boolean livingCover) {
    this(soil, tiled, livingCover, GroundSeen.NOTHING);
  }

  /** Bare ground without drains. */
  public static Footing bare(SoilTexture soil) {
    return new Footing(soil, false, false);
  }
}
