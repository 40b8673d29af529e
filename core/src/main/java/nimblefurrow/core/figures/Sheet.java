package nimblefurrow.core.figures;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A table of figures, for example {@code figures.sheet("roller-kill")}: a row for each species, a
 * column for each stage. Rows keep the order of the file.
 */
public final class Sheet {
  private final String name;
  private final Map<String, Row> rows;

  Sheet(String name, Map<String, Row> rows) {
    this.name = name;
    this.rows = rows;
  }

  /** The sheet's name, for example "species". */
  public String name() {
    return name;
  }

  /** All rows in the order of the file. */
  public List<Row> rows() {
    return new ArrayList<>(rows.values());
  }

  /** The row of a key; empty when the sheet has none. */
  public Optional<Row> find(String key) {
    return Optional.ofNullable(rows.get(key));
  }

  /**
   * The row of a key.
   *
   * @throws IllegalStateException when the sheet has none
   */
  public Row row(String key) {
    return find(key).orElseThrow(() -> new IllegalStateException(name + " has no row " + key));
  }

  Sheet with(Map<String, Map<String, Double>> changes) {
    Map<String, Row> changed = new LinkedHashMap<>(rows);
    changes.forEach((key, cells) -> changed.put(key, row(key).with(cells)));
    return new Sheet(name, changed);
  }
}
