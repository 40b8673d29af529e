package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Temperature;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What the cold does to a cover: to the crown under snow, or to the leaves of a winter-killed one.
 */
public final class Winter {
  private static final FigureKey KILL_SPREAD_F = FigureKey.of("cover", "winter_kill_spread");
  private static final FigureKey DEEP_SNOW_CM = FigureKey.of("cover", "deep_snow");
  private static final double CM_PER_IN = 2.54;

  private Winter() {}

  /** Crown temperature under an air low and a snow depth (in); snow shelters, up to 6 in. */
  public static Temperature crown(Temperature airLow, double snowIn, Figures figures) {
    double low = airLow.celsius();
    if (low >= 0) {
      return airLow;
    }
    double gap = Math.min(snowIn * CM_PER_IN, figures.of(DEEP_SNOW_CM)) - figures.of(DEEP_SNOW_CM);
    return Temperature.celsius(2 + low * (0.4 + 0.0018 * gap * gap));
  }

  /** Chance that a hardy species dies at the season's lowest crown temperature (SD 4 °F). */
  public static Share killChance(Species species, Temperature lowestCrown) {
    Figures figures = species.figures();
    double z = (species.coldF() - lowestCrown.fahrenheit()) / figures.of(KILL_SPREAD_F);
    return Share.of(NormalDistribution.of(0, 1).cumulativeProbability(z));
  }

  /** Chance that the winter kills a species sown on a date, over every way the winter may run. */
  public static Share killChance(Species species, Outlook outlook, LocalDate seeded) {
    LocalDate spring =
        species.winterHardy()
            ? outlook.site().springStart(seeded)
            : outlook.site().turnAfter(seeded);
    LocalDate late = spring.plusDays(90);
    if (species.winterHardy()) {
      double sum = 0;
      for (WeatherTrace trace : outlook.traces()) {
        sum += killChance(species, lowestCrown(trace, seeded, late, outlook.figures())).fraction();
      }
      return Share.of(sum / outlook.traces().size());
    }
    return outlook
        .each(trace -> Frost.of(species, trace, seeded, late).killed())
        .chance(killed -> true);
  }

  private static Temperature lowestCrown(
      WeatherTrace trace, LocalDate from, LocalDate to, Figures figures) {
    double lowest = 100;
    for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
      DailyWeather weather = trace.on(day);
      if (weather.minF() < 32) {
        Temperature air = Temperature.fahrenheit(weather.minF());
        lowest = Math.min(lowest, crown(air, weather.snowDepthIn(), figures).fahrenheit());
      }
    }
    return Temperature.fahrenheit(lowest);
  }
}
