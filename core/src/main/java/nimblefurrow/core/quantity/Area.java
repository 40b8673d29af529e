package nimblefurrow.core.quantity;

/**
 * An area of land, for example {@code Area.ofAcres(80)}. 1 acre = 43,560 ft² = 0.40468564 ha. Never
 * negative.
 */
public record Area(double acres) implements Comparable<Area> {
  /** Square feet in an acre. */
  public static final double SQUARE_FEET_PER_ACRE = 43_560;

  private static final double HECTARES_PER_ACRE = 0.40468564224;

  public Area {
    Limits.within("area", acres, 0, 1e9, Unit.ACRE);
  }

  /**
   * Land in acres.
   *
   * @throws OutOfRange when below 0 or not a number
   */
  public static Area ofAcres(double acres) {
    return new Area(acres);
  }

  /** Land in hectares. */
  public static Area ofHectares(double hectares) {
    return new Area(hectares / HECTARES_PER_ACRE);
  }

  /** Land in square metres. */
  public static Area ofSquareMetres(double squareMetres) {
    return ofHectares(squareMetres / 10_000);
  }

  /** The same in hectares. */
  public double hectares() {
    return acres * HECTARES_PER_ACRE;
  }

  /** The same in square feet. */
  public double squareFeet() {
    return acres * SQUARE_FEET_PER_ACRE;
  }

  @Override
  public int compareTo(Area other) {
    return Double.compare(acres, other.acres);
  }
}
