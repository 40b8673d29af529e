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
    Row store = figures.sheet("soils").row(soil.code());
    double capacity = store.number("capacity_in");
    double wilting = store.number("wilting_in");
    double bareShare = figures.of(BARE);
    double greenShare = figures.of(GREEN);
    double most = figures.of(SATURATION) * capacity;
    double kept = figures.of(CHILL_KEPT);
    double frozenF = figures.of(FROZEN_F);
    int length = (int) (trace.last().toEpochDay() - trace.first().toEpochDay() + 1);
    double[] share = new double[length];
    boolean[] frozen = new boolean[length];
    double water = figures.of(START) * capacity;
    double chill = 40;
    double drainDays = Math.max(1, store.number("drain_days") - (tiled ? 1 : 0));
    double sheltered =
        1 - figures.of(MAT_SAVES) * Math.min(1, deadMatLbAc / figures.of(MAT_FULL_LB_AC));
    for (int i = 0; i < length; i++) {
      DailyWeather day = trace.on(trace.first().plusDays(i));
      double pull = Sunlight.evaporationIn(day.date(), site.latitude(), day.maxF(), day.minF());
      double dryEnd = wilting * 0.5;
      double bare =
          bareShare * pull * (1 - greenCover) * sheltered * wetness(water, dryEnd, capacity);
      double drunk = greenShare * pull * greenCover * wetness(water, wilting, capacity);
      water = Math.max(dryEnd, water - bare - drunk) + day.rainIn();
      water = Math.min(water, most);
      double excess = Math.max(0, water - capacity);
      share[i] = water / capacity;
      water -= excess / drainDays;
      chill = chill * kept + day.meanF() * (1 - kept);
      frozen[i] = chill < frozenF;
    }
    return new TopsoilWater(trace.first(), share, frozen);
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
