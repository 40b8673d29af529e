package nimblefurrow.core.weather;

import java.time.LocalDate;

/**
 * Water in the top four inches, day by day, as a share of field capacity: rain in; evaporation, the
 * cover's thirst and drainage out. A living cover dries the soil, a dead mat keeps it wet.
 */
public final class TopsoilWater {
  private static final double SATURATION = 1.4;
  private static final double MAT_FULL_LB_AC = 8000;
  private static final double MAT_SAVES = 0.6;

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
      double deadMatLbAc) {
    int length = (int) (trace.last().toEpochDay() - trace.first().toEpochDay() + 1);
    double[] share = new double[length];
    boolean[] frozen = new boolean[length];
    double water = 0.75 * soil.capacityIn();
    double chill = 40;
    double drainDays = Math.max(1, soil.drainDays() - (tiled ? 1 : 0));
    double sheltered = 1 - MAT_SAVES * Math.min(1, deadMatLbAc / MAT_FULL_LB_AC);
    for (int i = 0; i < length; i++) {
      DailyWeather day = trace.on(trace.first().plusDays(i));
      double pull = Sunlight.evaporationIn(day.date(), site.latitude(), day.maxF(), day.minF());
      double dryEnd = soil.wiltingIn() * 0.5;
      double bare = 0.65 * pull * (1 - greenCover) * sheltered * wetness(water, dryEnd, soil);
      double drunk = 0.9 * pull * greenCover * wetness(water, soil.wiltingIn(), soil);
      water = Math.max(dryEnd, water - bare - drunk) + day.rainIn();
      water = Math.min(water, SATURATION * soil.capacityIn());
      double excess = Math.max(0, water - soil.capacityIn());
      share[i] = water / soil.capacityIn();
      water -= excess / drainDays;
      chill = chill * 0.8 + day.meanF() * 0.2;
      frozen[i] = chill < 31;
    }
    return new TopsoilWater(trace.first(), share, frozen);
  }

  private static double wetness(double water, double empty, SoilTexture soil) {
    return Math.max(0, Math.min(1, (water - empty) / (soil.capacityIn() - empty)));
  }

  /** Water on the evening of a date, 1 = field capacity, up to 1.4 = saturated. */
  public double shareOfCapacity(LocalDate date) {
    return share[index(date)];
  }

  public boolean frozen(LocalDate date) {
    return frozen[index(date)];
  }

  private int index(LocalDate date) {
    return (int) Math.max(0, Math.min(share.length - 1L, date.toEpochDay() - first.toEpochDay()));
  }
}
