package nimblefurrow.core.land;

/**
 * What may be marked on the farm's map. Hazards have a distance that flight keeps from them, a
 * starting value that the law, the label or the operator may widen.
 */
public enum MarkKind {
  WIRE("power line", 50),
  TOWER("tower or turbine", 150),
  HOUSE("house", 150),
  OPEN_WATER("open water", 50),
  BEES("bees", 100),
  SENSITIVE_CROP("sensitive crop", 50),
  TREES("trees", 30),
  ROAD("road", 0),
  ACCESS("way in", 0),
  FILLING_PLACE("filling place", 0),
  SOFT_SPOT("soft spot", 0),
  RUTS("ruts", 0);

  private final String words;
  private final double keepAwayFt;

  MarkKind(String words, double keepAwayFt) {
    this.words = words;
    this.keepAwayFt = keepAwayFt;
  }

  /** What it is, as on the map: "overhead wire". */
  public String words() {
    return words;
  }

  /** Distance that flight keeps, ft; 0 for what is no hazard. */
  public double keepAwayFt() {
    return keepAwayFt;
  }

  /** Whether an aircraft has to keep away from it. */
  public boolean hazard() {
    return keepAwayFt > 0;
  }
}
