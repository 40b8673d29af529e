package nimblefurrow.core.loads;

import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.Volume;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * A seed box on the combine, filled while grain is unloaded.
 *
 * @param box the seed box, and how the combine works
 * @param grainTank 0–2,000 bu
 * @param yieldPerAcre of the grain, 0–400 bu/ac
 */
public record Combine(Wheeled box, Volume grainTank, Volume yieldPerAcre) implements SetUp {
  public Combine {
    Limits.given("seed box", box);
    Limits.positive("grain tank", grainTank.bushels(), 2000, Unit.BUSHEL);
    Limits.positive("yield", yieldPerAcre.bushels(), 400, Unit.BUSHEL_PER_ACRE);
  }

  @Override
  public LoadPlan plan(OnField field, SeedBlend blend) {
    return box.plan(field, blend);
  }

  /** Acres that fill the grain tank. */
  public Area acresPerUnload() {
    return Area.ofAcres(grainTank.bushels() / yieldPerAcre.bushels());
  }

  /** Every how many unloads the box is filled, 0 when it does not last from one to the next. */
  public int unloadsPerFill(Loads loads) {
    return (int) Math.floor(loads.acresPerLoad().acres() / acresPerUnload().acres() + 1e-9);
  }
}
