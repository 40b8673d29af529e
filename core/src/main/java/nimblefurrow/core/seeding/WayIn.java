package nimblefurrow.core.seeding;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.figures.FigureTable;
import org.apache.commons.csv.CSVRecord;

/** How the seed gets into the field. What comes up by it stands in {@link WayFigures}. */
public enum WayIn {
  DRILL,
  PRECISION_PLANTER,
  BROADCAST_TILLAGE,
  DISC_PASSES,
  BROADCAST,
  SLURRY,
  COMBINE_SEEDER,
  HARVEST_SPREADER,
  INTERSEEDER,
  ROW_AIR_SEEDER,
  AIRPLANE,
  HELICOPTER,
  DRONE,
  HIGH_CLEARANCE,
  FROST_SEEDING;

  /** When in the cash crop's life a way in has its turn. */
  public enum Place {
    BETWEEN_ROWS,
    OVER_THE_TOP,
    WITH_HARVEST,
    AFTER_HARVEST,
    INTO_WHEAT
  }

  private record Figures(Place place, String words, boolean surface, boolean dormant) {}

  private static final Map<WayIn, Figures> FIGURES = load();

  public String words() {
    return FIGURES.get(this).words();
  }

  public Place place() {
    return FIGURES.get(this).place();
  }

  /** Whether it goes over the top of a crop that still stands. */
  public boolean overTheTop() {
    return place() == Place.OVER_THE_TOP;
  }

  /** Whether it flies. */
  public boolean flies() {
    return this == AIRPLANE || this == HELICOPTER || this == DRONE;
  }

  /** Whether the seed is left on top of the ground. */
  public boolean surface() {
    return FIGURES.get(this).surface();
  }

  /** Whether seed can go in so all winter, on ground that is not frozen. */
  public boolean dormant() {
    return FIGURES.get(this).dormant();
  }

  private static Map<WayIn, Figures> load() {
    Map<WayIn, Figures> figures = new EnumMap<>(WayIn.class);
    FigureTable.shipped(WayIn.class, "ways.csv")
        .byKey()
        .forEach((way, row) -> figures.put(valueOf(way.toUpperCase(Locale.ROOT)), figures(row)));
    return figures;
  }

  private static Figures figures(CSVRecord row) {
    return new Figures(
        Place.valueOf(row.get("place")),
        row.get("words"),
        row.get("surface").equals("yes"),
        row.get("dormant").equals("yes"));
  }
}
