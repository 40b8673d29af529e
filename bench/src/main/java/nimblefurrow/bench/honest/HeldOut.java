package nimblefurrow.bench.honest;

import java.io.PrintStream;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;

/** How many forecasts of each kind held the truth between their 10 and 90 % marks, and how wide. */
public final class HeldOut {
  /** What is forecast, and after what. */
  public enum Kind {
    FLOWERING_1_APRIL("flowering, on 1 April", "days"),
    FLOWERING_1_MAY("flowering, on 1 May", "days"),
    READY_AFTER_COUNT("80 % flowering, after a count", "days"),
    SEED_AFTER_COUNT("viable seed, after a count", "days"),
    MAT_1_APRIL("mat of 20 May, on 1 April", "of its middle"),
    MAT_1_MAY("mat of 20 May, on 1 May", "of its middle"),
    MAT_AFTER_CLIP("mat of 20 May, after a clip on 1 May", "of its middle");

    private final String words;
    private final String unit;

    Kind(String words, String unit) {
      this.words = words;
      this.unit = unit;
    }
  }

  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  private final Map<Kind, Integer> asked = new EnumMap<>(Kind.class);
  private final Map<Kind, Double> inside = new EnumMap<>(Kind.class);
  private final Map<Kind, Double> widths = new EnumMap<>(Kind.class);

  /**
   * A truth that came between two chances of its forecast: a day begins at one and ends at another,
   * so a part of it may lie within the marks.
   */
  void add(Kind kind, double chanceBefore, double chanceBy, double width) {
    double within = Math.min(HIGH, chanceBy) - Math.max(LOW, chanceBefore);
    double whole = chanceBy - chanceBefore;
    double share =
        whole > 0 ? Math.max(0, within) / whole : chanceBy >= LOW && chanceBy <= HIGH ? 1 : 0;
    asked.merge(kind, 1, Integer::sum);
    inside.merge(kind, share, Double::sum);
    widths.merge(kind, width, Double::sum);
  }

  /** Share of the forecasts that held the truth, 0–1. */
  public double share(Kind kind) {
    return inside.get(kind) / asked(kind);
  }

  /** How many were asked. */
  public int asked(Kind kind) {
    return asked.getOrDefault(kind, 0);
  }

  /** Mean width of the band, days or share of the middle. */
  public double width(Kind kind) {
    return widths.get(kind) / asked(kind);
  }

  void print(PrintStream out) {
    for (Kind kind : Kind.values()) {
      out.printf(
          Locale.ROOT,
          "  %-38s %5.1f %% of %d held the truth; mean width %.2f %s%n",
          kind.words,
          100 * share(kind),
          asked(kind),
          width(kind),
          kind.unit);
    }
  }
}
