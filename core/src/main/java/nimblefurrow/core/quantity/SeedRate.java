package nimblefurrow.core.quantity;

/**
 * Seed by weight on a field acre, for example {@code SeedRate.poundsPerAcre(60)}. Whether it is
 * live seed or bulk is said by whoever holds it. 0–1,000 lb/ac.
 */
public record SeedRate(double poundsPerAcre) {
  private static final double KG_HA_PER_LB_AC = 0.45359237 / 0.40468564224;

  /** No seed. */
  public static final SeedRate ZERO = new SeedRate(0);

  public SeedRate {
    Limits.within("seed rate", poundsPerAcre, 0, 1000, Unit.POUND_PER_ACRE);
  }

  /** A rate in pounds an acre. */
  public static SeedRate poundsPerAcre(double poundsPerAcre) {
    return new SeedRate(poundsPerAcre);
  }

  /** A rate in kilograms a hectare. */
  public static SeedRate kilogramsPerHectare(double kilograms) {
    return new SeedRate(kilograms / KG_HA_PER_LB_AC);
  }

  /** The rate that was sown: what was used over what was covered, which is more than 0. */
  public static SeedRate used(Mass used, Area covered) {
    return new SeedRate(used.pounds() / Limits.positive("area", covered.acres(), 1e9, Unit.ACRE));
  }

  /** A rate in bushels an acre, of a species whose bushel weighs so much. */
  public static SeedRate bushelsPerAcre(double bushels, Mass bushelWeight) {
    return new SeedRate(bushels * bushelWeight.pounds());
  }

  /** The rate that lays {@code seeds} on each square foot. */
  public static SeedRate seedsPerSquareFoot(double seeds, double seedsPerPound) {
    return new SeedRate(seeds * Area.SQUARE_FEET_PER_ACRE / seedsPerPound);
  }

  /** The same in kilograms a hectare. */
  public double kilogramsPerHectare() {
    return poundsPerAcre * KG_HA_PER_LB_AC;
  }

  /** Seeds on a square foot, of a species with so many seeds in a pound. */
  public double seedsPerSquareFoot(double seedsPerPound) {
    return poundsPerAcre * seedsPerPound / Area.SQUARE_FEET_PER_ACRE;
  }

  /** The rate raised or lowered by a factor. */
  public SeedRate times(double factor) {
    return new SeedRate(poundsPerAcre * factor);
  }

  /** Both rates on the same land. */
  public SeedRate plus(SeedRate other) {
    return new SeedRate(poundsPerAcre + other.poundsPerAcre);
  }

  /** This rate, or the ceiling where it is higher. */
  public SeedRate atMost(SeedRate ceiling) {
    return poundsPerAcre <= ceiling.poundsPerAcre ? this : ceiling;
  }

  /** The pounds that this rate takes over an area. */
  public Mass over(Area area) {
    return Mass.ofPounds(poundsPerAcre * area.acres());
  }
}
