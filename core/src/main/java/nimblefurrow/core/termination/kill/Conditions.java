package nimblefurrow.core.termination.kill;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
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
  private static final FigureKey SHORT = FigureKey.of("termination", "roll_short");
  private static final FigureKey THIN = FigureKey.of("termination", "roll_thin");
  private static final FigureKey RUTS = FigureKey.of("termination", "roll_ruts");
  private static final FigureKey SOFT = FigureKey.of("termination", "roll_soft");
  private static final FigureKey OVERCAST = FigureKey.of("termination", "roll_overcast");
  private static final FigureKey HUMID = FigureKey.of("termination", "roll_humid");
  private static final FigureKey WET = FigureKey.of("termination", "roll_wet");

  /** Height under which a roller finds nothing to crimp, in. */
  public static final FigureKey TOO_LOW = FigureKey.of("termination", "roll_too_low");

  /** Height under which a roller kills less, in. */
  public static final FigureKey LOW = FigureKey.of("termination", "roll_low");

  /** Nothing against it: an even stand of full height on firm ground. */
  public static final Conditions GOOD =
      new Conditions(false, false, false, false, false, false, Length.ofInches(48));

  public Conditions {
    Limits.given("height of the stand", height);
  }

  /** Product of the conditions: 1 on a good day in a tall stand, 0 where it is too low to roll. */
  public double factor(Figures figures) {
    double air =
        wetLeaves
            ? figures.of(WET)
            : humid ? figures.of(HUMID) : overcast ? figures.of(OVERCAST) : 1;
    double tall =
        height.inches() < figures.of(TOO_LOW)
            ? 0
            : height.inches() < figures.of(LOW) ? figures.of(SHORT) : 1;
    return air
        * (softSoil ? figures.of(SOFT) : 1)
        * (ruts ? figures.of(RUTS) : 1)
        * (thinMat ? figures.of(THIN) : 1)
        * tall;
  }

  /** The same over a mat that is thin, or not. */
  public Conditions withThinMat(boolean thin) {
    return new Conditions(wetLeaves, humid, overcast, softSoil, ruts, thin, height);
  }

  /** The same over ruts that the roller rides over, or not. */
  public Conditions withRuts(boolean found) {
    return new Conditions(wetLeaves, humid, overcast, softSoil, found, thinMat, height);
  }

  /** The same in a stand of a height. */
  public Conditions withHeight(Length tall) {
    return new Conditions(wetLeaves, humid, overcast, softSoil, ruts, thinMat, tall);
  }
}
