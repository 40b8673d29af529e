package nimblefurrow.core.figures;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * All that is taken as true of plants, weather and work on a farm: the starting values of the data
 * files with the farm's own changes over them. Example: {@code
 * Figures.shipped().of(FigureKey.of("termination", "thin_mat"))} is 4,000 lb/ac until a farm says
 * otherwise. Rules are handed it and hold no number of their own; it is not a setting of a field,
 * and never changes: {@link #with} makes another.
 *
 * <p>Two of them are equal when they carry the same changes.
 */
public final class Figures {
  private static final Figures SHIPPED = new Figures(new Starting(), Map.of());

  private final Starting starting;
  private final Map<FigureId, Double> changes;
  private final Map<String, Sheet> sheets;
  private final Map<FigureKey, Double> singles = new HashMap<>();

  private Figures(Starting starting, Map<FigureId, Double> changes) {
    this.starting = starting;
    this.changes = Collections.unmodifiableMap(new LinkedHashMap<>(changes));
    this.sheets = changes.isEmpty() ? starting.sheets() : changed(starting.sheets(), changes);
    starting.singles().forEach(key -> singles.put(key, find(FigureId.of(key)).orElseThrow()));
  }

  /** The starting values that come with the application. */
  public static Figures shipped() {
    return SHIPPED;
  }

  private static Map<String, Sheet> changed(
      Map<String, Sheet> sheets, Map<FigureId, Double> changes) {
    Map<String, Map<String, Map<String, Double>>> bySheet = new LinkedHashMap<>();
    changes.forEach(
        (id, value) ->
            bySheet
                .computeIfAbsent(id.sheet(), s -> new LinkedHashMap<>())
                .computeIfAbsent(id.row(), r -> new LinkedHashMap<>())
                .put(id.column(), value));
    Map<String, Sheet> all = new LinkedHashMap<>(sheets);
    bySheet.forEach((name, rows) -> all.put(name, sheets.get(name).with(rows)));
    return all;
  }

  /**
   * The starting values with these changes over them; changes made before are left behind.
   *
   * @throws OutOfRange naming the figure that there is none of, or the limit that it leaves
   */
  public Figures with(Map<FigureId, Double> wanted) {
    wanted.forEach((id, value) -> figure(id).checked(value));
    return wanted.equals(changes) ? this : new Figures(starting, wanted);
  }

  /**
   * A figure that stands by itself.
   *
   * @throws IllegalStateException when no data file has it
   */
  public double of(FigureKey key) {
    Double value = singles.get(key);
    if (value == null) {
      throw new IllegalStateException("no figure " + key);
    }
    return value;
  }

  /** The same as a whole number, for days and counts. */
  public int whole(FigureKey key) {
    return (int) Math.round(of(key));
  }

  /**
   * A table.
   *
   * @throws IllegalStateException when there is none of this name
   */
  public Sheet sheet(String name) {
    Sheet sheet = sheets.get(name);
    if (sheet == null) {
      throw new IllegalStateException("no sheet " + name);
    }
    return sheet;
  }

  /** A figure as it stands here; empty where there is none. */
  public Optional<Double> find(FigureId id) {
    return sheet(id.sheet()).row(id.row()).find(id.column());
  }

  /** Every figure that a farm may change, in the order of the data files. */
  public Collection<Figure> all() {
    return Collections.unmodifiableCollection(starting.figures().values());
  }

  /**
   * What is known of one figure.
   *
   * @throws OutOfRange when there is no such figure
   */
  public Figure figure(FigureId id) {
    Figure found = starting.figures().get(id);
    if (found == null) {
      throw new OutOfRange(
          "figure",
          "figure is one of the catalogue's, got %s of %s in %s"
              .formatted(id.column(), id.row(), id.sheet()));
    }
    return found;
  }

  /** The sheets in the order in which they are shown. */
  public List<SheetWords> sheets() {
    return new ArrayList<>(starting.words().values());
  }

  /** The farm's own figures. */
  public Map<FigureId, Double> changes() {
    return changes;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Figures figures && changes.equals(figures.changes);
  }

  @Override
  public int hashCode() {
    return changes.hashCode();
  }

  @Override
  public String toString() {
    return "starting values with " + changes.size() + " changes";
  }
}
