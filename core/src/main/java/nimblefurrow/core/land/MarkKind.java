package nimblefurrow.core.land;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Length;

/**
 * What may be marked on the farm's map. Hazards have a distance that flight keeps from them, a
 * starting value that the law, the label or the operator may widen.
 */
public enum MarkKind implements Coded {
  WIRE("wire", "power line", Drawn.LINE, true),
  TOWER("tower", "tower or turbine", Drawn.POINT, true),
  HOUSE("house", "house", Drawn.POINT, true),
  OPEN_WATER("open_water", "open water", Drawn.AREA, true),
  BEES("bees", "bees", Drawn.POINT, true),
  SENSITIVE_CROP("sensitive_crop", "sensitive crop", Drawn.AREA, true),
  TREES("trees", "trees", Drawn.AREA, true),
  ROAD("road", "road", Drawn.LINE, false),
  ACCESS("access", "way in", Drawn.POINT, false),
  FILLING_PLACE("filling_place", "filling place", Drawn.POINT, false),
  SOFT_SPOT("soft_spot", "soft spot", Drawn.POINT, false),
  RUTS("ruts", "ruts", Drawn.LINE, false);

  /** How it is usually drawn; it may be drawn otherwise. */
  public enum Drawn {
    POINT,
    LINE,
    AREA
  }

  private final String code;
  private final String words;
  private final Drawn drawn;
  private final boolean hazard;

  MarkKind(String code, String words, Drawn drawn, boolean hazard) {
    this.code = code;
    this.words = words;
    this.drawn = drawn;
    this.hazard = hazard;
  }

  @Override
  public String code() {
    return code;
  }

  /** What it is, as on the map: "power line". */
  public String words() {
    return words;
  }

  /** How it is usually drawn. */
  public Drawn drawn() {
    return drawn;
  }

  /** Distance that flight keeps unless a person says another; none for what is no hazard. */
  public Length keepAway(Figures figures) {
    return Length.ofFeet(hazard ? figures.sheet("marks").row(code).number("keep_away_ft") : 0);
  }

  /** Whether an aircraft has to keep away from it. */
  public boolean hazard() {
    return hazard;
  }

  /** Whether a label's buffer is kept from it: water, bees, houses, crops that suffer. */
  public boolean keptFromSpray() {
    return switch (this) {
      case OPEN_WATER, BEES, HOUSE, SENSITIVE_CROP -> true;
      case WIRE, TOWER, TREES, ROAD, ACCESS, FILLING_PLACE, SOFT_SPOT, RUTS -> false;
    };
  }
}
