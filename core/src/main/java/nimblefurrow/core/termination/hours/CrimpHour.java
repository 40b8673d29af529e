package nimblefurrow.core.termination.hours;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Hour;

/**
 * How well a cover is crimped in an hour, 0–1: dry leaves, dry air, sun, some wind, firm ground.
 * From 0.70 on it is a crimp hour; by night there is none. Not whether the stems are ready.
 *
 * @param score of all together, 0–1
 * @param limit what takes most from it
 */
public record CrimpHour(double score, Limit limit) {
  /** What may keep a roller from its best. */
  public enum Limit {
    DARK("dark"),
    LEAVES("leaves wet"),
    AIR("air damp"),
    CLOUD("overcast"),
    WIND("wind"),
    GROUND("ground soft"),
    NONE("");

    private final String words;

    Limit(String words) {
      this.words = words;
    }

    /** As a grower says it; empty where nothing does. */
    public String words() {
      return words;
    }
  }

  private static final FigureKey VAPOUR = FigureKey.of("termination", "crimp_vapour");
  private static final FigureKey CLOUD = FigureKey.of("termination", "crimp_cloud");
  private static final FigureKey SUN_LOW = FigureKey.of("termination", "crimp_sun_low");
  private static final FigureKey SUN_HIGH = FigureKey.of("termination", "crimp_sun_high");
  private static final FigureKey WIND_LOW = FigureKey.of("termination", "crimp_wind_low");
  private static final FigureKey WIND_HIGH = FigureKey.of("termination", "crimp_wind_high");
  private static final FigureKey WIND_ELSE = FigureKey.of("termination", "crimp_wind_else");
  private static final FigureKey FIRM = FigureKey.of("termination", "crimp_soil_firm");
  private static final FigureKey SOFT_AT = FigureKey.of("termination", "crimp_soil_soft");
  private static final FigureKey SOFT = FigureKey.of("termination", "crimp_soft");
  private static final FigureKey GOOD = FigureKey.of("termination", "crimp_hour");
  private static final double WHOLE = 0.995;

  /**
   * An hour on ground so wet.
   *
   * @param topsoil water in the top four inches, share of field capacity, 0–1.4
   */
  public static CrimpHour of(Hour hour, double topsoil, Figures figures) {
    if (!hour.up()) {
      return new CrimpHour(0, Limit.DARK);
    }
    double sky =
        (hour.clearness() - figures.of(SUN_LOW)) / (figures.of(SUN_HIGH) - figures.of(SUN_LOW));
    double sun = figures.of(CLOUD) + (1 - figures.of(CLOUD)) * held(sky);
    boolean breeze =
        hour.windMph() >= figures.of(WIND_LOW) && hour.windMph() <= figures.of(WIND_HIGH);
    double soft = (topsoil - figures.of(FIRM)) / (figures.of(SOFT_AT) - figures.of(FIRM));
    double[] parts = {
      hour.leafDryness(),
      Math.min(1, hour.vapourKpa() / figures.of(VAPOUR)),
      sun,
      breeze ? 1 : figures.of(WIND_ELSE),
      1 - (1 - figures.of(SOFT)) * held(soft)
    };
    Limit[] limits = {Limit.LEAVES, Limit.AIR, Limit.CLOUD, Limit.WIND, Limit.GROUND};
    double score = 1;
    double least = WHOLE;
    Limit limit = Limit.NONE;
    for (int i = 0; i < parts.length; i++) {
      score *= parts[i];
      if (parts[i] < least) {
        least = parts[i];
        limit = limits[i];
      }
    }
    return new CrimpHour(score, limit);
  }

  private static double held(double share) {
    return Math.max(0, Math.min(1, share));
  }

  /** Whether it is an hour to crimp in; scores count to two places. */
  public boolean good(Figures figures) {
    return Math.round(score * 100) >= Math.round(figures.of(GOOD) * 100);
  }
}
