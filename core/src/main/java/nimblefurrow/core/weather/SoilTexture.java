package nimblefurrow.core.weather;

import nimblefurrow.core.quantity.Coded;

/**
 * The top four inches of a soil, for example {@code SILT_LOAM}. What water it holds stands on the
 * sheet "soils" of the figures.
 */
public enum SoilTexture implements Coded {
  SAND("sand"),
  LOAM("loam"),
  SILT_LOAM("silt_loam"),
  CLAY("clay");

  private final String code;

  SoilTexture(String code) {
    this.code = code;
  }

  /** Its row on the sheets of figures, for example "silt_loam". */
  @Override
  public String code() {
    return code;
  }
}
