package nimblefurrow.core.termination;

/** What a day and a stand take from the roller: the worst of the air, times soil, times mat. */
public record Conditions(
    boolean wetLeaves,
    boolean humid,
    boolean overcast,
    boolean softSoil,
    boolean ruts,
    boolean thinMat) {

  public static final Conditions GOOD = new Conditions(false, false, false, false, false, false);

  /** Product of the conditions, 1 on a good day. */
  public double factor() {
    double air = wetLeaves ? 0.85 : humid ? 0.92 : overcast ? 0.95 : 1;
    return air * (softSoil ? 0.90 : 1) * (ruts ? 0.92 : 1) * (thinMat ? 0.88 : 1);
  }

  public Conditions withThinMat(boolean thin) {
    return new Conditions(wetLeaves, humid, overcast, softSoil, ruts, thin);
  }
}
