package nimblefurrow.core.termination.spray;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * A rate of acid equivalent as product, tank by tank. 1.1 lb/ac of a product with 3.75 lb/gal are
 * 37.5 fl oz/ac; at 20 gal/ac a tank of 1,000 gal does 50 ac, and 118 ac are two tanks and one of
 * 18 ac with 360 gal and 5.28 gal of product.
 *
 * @param ouncesPerAcre fl oz/ac of product
 * @param acresPerTank of a full tank
 * @param fullTanks how many of them
 * @param lastAcres of the last part load; 0 where all are full
 * @param lastGallons of spray in it, {@code lastProductGallons} of product
 * @param tankProductGallons product in a full tank
 */
public record Tank(
    double ouncesPerAcre,
    double acresPerTank,
    int fullTanks,
    double lastAcres,
    double lastGallons,
    double lastProductGallons,
    double tankProductGallons) {
  private static final double OUNCES = 128;
  private static final double CRUMB = 1e-6;

  /**
   * Of a field.
   *
   * @param poundsPerAcre acid equivalent, lb/ac, more than 0 to 8
   * @param poundsPerGallon of the product, lb acid equivalent, more than 0 to 10
   * @param gallonsPerAcre of spray, 1–60
   * @param tankGallons 10–5,000
   */
  public static Tank of(
      double poundsPerAcre,
      double poundsPerGallon,
      double gallonsPerAcre,
      double tankGallons,
      double acres) {
    Limits.positive("rate (acid equivalent)", poundsPerAcre, 8, Unit.POUND_PER_ACRE);
    Limits.positive("acid equivalent of a gallon", poundsPerGallon, 10, Unit.POUND);
    Limits.within("spray", gallonsPerAcre, 1, 60, Unit.GALLON_PER_ACRE);
    Limits.within("tank", tankGallons, 10, 5000, Unit.GALLON);
    Limits.positive("area", acres, 20_000, Unit.ACRE);
    double perAcre = poundsPerAcre / poundsPerGallon;
    double perTank = tankGallons / gallonsPerAcre;
    int full = (int) Math.floor(acres / perTank + CRUMB);
    double last = Math.max(0, acres - full * perTank);
    last = last < CRUMB * perTank ? 0 : last;
    return new Tank(
        perAcre * OUNCES,
        perTank,
        full,
        last,
        last * gallonsPerAcre,
        last * perAcre,
        perTank * perAcre);
  }

  /** Product for all of it, gal. */
  public double productGallons() {
    return fullTanks * tankProductGallons + lastProductGallons;
  }
}
