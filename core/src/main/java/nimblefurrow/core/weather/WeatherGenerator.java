package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import org.apache.commons.rng.UniformRandomProvider;
import org.apache.commons.statistics.distribution.ContinuousDistribution.Sampler;
import org.apache.commons.statistics.distribution.GammaDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * A made-up mid-continent station: wet and dry days follow each other by a first-order Markov
 * chain, rain falls by a gamma law, temperature wanders (AR 1) about the season's course, wet days
 * are cooler by day and milder by night, snow lies and melts. Its monthly means are those of {@link
 * Normals}. The same seed gives the same weather.
 */
public final class WeatherGenerator {
  private static final FigureKey PERSISTENCE = FigureKey.of("station", "persistence");

  /** How much likelier a wet day is after a wet one than after a dry one. */
  private static final FigureKey WET_PERSISTENCE = FigureKey.of("station", "wet_persistence");

  private static final FigureKey RAIN_SHAPE = FigureKey.of("station", "rain_shape");
  private static final FigureKey MOST_RAIN_IN = FigureKey.of("station", "most_rain");
  private static final FigureKey YEARLY_SPREAD_F = FigureKey.of("station", "yearly_spread");
  private static final double LEAST_TAIL = 1e-3;
  private static final FigureKey WET_COOLER_F = FigureKey.of("station", "wet_cooler");
  private static final FigureKey WET_SWING = FigureKey.of("station", "wet_swing");
  private static final FigureKey SWING_VARIES = FigureKey.of("station", "swing_varies");

  private final Figures figures;
  private final double yearlySpread;
  private final double persistence;
  private final double wetPersistence;
  private final double latitude;
  private final Normals normals;
  private final SplittableRandom random;
  private final Sampler gauss;
  private final UniformRandomProvider source;

  /**
   * A made-up station.
   *
   * @param latitude degrees, north positive
   * @param seed decides its weather; the same seed tells the same
   */
  public WeatherGenerator(double latitude, long seed, Figures figures) {
    this.figures = figures;
    this.yearlySpread = figures.of(YEARLY_SPREAD_F);
    this.persistence = figures.of(PERSISTENCE);
    this.wetPersistence = figures.of(WET_PERSISTENCE);
    this.latitude = latitude;
    this.normals = Normals.at(latitude, figures);
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
        yearly = yearlySpread * gauss.sample();
      }
      double share = normals.wetShare(date);
      double afterDry = share * (1 - wetPersistence);
      wet = random.nextDouble() < (wet ? afterDry + wetPersistence : afterDry);
      wander = persistence * wander + Math.sqrt(1 - persistence * persistence) * gauss.sample();
      double stray =
          spread(normals.spreadF(date)) * coldTailed(wander, normals.coldTail(date)) + yearly;
      days.add(day(date, stray, wet, share, snow));
      snow = days.get(days.size() - 1).snowDepthIn();
    }
    return WeatherRecord.of(days);
  }

  /** What is left for the wandering itself, so that year and rain do not add to the spread. */
  private double spread(double wholeF) {
    return Math.sqrt(wholeF * wholeF - yearlySpread * yearlySpread - 0.4);
  }

  /**
   * Continental air strays further to the cold than to the warm, most so in spring and fall; mean 0
   * and spread 1 are kept.
   */
  private static double coldTailed(double z, double tail) {
    if (tail < LEAST_TAIL) {
      return z;
    }
    double mean = Math.exp(tail * tail / 2);
    double sd = mean * Math.sqrt(Math.exp(tail * tail) - 1);
    return (mean - Math.exp(-tail * z)) / sd;
  }

  /** A wet day is a little cooler than the mean, and the dry ones make up for it. */
  private DailyWeather day(LocalDate date, double stray, boolean wet, double share, double lying) {
    double cooler =
        wet ? -figures.of(WET_COOLER_F) * (1 - share) : figures.of(WET_COOLER_F) * share;
    double narrower =
        wet ? figures.of(WET_SWING) : (1 - figures.of(WET_SWING) * share) / (1 - share);
    double mean = (normals.maxF(date) + normals.minF(date)) / 2 + stray + cooler;
    double swing =
        (normals.maxF(date) - normals.minF(date))
            * narrower
            * (1 - figures.of(SWING_VARIES) + 2 * figures.of(SWING_VARIES) * random.nextDouble());
    double rain = wet ? rain(date) : 0;
    double snow = snow(lying, mean, rain);
    double wind = Math.max(1, 9.5 + 3.8 * gauss.sample() + (wet ? 1.5 : 0));
    double humidity = Math.max(20, Math.min(100, (wet ? 74 : 50) + 9 * gauss.sample()));
    double clear = wet ? 0.22 + 0.26 * random.nextDouble() : 0.50 + 0.22 * random.nextDouble();
    double sun = clear * Sunlight.aboveAtmosphereMj(date, latitude);
    return new DailyWeather(
        date,
        round(mean + swing / 2),
        round(mean - swing / 2),
        rain,
        round(snow),
        round(wind),
        round(humidity),
        round(sun));
  }

  private double rain(LocalDate date) {
    double mean = normals.wetDayRainIn(date);
    double inches =
        GammaDistribution.of(figures.of(RAIN_SHAPE), mean / figures.of(RAIN_SHAPE))
            .createSampler(source)
            .sample();
    return Math.min(figures.of(MOST_RAIN_IN), Math.max(0.01, Math.round(inches * 100) / 100.0));
  }

  private static double snow(double lying, double meanF, double rain) {
    double settled = lying * 0.96 + (meanF < 32 ? rain * 10 : 0);
    double melted = Math.max(0, meanF - 31) * 0.22;
    return Math.max(0, settled - melted) < 0.2 ? 0 : Math.min(40, settled - melted);
  }

  private static double round(double value) {
    return Math.round(value * 10) / 10.0;
  }

  /**
   * What a forecaster would have said on a day about the days after it. Its error grows with the
   * lead as in {@link ForecastError}; the less it knows, the nearer it keeps to the normal, so that
   * the truth lies about it without bias. Rain is sometimes missed or cried in vain.
   */
  public List<DailyWeather> forecast(WeatherRecord truth, LocalDate today, int days, long seed) {
    SplittableRandom dice = new SplittableRandom(seed * 31 + today.toEpochDay());
    Sampler errors = NormalDistribution.of(0, 1).createSampler(dice::nextLong);
    List<DailyWeather> said = new ArrayList<>();
    double error = errors.sample();
    for (int lead = 1; lead <= days && truth.covers(today.plusDays(lead)); lead++) {
      DailyWeather day = truth.on(today.plusDays(lead));
      error = persistence * error + Math.sqrt(1 - persistence * persistence) * errors.sample();
      double knows = ForecastError.known(lead, normals.spreadF(day.date()), figures);
      double off = ForecastError.spreadF(lead, figures) * Math.sqrt(knows) * error;
      double max = leaning(normals.maxF(day.date()), day.maxF(), knows) + off;
      double min = leaning(normals.minF(day.date()), day.minF(), knows) + off;
      boolean wrong = dice.nextDouble() < 0.04 * lead;
      double rain = wrong ? (day.rainIn() > 0 ? 0 : 0.15) : day.rainIn();
      said.add(
          new DailyWeather(
              day.date(),
              round(max),
              round(min),
              rain,
              day.snowDepthIn(),
              day.windMph(),
              day.humidity(),
              day.sunMj()));
    }
    return said;
  }

  private static double leaning(double normal, double truth, double knows) {
    return normal + (truth - normal) * knows;
  }
}
