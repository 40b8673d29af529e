package nimblefurrow.core.cover;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * The species that a farm can sow, read from its figures: {@code
 * Catalogue.shipped().species("cereal-rye")}. Not what the farm has in store.
 */
public final class Catalogue {
  private static final Catalogue SHIPPED = new Catalogue(Figures.shipped());

  private final Map<String, Species> species = new LinkedHashMap<>();

  private Catalogue(Figures figures) {
    for (Row row : figures.sheet("species").rows()) {
      species.put(row.key(), SpeciesReader.read(row.key(), figures));
    }
  }

  /**
   * The species as a farm's figures say.
   *
   * @throws OutOfRange when figures of a species contradict each other
   */
  public static Catalogue of(Figures figures) {
    return new Catalogue(figures);
  }

  /** The species as they come with the application. */
  public static Catalogue shipped() {
    return SHIPPED;
  }

  /** All species in the order of the data files. */
  public List<Species> all() {
    return List.copyOf(species.values());
  }

  /**
   * A species by its id, for example "cereal-rye".
   *
   * @throws OutOfRange when there is none of that id
   */
  public Species species(String id) {
    Species found = species.get(id);
    if (found == null) {
      throw new OutOfRange("species", "species is one of the catalogue's, got " + id);
    }
    return found;
  }
}
