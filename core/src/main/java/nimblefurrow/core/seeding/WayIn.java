package nimblefurrow.core.seeding;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.cover.FigureTable;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.weather.SoilTexture;
import org.apache.commons.csv.CSVRecord;

/** How the seed gets into the field. Its figures stand in a shipped table. */
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

  private record Figures(
      Place place,
      String words,
      double emergence,
      double emergenceOnSand,
      double rate,
      double evenRate,
      boolean surface) {}

  private static final Map<WayIn, Figures> FIGURES = load();
  private static final double[] SURFACE_BY_AIR = {0.4, 0.7, 0.9, 1.0};

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

  /** Times the drilled rate. */
  public double rateFactor() {
    return FIGURES.get(this).rate();
  }

  /**
   * Times the drilled rate.
   *
   * @param even whether the farm counts on very even placement
   */
  public double rateFactor(boolean even) {
    return even ? FIGURES.get(this).evenRate() : rateFactor();
  }

  /** Share of live seed of a species that becomes a plant on ordinary ground. */
  public double emergence(Species species) {
    return emergence(species, SoilTexture.SILT_LOAM);
  }

  /** Share of live seed of a species that becomes a plant. */
  public double emergence(Species species, SoilTexture soil) {
    Figures f = FIGURES.get(this);
    double share = soil == SoilTexture.SAND ? f.emergenceOnSand() : f.emergence();
    return f.surface() ? share * SURFACE_BY_AIR[species.air()] : share;
  }

  private static Map<WayIn, Figures> load() {
    Map<WayIn, Figures> figures = new EnumMap<>(WayIn.class);
    FigureTable.shipped(WayIn.class, "ways.csv")
        .byKey()
        .forEach((way, row) -> figures.put(valueOf(way.toUpperCase(Locale.ROOT)), figures(row)));
    return figures;
  }

  private static Figures figures(CSVRecord row) {
    double emergence = FigureTable.number(row, "emergence");
    double rate = FigureTable.number(row, "rate");
    return new Figures(
        Place.valueOf(row.get("place")),
        row.get("words"),
        emergence,
        FigureTable.optional(row, "emergence_sand").orElse(emergence),
        rate,
        FigureTable.optional(row, "rate_even").orElse(rate),
        row.get("surface").equals("yes"));
  }
}
