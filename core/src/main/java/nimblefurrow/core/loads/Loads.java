package nimblefurrow.core.loads;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/**
 * A field's seed cut into loads; the last is what remains, and an exact multiple makes no empty
 * one.
 *
 * @param full pounds in a full load
 * @param acresPerLoad acres that a full load covers
 */
public record Loads(Mass full, Area acresPerLoad, int count, Area lastAcres, Mass lastPounds) {
  private static final double CRUMB = 1e-9;

  /**
   * Full loads and the last one.
   *
   * @param load bulk seed in a full hopper
   */
  public static Loads of(Area field, SeedRate rate, Mass load) {
    Limits.positive("rate", rate.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
    Limits.positive("load", load.pounds(), 1e6, Unit.POUND);
    return ofAcres(field, rate, load.pounds() / rate.poundsPerAcre());
  }

  /** Loads that end with the acres they can cover, whatever the reason. */
  static Loads ofAcres(Area field, SeedRate rate, double acresPerLoad) {
    Limits.positive("area", field.acres(), 50_000, Unit.ACRE);
    int count = (int) Math.ceil(field.acres() / acresPerLoad - CRUMB);
    double last = field.acres() - (count - 1) * acresPerLoad;
    return new Loads(
        Mass.ofPounds(acresPerLoad * rate.poundsPerAcre()),
        Area.ofAcres(acresPerLoad),
        count,
        Area.ofAcres(last),
        rate.over(Area.ofAcres(last)));
  }

  /** Acres done when each refill is due; none after the last load. */
  public List<Area> refillsAt() {
    List<Area> at = new ArrayList<>();
    for (int i = 1; i < count; i++) {
      at.add(Area.ofAcres(i * acresPerLoad.acres()));
    }
    return at;
  }

  /** Seed of all loads: rate times land. */
  public Mass total() {
    return Mass.ofPounds((count - 1) * full.pounds() + lastPounds.pounds());
  }
}
