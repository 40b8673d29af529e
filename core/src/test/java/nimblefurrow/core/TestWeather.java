package nimblefurrow.core;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;
import nimblefurrow.core.weather.WeatherTrace;

/** Weather for tests: the made-up station, or days of one temperature. */
public final class TestWeather {
  public static final Site SITE = new Site(40.5, -97);
  public static final WeatherRecord CLIMATE = climate(40.5);

  private TestWeather() {}

  public static WeatherRecord climate(double latitude) {
    return new WeatherGenerator(latitude, 11, Figures.shipped())
        .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2025, 12, 31));
  }

  /** What is known on a day of spring 2026 from climate alone, to the end of 2027. */
  public static Outlook outlook(LocalDate today) {
    return outlook(SITE, CLIMATE, today);
  }

  public static Outlook outlook(Site site, WeatherRecord climate, LocalDate today) {
    return Outlook.of(
        Figures.shipped(),
        site,
        climate,
        null,
        List.of(),
        today,
        LocalDate.of(2026, 1, 1),
        LocalDate.of(2027, 12, 31));
  }

  /** Climate moved by some degrees, for what must follow from cold or warmth. */
  public static WeatherRecord warmer(WeatherRecord record, double fahrenheit) {
    return WeatherRecord.of(
        record.days().stream()
            .map(
                d ->
                    new DailyWeather(
                        d.date(),
                        d.maxF() + fahrenheit,
                        d.minF() + fahrenheit,
                        d.rainIn(),
                        d.snowDepthIn(),
                        d.windMph(),
                        d.humidity(),
                        d.sunMj()))
            .toList());
  }

  /** A trace whose mean temperature is given by date; high and low lie 10 °F about it, no rain. */
  public static WeatherTrace trace(
      LocalDate from, LocalDate to, ToDoubleFunction<LocalDate> meanF) {
    return trace(from, to, meanF, d -> 0);
  }

  public static WeatherTrace trace(
      LocalDate from,
      LocalDate to,
      ToDoubleFunction<LocalDate> meanF,
      ToDoubleFunction<LocalDate> rain) {
    List<DailyWeather> days = new ArrayList<>();
    for (LocalDate d = from; !d.isAfter(to); d = d.plusDays(1)) {
      double mean = meanF.applyAsDouble(d);
      days.add(new DailyWeather(d, mean + 10, mean - 10, rain.applyAsDouble(d), 0, 8, 50, 15));
    }
    return new WeatherTrace(days.toArray(DailyWeather[]::new));
  }
}
