package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nimblefurrow.core.cover.Species;
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
  private static final int DAYS = 7;
  private static final int LONGEST = 25;
  private static final double MOIST = 0.7;
  private static final double LOSS_A_DAY = 0.04;
  private static final double LARGE_SEED = 10_000;

  public static double wanted(Species species) {
    return species.smallSeeded() ? 0.3 : species.seedsPerPound() < LARGE_SEED ? 1.0 : 0.6;
  }

  public static MoistureOutlook of(
      List<Species> species, LocalDate seeded, SoilTexture soil, boolean tiled, Outlook outlook) {
    double wanted = species.stream().mapToDouble(MoistureOutlook::wanted).max().orElse(0.6);
    List<Integer> dry = new ArrayList<>();
    int inTime = 0;
    for (WeatherTrace trace : outlook.traces()) {
      TopsoilWater water = TopsoilWater.run(trace, outlook.site(), soil, tiled, 0, 0);
      int days = dryDays(trace, water, seeded, wanted);
      dry.add(days);
      inTime += days <= DAYS ? 1 : 0;
    }
    Collections.sort(dry);
    int middle = dry.get((dry.size() - 1) / 2);
    int bad = dry.get((int) Math.ceil(0.9 * dry.size()) - 1);
    return new MoistureOutlook(
        wanted, Share.of((double) inTime / dry.size()), middle, bad, loss(middle), loss(bad));
  }

  /** Days from sowing until rain adds up or the topsoil is moist; at most {@link #LONGEST}. */
  static int dryDays(WeatherTrace trace, TopsoilWater water, LocalDate seeded, double wanted) {
    double[] last = new double[DAYS];
    double sum = 0;
    for (int i = 0; i < LONGEST; i++) {
      LocalDate day = seeded.plusDays(i);
      double rain = trace.on(day).rainIn();
      sum += rain - last[i % DAYS];
      last[i % DAYS] = rain;
      if (sum >= wanted || water.shareOfCapacity(day) > MOIST) {
        return i;
      }
    }
    return LONGEST;
  }

  static Share loss(int dryDays) {
    return Share.of(Math.min(1, LOSS_A_DAY * dryDays));
  }
}
