package nimblefurrow.core.weather;

/**
 * The top four inches of a soil as a water store. Field capacity and wilting point in inches of
 * water; drainage is the days that standing excess takes to leave.
 */
public enum SoilTexture {
  SAND(0.6, 0.25, 1),
  LOAM(1.1, 0.45, 1.5),
  SILT_LOAM(1.3, 0.5, 2),
  CLAY(1.5, 0.8, 3);

  private final double capacityIn;
  private final double wiltingIn;
  private final double drainDays;

  SoilTexture(double capacityIn, double wiltingIn, double drainDays) {
    this.capacityIn = capacityIn;
    this.wiltingIn = wiltingIn;
    this.drainDays = drainDays;
  }

  public double capacityIn() {
    return capacityIn;
  }

  public double wiltingIn() {
    return wiltingIn;
  }

  public double drainDays() {
    return drainDays;
  }
}
