package nimblefurrow.core.seeding;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.cover.FigureTable;
import nimblefurrow.core.cover.Species;
import org.apache.commons.csv.CSVRecord;

/** How the seed gets into the field. */
public enum WayIn {
  DRILL("drill after harvest"),
  INTERSEEDER("interseeder between corn rows"),
  AIRPLANE("airplane over the standing crop"),
  DRONE("drone over the standing crop");

  private static final Map<WayIn, CSVRecord> FIGURES = load();
  private static final double[] SURFACE_BY_AIR = {0.4, 0.7, 0.9, 1.0};

  private final String words;

  WayIn(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it goes over the top of a crop that still stands. */
  public boolean overTheTop() {
    return this == AIRPLANE || this == DRONE;
  }

  /** Times the drilled rate. */
  public double rateFactor() {
    return FigureTable.number(FIGURES.get(this), "rate");
  }

  /** Share of live seed of a species that becomes a plant. */
  public double emergence(Species species) {
    double share = FigureTable.number(FIGURES.get(this), "emergence");
    return surface() ? share * SURFACE_BY_AIR[species.air()] : share;
  }

  private boolean surface() {
    return FIGURES.get(this).get("surface").equals("yes");
  }

  private static Map<WayIn, CSVRecord> load() {
    Map<WayIn, CSVRecord> figures = new EnumMap<>(WayIn.class);
    FigureTable.shipped(WayIn.class, "ways.csv")
        .byKey()
        .forEach((way, row) -> figures.put(valueOf(way.toUpperCase(Locale.ROOT)), row));
    return figures;
  }
}
