package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.TopsoilWater;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * What surface seed may expect: small seed (over 100,000 to the pound) wants 0.3 in of rain within
 * 7 days, medium 0.6, large (under 10,000) 1.0; or topsoil above 70 % of field capacity. Each dry
 * day until then costs 4 % of the seed.
 *
 * @param wantedIn rain that the largest seed of the mix wants
 * @param chance that rain or moist ground is there within 7 days
 * @param dryDays middle and bad (90 %) number of days the seed lies dry
 * @param lossMiddle share of the seed lost in the middle year, {@code lossBad} in a bad one
 */
public record MoistureOutlook(
    double wantedIn,
    Share chance,
    int dryDaysMiddle,
    int dryDaysBad,
    Share lossMiddle,
    Share lossBad) {
  private static final FigureKey RAIN_LARGE = FigureKey.of("seeding", "rain_large_seed");
  private static final FigureKey RAIN_MEDIUM = FigureKey.of("seeding", "rain_medium_seed");
  private static final FigureKey RAIN_SMALL = FigureKey.of("seeding", "rain_small_seed");
  private static final FigureKey DAYS = FigureKey.of("seeding", "rain_within");
  private static final FigureKey LONGEST = FigureKey.of("seeding", "dry_longest");
  private static final FigureKey MOIST = FigureKey.of("seeding", "moist_ground");
  private static final FigureKey LOSS_A_DAY = FigureKey.of("seeding", "loss_a_dry_day");
  private static final FigureKey LARGE_SEED = FigureKey.of("seeding", "large_seed");

  /** Rain that seed on top of the ground wants within a week, in. */
  public static double wanted(Species species) {
    Figures figures = species.figures();
    if (species.smallSeeded()) {
      return figures.of(RAIN_SMALL);
    }
    return figures.of(species.seedsPerPound() < figures.of(LARGE_SEED) ? RAIN_LARGE : RAIN_MEDIUM);
  }

  /** How likely rain or moist ground helps seed on top of it. */
  public static MoistureOutlook of(
      List<Species> species, LocalDate seeded, SoilTexture soil, boolean tiled, Outlook outlook) {
    Figures figures = outlook.figures();
    double wanted =
        species.stream().mapToDouble(MoistureOutlook::wanted).max().orElse(figures.of(RAIN_MEDIUM));
    Ensemble<Integer> dry =
        outlook.each(
            trace -> {
              TopsoilWater water =
                  TopsoilWater.run(trace, outlook.site(), soil, tiled, 0, 0, figures);
              return dryDays(trace, water, seeded, wanted, figures);
            });
    int within = figures.whole(DAYS);
    int middle = dry.middle().orElseThrow();
    int bad = dry.quantile(0.9).orElseThrow();
    return new MoistureOutlook(
        wanted,
        dry.chance(days -> days <= within),
        middle,
        bad,
        loss(middle, figures),
        loss(bad, figures));
  }

  /**
   * Days from sowing until rain adds up or the topsoil is moist; at most {@link
   * #figures.whole(LONGEST)}.
   */
  static int dryDays(
      WeatherTrace trace, TopsoilWater water, LocalDate seeded, double wanted, Figures figures) {
    int window = figures.whole(DAYS);
    int longest = figures.whole(LONGEST);
    double moist = figures.of(MOIST);
    double[] last = new double[window];
    double sum = 0;
    for (int i = 0; i < longest; i++) {
      LocalDate day = seeded.plusDays(i);
      double rain = trace.on(day).rainIn();
      sum += rain - last[i % window];
      last[i % window] = rain;
      if (sum >= wanted || water.shareOfCapacity(day) > moist) {
        return i;
      }
    }
    return longest;
  }

  static Share loss(int dryDays, Figures figures) {
    return Share.of(Math.min(1, figures.of(LOSS_A_DAY) * dryDays));
  }
}
