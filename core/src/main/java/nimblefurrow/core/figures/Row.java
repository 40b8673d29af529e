package nimblefurrow.core.figures;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A row of a sheet: its key, its words and its figures, for example what one pass of a roller kills
 * of cereal rye at each stage. A cell left empty has no figure, which is not 0.
 */
public final class Row {
  private final String key;
  private final Map<String, String> texts;
  private final Map<String, Double> numbers;

  Row(String key, Map<String, String> texts, Map<String, Double> numbers) {
    this.key = key;
    this.texts = texts;
    this.numbers = numbers;
  }

  /** The row's key: its first cell. */
  public String key() {
    return key;
  }

  /**
   * A cell as it is written; empty when nothing stands there.
   *
   * @throws IllegalStateException when the sheet has no such column
   */
  public String text(String column) {
    String text = texts.get(column);
    if (text == null) {
      throw new IllegalStateException("the sheet of " + key + " has no column " + column);
    }
    return text;
  }

  /**
   * A figure that must be there.
   *
   * @throws IllegalStateException when it is not
   */
  public double number(String column) {
    return find(column)
        .orElseThrow(() -> new IllegalStateException(column + " is missing for " + key));
  }

  /** A figure that may be missing. */
  public Optional<Double> find(String column) {
    return Optional.ofNullable(numbers.get(column));
  }

  /** Whether a cell says yes. */
  public boolean yes(String column) {
    return text(column).equals("yes");
  }

  Row with(Map<String, Double> changes) {
    Map<String, Double> changed = new LinkedHashMap<>(numbers);
    changed.putAll(changes);
    return new Row(key, texts, changed);
  }
}
