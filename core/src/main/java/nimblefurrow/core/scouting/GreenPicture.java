package nimblefurrow.core.scouting;

/**
 * A photo taken straight down, and how much of it is green: a point counts where its green, twice,
 * beats its red and blue by a seventh of all three. Soil, stones and straw fall out, and so do
 * leaves that are yellow. Pure arithmetic, for the phone too.
 *
 * @param rgba red, green, blue and a fourth of each point, one after the other, 0–255
 */
public record GreenPicture(int[] rgba) {
  private static final double GREENER = 0.15;
  private static final int PARTS = 4;

  /** Which points are green, in their order: 1 or 0. */
  public int[] mask() {
    int[] green = new int[rgba.length / PARTS];
    for (int i = 0; i < green.length; i++) {
      int r = rgba[PARTS * i];
      int g = rgba[PARTS * i + 1];
      int b = rgba[PARTS * i + 2];
      green[i] = 2 * g - r - b > GREENER * (r + g + b) ? 1 : 0;
    }
    return green;
  }
}
