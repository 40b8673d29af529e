package nimblefurrow.core.seeding;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.weather.SoilTexture;

/** Rates for tests: a farm's usual rules with the starting values, on silt loam. */
final class TestRates {
  private TestRates() {}

  static RateBuilder usual(SeedingMethod way, Goal goal, boolean rollOnly, double weeksLate) {
    return new RateBuilder(
        way, goal, rollOnly, weeksLate, HouseRules.usual(Figures.shipped()), SoilTexture.SILT_LOAM);
  }
}
