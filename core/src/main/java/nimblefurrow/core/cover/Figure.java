package nimblefurrow.core.cover;

import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * One figure of a species that a farm may change, for example its price or its bulk weight.
 *
 * @param key its name in the shipped tables
 * @param words its name as spoken
 */
public record Figure(String key, String words, String unit, double low, double high) {
  private static final Map<String, Figure> ALL = load();

  public static Map<String, Figure> all() {
    return ALL;
  }

  /** The figure of a key; unknown keys are refused. */
  public static Figure of(String key) {
    Figure found = ALL.get(key);
    if (found == null) {
      throw new OutOfRange("figure", "figure is one of the catalogue's, got " + key);
    }
    return found;
  }

  /** The value when it is within the figure's limits. */
  public double checked(double value) {
    return Limits.within(words, value, low, high, unit);
  }

  private static Map<String, Figure> load() {
    Map<String, Figure> all = new LinkedHashMap<>();
    FigureTable.shipped(Figure.class, "figures.csv")
        .byKey()
        .forEach(
            (key, row) ->
                all.put(
                    key,
                    new Figure(
                        key,
                        row.get("words"),
                        row.get("unit"),
                        FigureTable.number(row, "low"),
                        FigureTable.number(row, "high"))));
    return all;
  }
}
