package nimblefurrow.core.cover;

import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.SeedRate;

/**
 * A cover crop species with its starting values.
 *
 * @param bulkPoundsPerCubicFoot weight of bulk seed, lb/ft³
 * @param bushelPounds weight of a bushel, lb; 0 when it is not sold by the bushel
 * @param coldF winter-hardy: crown temperature at which half die; winter-killed: air low that ends
 *     it
 * @param useful heat from seeding to dormancy for a useful cover
 * @param survives heat from seeding to the turn of the year that just brings it through, if known
 * @param rollOnly heat to dormancy for a stand that can be killed by the roller alone, if known
 * @param depthLowIn least and {@code depthHighIn} most depth of sowing, in
 * @param cap most of its own full rate beside weaker neighbours, 0–1, empty when it crowds out none
 * @param slow whether a vigorous partner crowds it out
 * @param air suitability for surface and aerial seeding, 0 poor to 3 good
 * @param shade how well it bears early seeding under corn, 0 seldom to 2 well
 * @param frostDays days it wants before the first 26 °F night; empty when it wants none
 * @param frostSeeded whether it can be frost seeded into wheat
 * @param goodStand plants per ft² of a good stand and of a poor one; empty when there is no figure
 * @param figures what the farm takes as true, which this species was read from
 * @param stages mean of the field's stems by stage, °F-days base 40 from the turn of the year
 */
public record Species(
    String id,
    String name,
    Family family,
    Life life,
    boolean smallGrain,
    double seedsPerPound,
    double bulkPoundsPerCubicFoot,
    double bushelPounds,
    SeedRate low,
    SeedRate usual,
    SeedRate high,
    Optional<SeedRate> rollHigh,
    double depthLowIn,
    double depthHighIn,
    double soilMinimumF,
    double coldF,
    Heat useful,
    Optional<Heat> survives,
    Optional<Heat> rollOnly,
    Optional<Double> cap,
    boolean slow,
    int air,
    int shade,
    Optional<Integer> frostDays,
    boolean frostSeeded,
    Optional<Double> goodStand,
    Optional<Double> poorStand,
    double pricePerPound,
    GrowthFigures growth,
    Map<CoverStage, Double> stages,
    Figures figures) {
  private static final FigureKey SMALL_SEED = FigureKey.of("cover", "small_seed");

  /** Whether it lives through an ordinary winter of where it is sold. */
  public boolean winterHardy() {
    return life == Life.WINTER || life == Life.PERENNIAL;
  }

  /**
   * Seed small enough to need little rain on the surface: more than 100,000 to the pound to start
   * with.
   */
  public boolean smallSeeded() {
    return seedsPerPound > figures.of(SMALL_SEED);
  }
}
