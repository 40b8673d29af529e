package nimblefurrow.core.seeding;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.figures.FigureTable;
import nimblefurrow.core.weather.SoilTexture;

/**
 * How seed fares by each way in: the share that comes up, and the rate against drilling. Starting
 * values, with a farm's own figures over them.
 *
 * @param values by way in, then by the figure's key; a missing figure is absent
 */
public record WayFigures(Map<WayIn, Map<String, Double>> values) {
  private static final Map<String, Figure> FIGURES =
      Figure.described(FigureTable.shipped(WayFigures.class, "way-figures.csv"));
  private static final WayFigures SHIPPED = load();
  private static final double[] SURFACE_BY_AIR = {0.4, 0.7, 0.9, 1.0};

  public WayFigures {
    values = Map.copyOf(values);
  }

  /** The starting values that come with the application. */
  public static WayFigures shipped() {
    return SHIPPED;
  }

  /** What may be changed, by key. */
  public static Map<String, Figure> figures() {
    return FIGURES;
  }

  /**
   * These with a farm's own figures over them.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange naming the figure and its limits
   */
  public WayFigures with(Map<WayIn, Map<String, Double>> changes) {
    if (changes.isEmpty()) {
      return this;
    }
    Map<WayIn, Map<String, Double>> changed = new EnumMap<>(values);
    changes.forEach(
        (way, figures) -> {
          Map<String, Double> row = new LinkedHashMap<>(values.get(way));
          figures.forEach((key, v) -> row.put(key, Figure.of(FIGURES, key).checked(v)));
          changed.put(way, Map.copyOf(row));
        });
    return new WayFigures(changed);
  }

  /** A figure of a way in as it stands here; empty when it has none. */
  public Optional<Double> figure(WayIn way, String key) {
    return Optional.ofNullable(values.get(way).get(Figure.of(FIGURES, key).key()));
  }

  /**
   * Times the drilled rate.
   *
   * @param even whether the farm counts on very even placement
   */
  public double rateFactor(WayIn way, boolean even) {
    Map<String, Double> row = values.get(way);
    double rate = row.get("rate");
    return even ? row.getOrDefault("rate_even", rate) : rate;
  }

  /** Share of live seed of a species that becomes a plant. */
  public double emergence(WayIn way, Species species, SoilTexture soil) {
    return emergence(way, species, soil, false);
  }

  /**
   * @param thickSlurry slurry so thick that it leaves the seed on top, as it is left on coarse sand
   */
  public double emergence(WayIn way, Species species, SoilTexture soil, boolean thickSlurry) {
    Map<String, Double> row = values.get(way);
    double ordinary = row.get("emergence");
    double share =
        soil == SoilTexture.SAND || thickSlurry && way == WayIn.SLURRY
            ? row.getOrDefault("emergence_sand", ordinary)
            : ordinary;
    return way.surface() ? share * SURFACE_BY_AIR[species.air()] : share;
  }

  private static WayFigures load() {
    Map<WayIn, Map<String, Double>> values = new EnumMap<>(WayIn.class);
    FigureTable.shipped(WayFigures.class, "ways.csv")
        .byKey()
        .forEach(
            (way, row) -> {
              Map<String, Double> figures = new LinkedHashMap<>();
              FIGURES
                  .keySet()
                  .forEach(
                      key -> FigureTable.optional(row, key).ifPresent(v -> figures.put(key, v)));
              values.put(WayIn.valueOf(way.toUpperCase(Locale.ROOT)), Map.copyOf(figures));
            });
    return new WayFigures(values);
  }
}
