package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * Days put together from a station's hours: the highest and lowest temperature, the rain summed,
 * wind and humidity of the working afternoon. A day with fewer than 20 hours of temperature is a
 * gap, not a day. The other way round is {@link HoursOfDays}.
 */
public final class DaysOfHours {
  private static final FigureKey LEAST = FigureKey.of("weather", "day_hours");
  private static final int AFTERNOON = 12;
  private static final int EVENING = 18;

  /**
   * An hour as a station reports it.
   *
   * @param tempF and {@code rainIn}; {@code windMph}, {@code humidity} (%) and {@code sunMj} (of
   *     the hour) where the station has them
   */
  public record Reading(
      LocalDateTime at,
      double tempF,
      double rainIn,
      Optional<Double> windMph,
      Optional<Double> humidity,
      Optional<Double> sunMj) {}

  private DaysOfHours() {}

  /** The days that are whole, in their order. */
  public static List<DailyWeather> of(List<Reading> hours, double latitude, Figures figures) {
    Map<LocalDate, List<Reading>> byDay = new TreeMap<>();
    hours.forEach(h -> byDay.computeIfAbsent(h.at().toLocalDate(), d -> new ArrayList<>()).add(h));
    List<DailyWeather> days = new ArrayList<>();
    byDay.forEach(
        (date, of) -> {
          if (of.size() >= figures.of(LEAST)) {
            days.add(day(date, of, latitude));
          }
        });
    return days;
  }

  private static DailyWeather day(LocalDate date, List<Reading> hours, double latitude) {
    double max = hours.stream().mapToDouble(Reading::tempF).max().orElseThrow();
    double min = hours.stream().mapToDouble(Reading::tempF).min().orElseThrow();
    double rain = hours.stream().mapToDouble(Reading::rainIn).sum();
    DailyWeather plain = DailyWeather.measured(date, max, min, rain, latitude);
    Optional<Double> sun =
        hours.stream().allMatch(h -> h.sunMj().isPresent())
            ? Optional.of(hours.stream().mapToDouble(h -> h.sunMj().get()).sum())
            : Optional.empty();
    return new DailyWeather(
        date,
        max,
        min,
        rain,
        plain.snowDepthIn(),
        afternoon(hours, Reading::windMph).orElse(plain.windMph()),
        afternoon(hours, Reading::humidity).orElse(plain.humidity()),
        sun.orElse(plain.sunMj()));
  }

  private static Optional<Double> afternoon(
      List<Reading> hours, Function<Reading, Optional<Double>> of) {
    List<Double> known =
        hours.stream()
            .filter(h -> h.at().getHour() >= AFTERNOON && h.at().getHour() < EVENING)
            .flatMap(h -> of.apply(h).stream())
            .toList();
    return known.isEmpty()
        ? Optional.empty()
        : Optional.of(known.stream().mapToDouble(Double::doubleValue).average().orElseThrow());
  }
}
