package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.statistics.distribution.ContinuousDistribution.Sampler;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * A made-up mid-continent station: wet and dry days follow each other by a first-order Markov
 * chain, rain falls by a gamma law, temperature wanders (AR 1) about the season's course and wet
 * days are cooler by day and milder by night; snow lies and melts. The same seed gives the same
 * weather.
 */
public final class WeatherGenerator {
  // Chance of a wet day after a dry and after a wet day, and mean rain (in) of a wet day, by month.
  private static final double[] WET_AFTER_DRY = {
    .15, .17, .22, .26, .29, .27, .24, .22, .20, .18, .16, .15
  };
  private static final double[] WET_AFTER_WET = {
    .32, .34, .40, .43, .46, .42, .38, .37, .38, .37, .34, .33
  };
  private static final double[] WET_DAY_RAIN = {
    .12, .14, .21, .28, .36, .42, .42, .42, .38, .28, .20, .14
  };
  private static final double[] SPREAD_F = {11, 10.5, 11.5, 9, 7.5, 6, 5, 5, 7, 8, 9, 10};
  private static final double[] SWING_F = {20, 21, 24, 29, 25, 22, 22, 23, 26, 27.5, 23, 20.5};
  private static final double PERSISTENCE = 0.72;
  private static final double RAIN_SHAPE = 0.75;

  private final double latitude;
  private final SplittableRandom random;
  private final Sampler gauss;
  private final UniformRandomProvider source;

  public WeatherGenerator(double latitude, long seed) {
    this.latitude = latitude;
    this.random = new SplittableRandom(seed);
    this.source = random::nextLong;
    this.gauss = NormalDistribution.of(0, 1).createSampler(source);
  }

  /** Daily weather from the first to the last date, both with it. */
  public WeatherRecord generate(LocalDate first, LocalDate last) {
    List<DailyWeather> days = new ArrayList<>();
    boolean wet = false;
    double wander = 0;
    double snow = 0;
    double yearly = 0;
    for (LocalDate date = first; !date.isAfter(last); date = date.plusDays(1)) {
      if (date.getDayOfYear() == 1) {
        yearly = 1.2 * gauss.sample();
      }
      int month = (latitude < 0 ? date.plusMonths(6) : date).getMonthValue() - 1;
      wet = random.nextDouble() < (wet ? WET_AFTER_WET : WET_AFTER_DRY)[month];
      wander =
          PERSISTENCE * wander
              + Math.sqrt(1 - PERSISTENCE * PERSISTENCE) * SPREAD_F[month] * gauss.sample();
      double mean = normalMeanF(date) + wander + yearly - (wet ? 1.0 : -0.3);
      double swing = SWING_F[month] * (wet ? 0.68 : 1.1) * (0.85 + 0.3 * random.nextDouble());
      double rain = wet ? rain(month) : 0;
      snow = snow(snow, mean, rain);
      days.add(day(date, mean, swing, rain, snow, wet));
    }
    return WeatherRecord.of(days);
  }

  /** Mean temperature of the date in an ordinary year, °F. */
  double normalMeanF(LocalDate date) {
    double north = Math.abs(latitude) - 40.5;
    double peak = latitude < 0 ? 15 : 197;
    double angle = 2 * Math.PI * (date.getDayOfYear() - peak) / 365.25;
    return 51.75 - 1.6 * north + (25.5 + 0.6 * north) * Math.cos(angle) - 0.2 * Math.cos(2 * angle);
  }

  private double rain(int month) {
    double mean = WET_DAY_RAIN[month];
    double inches =
        GammaDistribution.of(RAIN_SHAPE, mean / RAIN_SHAPE).createSampler(source).sample();
    return Math.min(6, Math.max(0.01, Math.round(inches * 100) / 100.0));
  }

  private static double snow(double lying, double meanF, double rain) {
    double settled = lying * 0.96 + (meanF < 32 ? rain * 10 : 0);
    double melted = Math.max(0, meanF - 31) * 0.22;
    return Math.max(0, settled - melted) < 0.2 ? 0 : Math.min(40, settled - melted);
  }

  private DailyWeather day(
      LocalDate date, double mean, double swing, double rain, double snow, boolean wet) {
    double cold = snow > 2 ? 2.5 : 0;
    double max = round(mean - cold + swing / 2);
    double min = round(mean - cold - swing / 2);
    double wind = Math.max(1, 9.5 + 3.8 * gauss.sample() + (wet ? 1.5 : 0));
    double humidity = Math.max(20, Math.min(100, (wet ? 74 : 50) + 9 * gauss.sample()));
    double clear = wet ? 0.33 + 0.2 * random.nextDouble() : 0.55 + 0.2 * random.nextDouble();
    double sun = clear * Sunlight.aboveAtmosphereMj(date, latitude);
    return new DailyWeather(
        date,
        max,
        min,
        rain,
        Math.round(snow * 10) / 10.0,
        round(wind),
        round(humidity),
        round(sun));
  }

  private static double round(double value) {
    return Math.round(value * 10) / 10.0;
  }

  /**
   * What a forecaster would have said on a day about the days after it: the truth, with an error
   * that grows with the lead, and rain sometimes missed or cried in vain.
   */
  public static List<DailyWeather> forecast(
      WeatherRecord truth, LocalDate today, int days, long seed) {
    SplittableRandom random = new SplittableRandom(seed * 31 + today.toEpochDay());
    Sampler gauss = NormalDistribution.of(0, 1).createSampler(random::nextLong);
    List<DailyWeather> said = new ArrayList<>();
    double error = 0;
    for (int lead = 1; lead <= days && truth.covers(today.plusDays(lead)); lead++) {
      DailyWeather day = truth.on(today.plusDays(lead));
      error = 0.8 * error + gauss.sample() * (0.5 + 0.22 * lead);
      boolean wrong = random.nextDouble() < 0.04 * lead;
      double rain = wrong ? (day.rainIn() > 0 ? 0 : 0.15) : day.rainIn();
      said.add(
          new DailyWeather(
              day.date(),
              round(day.maxF() + error),
              round(day.minF() + error),
              rain,
              day.snowDepthIn(),
              day.windMph(),
              day.humidity(),
              day.sunMj()));
    }
    return said;
  }
}
