package nimblefurrow.core.termination.spray;

import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Limits;

/**
 * How a burndown is carried out: {@code new Spraying(Carrier.WATER, 15, 1000, 118)} is 118 acres at
 * 15 gal/ac of spray in water from a tank of 1,000 gal.
 *
 * @param gallonsPerAcre of spray, as {@link Tank} takes it
 * @param tankGallons that the sprayer holds
 * @param acres to be sprayed, buffers taken off
 */
public record Spraying(Carrier carrier, double gallonsPerAcre, double tankGallons, double acres) {
  /** What a product is carried in. */
  public enum Carrier implements Coded {
    WATER("water"),
    LIQUID_NITROGEN("liquid_nitrogen");

    private final String code;

    Carrier(String code) {
      this.code = code;
    }

    @Override
    public String code() {
      return code;
    }
  }

  public Spraying {
    Limits.given("carrier", carrier);
  }
}
