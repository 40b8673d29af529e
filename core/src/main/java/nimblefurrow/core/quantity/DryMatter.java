package nimblefurrow.core.quantity;

/**
 * Standing or lying plant matter, oven dry, by ground area: {@code DryMatter.poundsPerAcre(5000)}.
 */
public record DryMatter(double poundsPerAcre) {
  private static final double KG_HA_PER_LB_AC = 0.45359237 / 0.40468564224;

  public DryMatter {
    Limits.within("dry matter", poundsPerAcre, 0, 100_000, Unit.POUND_PER_ACRE);
  }

  /** Dry matter in pounds an acre. */
  public static DryMatter poundsPerAcre(double pounds) {
    return new DryMatter(pounds);
  }

  /** Dry matter in kilograms a hectare. */
  public static DryMatter kilogramsPerHectare(double kilograms) {
    return new DryMatter(kilograms / KG_HA_PER_LB_AC);
  }

  /** The same in kilograms a hectare. */
  public double kilogramsPerHectare() {
    return poundsPerAcre * KG_HA_PER_LB_AC;
  }
}
