package nimblefurrow.core.scouting;

import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * What is read spot by spot: height, green, light, ruts, weeds, a kill. Example: heights are read
 * in inches from 0 to 140 at five spots. Not a count: those have rules of their own.
 *
 * @param words what it is called
 * @param asks what is asked for at each spot
 * @param how to read it
 * @param low least reading, {@code high} the most
 * @param least spots that are wanted
 */
public record LookSheet(
    Kind kind,
    String words,
    String asks,
    String how,
    Unit unit,
    double low,
    double high,
    int least) {
  private static final String SHEET = "looks";
  private static final int MOST_SPOTS = 100;

  /** What can be read. */
  public enum Kind {
    HEIGHT("height"),
    GROUND_COVER("ground_cover"),
    CANOPY_LIGHT("canopy_light"),
    RUTS("ruts"),
    WEEDS("weeds"),
    KILL("kill"),
    NITROGEN("nitrogen");

    private final String row;

    Kind(String row) {
      this.row = row;
    }
  }

  /** The sheet of a kind. */
  public static LookSheet of(Kind kind, Figures figures) {
    Row row = figures.sheet(SHEET).row(kind.row);
    return new LookSheet(
        kind,
        row.text("words"),
        row.text("asks"),
        row.text("how"),
        Unit.valueOf(row.text("unit")),
        row.number("low"),
        row.number("high"),
        (int) row.number("least"));
  }

  /**
   * Readings as they may be.
   *
   * @throws OutOfRange naming what is read and its limit
   */
  public SampleMean checked(List<Double> readings) {
    String name = words.toLowerCase(java.util.Locale.ROOT);
    List<Double> each = Limits.given(name + " by spot", readings);
    if (each.isEmpty() || each.size() > MOST_SPOTS) {
      throw new OutOfRange(name, "spots are 1–%d, got %d".formatted(MOST_SPOTS, each.size()));
    }
    each.forEach(r -> Limits.within(name, Limits.given(name, r), low, high, unit));
    return new SampleMean(each.stream().mapToDouble(Double::doubleValue).toArray());
  }
}
