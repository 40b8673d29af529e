package nimblefurrow.core.loads;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.Volume;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * Where the seed rides. Light seed fills it by room, dense seed by weight.
 *
 * @param room what it holds
 * @param fill share of the room that is filled: 0.95 levelled, about 0.70 through one hatch
 * @param limit the most it may weigh; 0 where only room counts
 */
public record Hopper(Volume room, double fill, Mass limit) {
  public Hopper {
    Limits.within("hopper", room.cubicFeet(), 0, 2000, Unit.CUBIC_FOOT);
    Limits.within("fill", fill, 0.05, 1, Unit.NONE);
    if (room.cubicFeet() == 0 && limit.pounds() == 0) {
      throw new OutOfRange("hopper", "the hopper has neither room nor a weight limit: enter one");
    }
  }

  /**
   * A hopper without a limit of weight.
   *
   * @param fill share of the room that is used, 0.05–1
   */
  public static Hopper of(Volume room, double fill) {
    return new Hopper(room, fill, Mass.ofPounds(0));
  }

  /** Pounds of a blend in one load. A 60 ft³ hopper filled to 0.70 takes 1,890 lb of rye. */
  public Mass load(SeedBlend blend) {
    double byRoom = room.cubicFeet() * blend.poundsPerCubicFoot() * fill;
    double byWeight = limit.pounds();
    return Mass.ofPounds(
        room.cubicFeet() == 0 ? byWeight : byWeight == 0 ? byRoom : Math.min(byRoom, byWeight));
  }

  /** Whether weight, not room, ends the filling. */
  public boolean fullByWeight(SeedBlend blend) {
    return limit.pounds() > 0
        && (room.cubicFeet() == 0
            || limit.pounds() <= room.cubicFeet() * blend.poundsPerCubicFoot() * fill);
  }
}
