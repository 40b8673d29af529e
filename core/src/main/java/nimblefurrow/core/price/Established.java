package nimblefurrow.core.price;

import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;

/**
 * A way in by what it costs and what it is expected to bring up.
 *
 * @param seed $/ac for seed, at this way's own rate
 * @param pass $/ac for the pass
 * @param plantsPerSquareFoot expected plants
 * @param chance that it gets in in time at all, 0–1
 */
public record Established(Money seed, Money pass, double plantsPerSquareFoot, double chance) {
  private static final FigureKey LIKELY = FigureKey.of("price", "likely");

  /** Whether it is to be counted on: more likely in time than not. */
  public boolean likely(Figures figures) {
    return chance >= figures.of(LIKELY);
  }

  /** Seed and pass divided by what comes up: what an acre of standing cover costs. */
  public Money perAcre() {
    return seed.plus(pass);
  }

  /** Dollars for a thousand established plants; empty where none are expected. */
  public Optional<Double> perThousandPlants() {
    return plantsPerSquareFoot <= 0
        ? Optional.empty()
        : Optional.of(perAcre().value() * 1000 / (plantsPerSquareFoot * Area.SQUARE_FEET_PER_ACRE));
  }
}
