package nimblefurrow.core.weather;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;

/**
 * Water in the top four inches, day by day, as a share of field capacity: rain in; evaporation, the
 * cover's thirst and drainage out. A living cover dries the soil, a dead mat keeps it wet.
 */
public final class TopsoilWater {
  private static final FigureKey CHILL_KEPT = FigureKey.of("weather", "ground_memory");
  private static final FigureKey FROZEN_F = FigureKey.of("weather", "ground_frozen");
  private static final FigureKey GREEN = FigureKey.of("weather", "green_thirst");
  private static final FigureKey BARE = FigureKey.of("weather", "bare_evaporation");
  private static final FigureKey START = FigureKey.of("weather", "topsoil_start");
  private static final FigureKey SATURATION = FigureKey.of("weather", "saturation");
  private static final FigureKey MAT_FULL_LB_AC = FigureKey.of("weather", "mat_full");
  private static final FigureKey MAT_SAVES = FigureKey.of("weather", "mat_saves");

  private static final FigureKey RECKONED_ERROR = FigureKey.of("weather", "topsoil_error");

  private final LocalDate first;
  private final double[] share;
  private final boolean[] frozen;

  private TopsoilWater(LocalDate first, double[] share, boolean[] frozen) {
    this.first = first;
    this.share = share;
    this.frozen = frozen;
  }

  /**
   * Runs the bucket over a trace, starting three quarters full.
   *
   * @param tiled drained ground sheds standing water a day sooner
   * @param greenCover 0–1, ground covered by living plants
   * @param deadMatLbAc dead residue on the ground, lb/ac dry
   */
  public static TopsoilWater run(
      WeatherTrace trace,
      Site site,
      SoilTexture soil,
      boolean tiled,
      double greenCover,
      double deadMatLbAc,
      Figures figures) {
    return run(trace, site, soil, tiled, greenCover, deadMatLbAc, GroundSeen.NOTHING, figures);
  }

  /**
   * The same on ground where something was read or felt: a gauge's rain stands in the place of the
   * station's, and soil in the hand moves the sums towards what it told.
   */
  public static TopsoilWater run(
      WeatherTrace trace,
      Site site,
      SoilTexture soil,
      boolean tiled,
      double greenCover,
      double deadMatLbAc,
      GroundSeen seen,
      Figures figures) {
    double error = figures.of(RECKONED_ERROR);
    Store store = new Store(soil, tiled, greenCover, deadMatLbAc, figures);
    double kept = figures.of(CHILL_KEPT);
    double frozenF = figures.of(FROZEN_F);
    int length = (int) (trace.last().toEpochDay() - trace.first().toEpochDay() + 1);
    double[] share = new double[length];
    boolean[] frozen = new boolean[length];
    double chill = 40;
    Sunlight.Pull asked = new Sunlight.Pull(site.latitude());
    double[] pull = trace.daily(asked, asked);
    for (int i = 0; i < length; i++) {
      DailyWeather day = trace.on(trace.first().plusDays(i));
      share[i] = store.day(pull[i], seen.rainOn(day.date(), day.rainIn()));
      GroundSeen.Felt felt = seen.felt().get(day.date());
      if (felt != null) {
        share[i] = felt.after(share[i], error);
        store.holding(share[i]);
      }
      chill = chill * kept + day.meanF() * (1 - kept);
      frozen[i] = chill < frozenF;
    }
    return new TopsoilWater(trace.first(), share, frozen);
  }

  /** The top four inches themselves: what a day's pull and rain leave. */
  static final class Store {
    private final double capacity;
    private final double wilting;
    private final double most;
    private final double drainDays;
    private final double bare;
    private final double green;
    private double water;

    Store(SoilTexture soil, boolean tiled, double greenCover, double deadMatLbAc, Figures figures) {
      Row store = figures.sheet("soils").row(soil.code());
      this.capacity = store.number("capacity_in");
      this.wilting = store.number("wilting_in");
      this.most = figures.of(SATURATION) * capacity;
      this.drainDays = Math.max(1, store.number("drain_days") - (tiled ? 1 : 0));
      double sheltered =
          1 - figures.of(MAT_SAVES) * Math.min(1, deadMatLbAc / figures.of(MAT_FULL_LB_AC));
      this.bare = figures.of(BARE) * (1 - greenCover) * sheltered;
      this.green = figures.of(GREEN) * greenCover;
      this.water = figures.of(START) * capacity;
    }

    /** The same, holding so much: 1 = field capacity. */
    Store holding(double share) {
      water = share * capacity;
      return this;
    }

    /** Water on the evening, 1 = field capacity; what stands above it drains overnight. */
    double day(double pull, double rain) {
      double dryEnd = wilting * 0.5;
      double dried = bare * pull * wetness(water, dryEnd, capacity);
      double drunk = green * pull * wetness(water, wilting, capacity);
      water = Math.min(most, Math.max(dryEnd, water - dried - drunk) + rain);
      double evening = water / capacity;
      water -= Math.max(0, water - capacity) / drainDays;
      return evening;
    }
  }

  private static double wetness(double water, double empty, double capacity) {
    return Math.max(0, Math.min(1, (water - empty) / (capacity - empty)));
  }

  /** Water on the evening of a date, 1 = field capacity, up to 1.4 = saturated. */
  public double shareOfCapacity(LocalDate date) {
    return share[index(date)];
  }

  /** Whether the topsoil is frozen on a day. */
  public boolean frozen(LocalDate date) {
    return frozen[index(date)];
  }

  private int index(LocalDate date) {
    return (int) Math.max(0, Math.min(share.length - 1L, date.toEpochDay() - first.toEpochDay()));
  }
}
