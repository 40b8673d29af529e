package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Dry matter of a cover on any date over every way the season may run, the curve's own error
 * included. Winter-hardy members are shown as living through the winter; the chance that they do
 * not stands beside, see {@link Winter}.
 */
public final class MatForecast {
  private static final FigureKey SHARE_POWER = FigureKey.of("cover", "mix_share_power");
  private static final FigureKey MIX_GAIN = FigureKey.of("cover", "mix_gain");
  private static final double TENTH = 1.2815515655;

  private final CoverStand stand;
  private final Outlook outlook;
  private final Growth growth;
  private final double sharePower;
  private final double mixGain;
  private final List<List<Frost>> frosts = new ArrayList<>();

  /** What a stand will weigh in an outlook's weather. */
  public MatForecast(CoverStand stand, Outlook outlook) {
    this.stand = stand;
    this.outlook = outlook;
    Figures figures = outlook.figures();
    this.growth = new Growth(figures);
    this.sharePower = figures.of(SHARE_POWER);
    this.mixGain = figures.of(MIX_GAIN);
    LocalDate until = outlook.site().turnAfter(stand.seeded()).plusDays(150);
    for (WeatherTrace trace : outlook.traces()) {
      List<Frost> ofTrace = new ArrayList<>();
      for (Mix.Member member : stand.mix().members()) {
        Species species = member.species();
        ofTrace.add(species.winterHardy() ? null : Frost.of(species, trace, stand.seeded(), until));
      }
      frosts.add(ofTrace);
    }
  }

  /** The 10–50–90 % range of standing dry matter on a date, lb/ac. */
  public Spread on(LocalDate date) {
    Spread years = Spread.of(perYear(date));
    double median = years.middle();
    if (median <= 0) {
      return new Spread(0, 0, 0);
    }
    double low = Math.log(Math.max(1, years.low()) / median);
    double high = Math.log(Math.max(1, years.high()) / median);
    double model = TENTH * stand.scale().spread(outlook.figures());
    return new Spread(
        median * Math.exp(-Math.hypot(low, model)),
        median,
        median * Math.exp(Math.hypot(high, model)));
  }

  /** Chance that the mat weighs at least this much on a date. */
  public double chanceOfAtLeast(DryMatter wanted, LocalDate date) {
    NormalDistribution error = NormalDistribution.of(0, stand.scale().spread(outlook.figures()));
    Ensemble<Double> years = perYear(date);
    double sum = 0;
    for (int i = 0; i < years.years(); i++) {
      double pounds = years.in(i).orElse(0.0);
      sum += pounds <= 0 ? 0 : error.survivalProbability(Math.log(wanted.poundsPerAcre() / pounds));
    }
    return sum / years.years();
  }

  /** The unscaled curve's middle on a date, to set a clipped sample against. */
  public DryMatter curveOn(LocalDate date) {
    return DryMatter.poundsPerAcre(
        perYear(date).middle().orElseThrow() / stand.scale().factor(outlook.figures()));
  }

  private Ensemble<Double> perYear(LocalDate date) {
    double scaled = stand.standFactor() * stand.scale().factor(outlook.figures());
    return Ensemble.of(outlook.traces().size(), i -> mixPounds(i, date) * scaled);
  }

  /** Dry matter that each member brings to the mix on a date, mean of the years, lb/ac. */
  public double[] membersOn(LocalDate date) {
    int years = outlook.traces().size();
    double[] mean = new double[stand.mix().members().size()];
    for (int year = 0; year < years; year++) {
      double[] parts = parts(year, date);
      double held = held(parts);
      for (int m = 0; m < mean.length; m++) {
        mean[m] += parts[m] * held / years;
      }
    }
    return mean;
  }

  private double mixPounds(int year, LocalDate date) {
    double[] parts = parts(year, date);
    return Arrays.stream(parts).sum() * held(parts);
  }

  /** What a mix may weigh at most beside the best member alone, as a factor on its parts. */
  private double held(double[] parts) {
    double sum = 0;
    double best = 0;
    for (int m = 0; m < parts.length; m++) {
      sum += parts[m];
      best = Math.max(best, parts[m] / crowding(m));
    }
    return sum > mixGain * best ? mixGain * best / sum : 1;
  }

  private double crowding(int member) {
    return Math.pow(Math.min(1, stand.mix().members().get(member).share()), sharePower);
  }

  private double[] parts(int year, LocalDate date) {
    List<Mix.Member> members = stand.mix().members();
    double[] parts = new double[members.size()];
    for (int m = 0; m < parts.length; m++) {
      double alone =
          growth.poundsOn(
              members.get(m).species(),
              outlook.traces().get(year),
              outlook.site(),
              stand.seeded(),
              date,
              frosts.get(year).get(m));
      parts[m] = alone * crowding(m);
    }
    return parts;
  }
}
