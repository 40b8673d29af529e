package nimblefurrow.core.figures;

import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * One figure of a species that a farm may change, for example its price or its bulk weight.
 *
 * @param key its name in the shipped tables
 * @param words its name as spoken
 */
public record Figure(String key, String words, Unit unit, double low, double high) {
  private static final Map<String, Figure> ALL =
      described(FigureTable.shipped(Figure.class, "figures.csv"));

  public static Map<String, Figure> all() {
    return ALL;
  }

  /** The figure of a key; unknown keys are refused. */
  public static Figure of(String key) {
    return of(ALL, key);
  }

  /** The figure of a key among some; unknown keys are refused. */
  public static Figure of(Map<String, Figure> among, String key) {
    Figure found = among.get(key);
    if (found == null) {
      throw new OutOfRange("figure", "figure is one of the catalogue's, got " + key);
    }
    return found;
  }

  /** The value when it is within the figure's limits. */
  public double checked(double value) {
    return Limits.within(words, value, low, high, unit);
  }

  /** Figures as a shipped table describes them, in its order. */
  public static Map<String, Figure> described(FigureTable table) {
    Map<String, Figure> all = new LinkedHashMap<>();
    table
        .byKey()
        .forEach(
            (key, row) ->
                all.put(
                    key,
                    new Figure(
                        key,
                        row.get("words"),
                        Unit.valueOf(row.get("unit")),
                        FigureTable.number(row, "low"),
                        FigureTable.number(row, "high"))));
    return all;
  }
}
