package nimblefurrow.core.termination;

import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;

/**
 * What a day and a stand take from the roller: the worst of the air, times soil, times mat, times
 * height.
 */
public record Conditions(
    boolean wetLeaves,
    boolean humid,
    boolean overcast,
    boolean softSoil,
    boolean ruts,
    boolean thinMat,
    Length height) {
  /** Under this height a roller crimps poorly. */
  public static final Length LOW = Length.ofInches(24);

  /** Under this height it does not crimp at all. */
  public static final Length TOO_LOW = Length.ofInches(12);

  public static final Conditions GOOD =
      new Conditions(false, false, false, false, false, false, Length.ofInches(48));

  public Conditions {
    Limits.given("height of the stand", height);
  }

  /** Product of the conditions: 1 on a good day in a tall stand, 0 where it is too low to roll. */
  public double factor() {
    double air = wetLeaves ? 0.85 : humid ? 0.92 : overcast ? 0.95 : 1;
    double tall =
        height.inches() < TOO_LOW.inches() ? 0 : height.inches() < LOW.inches() ? 0.80 : 1;
    return air * (softSoil ? 0.90 : 1) * (ruts ? 0.92 : 1) * (thinMat ? 0.88 : 1) * tall;
  }

  public Conditions withThinMat(boolean thin) {
    return new Conditions(wetLeaves, humid, overcast, softSoil, ruts, thin, height);
  }

  public Conditions withHeight(Length tall) {
    return new Conditions(wetLeaves, humid, overcast, softSoil, ruts, thinMat, tall);
  }
}
