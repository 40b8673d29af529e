package nimblefurrow.core.cover;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.figures.FigureTable;
import nimblefurrow.core.quantity.OutOfRange;
import org.apache.commons.csv.CSVRecord;

/** The species that a farm can sow: starting values, with the farm's own figures over them. */
public final class Catalogue {
  private static final Catalogue SHIPPED = load();

  private final Map<String, Map<String, String>> rows;
  private final Map<String, Species> species;

  private Catalogue(Map<String, Map<String, String>> rows) {
    this.rows = rows;
    this.species = new LinkedHashMap<>();
    rows.forEach((id, row) -> species.put(id, SpeciesReader.read(row)));
  }

  /** The starting values that come with the application. */
  public static Catalogue shipped() {
    return SHIPPED;
  }

  public List<Species> all() {
    return List.copyOf(species.values());
  }

  /** A species by its id, for example "cereal-rye". */
  public Species species(String id) {
    Species found = species.get(id);
    if (found == null) {
      throw new OutOfRange("species", "species is one of the catalogue's, got " + id);
    }
    return found;
  }

  /**
   * This catalogue with a farm's own figures.
   *
   * @param changes by species id, then by the figure's key
   * @throws OutOfRange naming the figure and its limits, or when low, usual and high are out of
   *     order
   */
  public Catalogue with(Map<String, Map<String, Double>> changes) {
    if (changes.isEmpty()) {
      return this;
    }
    Map<String, Map<String, String>> changed = new LinkedHashMap<>(rows);
    changes.forEach(
        (id, figures) -> {
          species(id);
          Map<String, String> row = new LinkedHashMap<>(rows.get(id));
          figures.forEach((key, v) -> row.put(key, String.valueOf(Figure.of(key).checked(v))));
          changed.put(id, row);
        });
    return new Catalogue(changed);
  }

  /** A figure of a species as it stands here; empty when it has none. */
  public Optional<Double> figure(String id, String key) {
    species(id);
    String text = rows.get(id).getOrDefault(Figure.of(key).key(), "");
    return text.isBlank() ? Optional.empty() : Optional.of(Double.valueOf(text));
  }

  private static Catalogue load() {
    Map<String, Map<String, String>> rows = new LinkedHashMap<>();
    for (String file : List.of("species.csv", "growth.csv", "stages.csv")) {
      for (Map.Entry<String, CSVRecord> row :
          FigureTable.shipped(Catalogue.class, file).byKey().entrySet()) {
        rows.computeIfAbsent(row.getKey(), id -> new LinkedHashMap<>())
            .putAll(row.getValue().toMap());
      }
    }
    return new Catalogue(rows);
  }
}
