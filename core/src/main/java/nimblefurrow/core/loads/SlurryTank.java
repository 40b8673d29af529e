package nimblefurrow.core.loads;

import java.time.Duration;
import java.util.List;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.Volume;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * Seed stirred into a slurry tank: how much goes into each tank follows the gallons per acre.
 *
 * @param tank what the tank holds
 * @param perAcre slurry laid on an acre
 * @param filling filling and road for each tank
 */
public record SlurryTank(Volume tank, Volume perAcre, WorkRate working, Duration filling)
    implements SetUp {
  public SlurryTank {
    Limits.positive("tank", tank.gallons(), 20_000, Unit.GALLON);
    Limits.positive("slurry", perAcre.gallons(), 30_000, Unit.GALLON_PER_ACRE);
    Limits.given("field capacity", working);
    Limits.within("filling", Durations.inMinutes(filling), 0, 240, Unit.MINUTE);
  }

  /** Pounds of seed to stir into each full tank. */
  public Mass seedPerTank(SeedRate rate) {
    return Mass.ofPounds(rate.poundsPerAcre() * tank.gallons() / perAcre.gallons());
  }

  /** Tanks, hours and the seed in each tank. */
  @Override
  public LoadPlan plan(OnField on, SeedBlend blend) {
    Area field = on.area();
    SeedRate rate = blend.rate();
    Loads tanks = Loads.of(field, rate, seedPerTank(rate));
    double hours = working.hoursFor(field) + tanks.count() * Durations.inHours(filling);
    return LoadPlan.done(
        tanks,
        WorkRate.acresPerHour(field.acres() / hours),
        Durations.hours(hours),
        Durations.hours(working.hoursFor(tanks.acresPerLoad())).plus(filling),
        List.of(),
        "hauling slurry",
        List.of(
            Reason.of("stir {} of seed into each full tank and keep it moving", tanks.full()),
            Reason.of("thick slurry on dry sand leaves the seed on top")));
  }
}
