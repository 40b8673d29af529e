package nimblefurrow.core.loads;

import java.util.List;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;

/**
 * Seed stirred into a slurry tank: how much goes into each tank follows the gallons per acre.
 *
 * @param tankGallons what the tank holds
 * @param gallonsPerAcre slurry laid on an acre
 * @param tankMinutes filling and road for each tank
 */
public record SlurryOutfit(
    double tankGallons, double gallonsPerAcre, WorkRate working, double tankMinutes) {
  public SlurryOutfit {
    Limits.positive("tank", tankGallons, 20_000, Unit.GALLON);
    Limits.positive("slurry", gallonsPerAcre, 30_000, Unit.GALLON_PER_ACRE);
    Limits.given("field capacity", working);
    Limits.within("filling", tankMinutes, 0, 240, Unit.MINUTE);
  }

  /** Pounds of seed to stir into each full tank. */
  public Mass seedPerTank(SeedRate rate) {
    return Mass.ofPounds(rate.poundsPerAcre() * tankGallons / gallonsPerAcre);
  }

  /** Tanks, hours and the seed in each tank for a field. */
  public LoadPlan plan(Area field, SeedRate rate) {
    Loads tanks = Loads.of(field, rate, seedPerTank(rate));
    double hours = working.hoursFor(field) + tanks.count() * tankMinutes / 60;
    return LoadPlan.done(
        tanks,
        WorkRate.acresPerHour(field.acres() / hours),
        hours,
        tanks.acresPerLoad().acres() / working.acresPerHour() * 60 + tankMinutes,
        List.of(),
        "hauling slurry",
        List.of(
            Reason.of("stir {} of seed into each full tank and keep it moving", tanks.full()),
            Reason.of("thick slurry on dry sand leaves the seed on top")));
  }
}
