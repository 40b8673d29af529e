package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.time.MonthDay;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * Daily weather without a hole from its first to its last day. A day that was never measured holds
 * the mean of the same calendar day in the other years and is marked as filled; it is never 0.
 */
public final class WeatherRecord {
  private final LocalDate first;
  private final DailyWeather[] days;
  private final List<LocalDate> filled;

  private WeatherRecord(LocalDate first, DailyWeather[] days, List<LocalDate> filled) {
    this.first = first;
    this.days = days;
    this.filled = List.copyOf(filled);
  }

  /**
   * Joins days into a record. Order does not matter; two rows for a date, or none at all, are
   * refused.
   */
  public static WeatherRecord of(List<DailyWeather> measured) {
    if (measured.isEmpty()) {
      throw new OutOfRange("weather", "weather holds at least one day, got none");
    }
    TreeMap<LocalDate, DailyWeather> byDate = new TreeMap<>();
    for (DailyWeather day : measured) {
      if (byDate.put(day.date(), day) != null) {
        throw new OutOfRange("date", "weather has two rows for " + day.date());
      }
    }
    LocalDate first = byDate.firstKey();
    int length = Math.toIntExact(byDate.lastKey().toEpochDay() - first.toEpochDay() + 1);
    DailyWeather[] days = new DailyWeather[length];
    List<LocalDate> filled = new ArrayList<>();
    Normals normals = null;
    for (int i = 0; i < length; i++) {
      LocalDate date = first.plusDays(i);
      days[i] = byDate.get(date);
      if (days[i] == null) {
        normals = normals == null ? new Normals(byDate) : normals;
        days[i] = normals.on(date);
        filled.add(date);
      }
    }
    return new WeatherRecord(first, days, filled);
  }

  /** The first day measured. */
  public LocalDate first() {
    return first;
  }

  /** The last day measured. */
  public LocalDate last() {
    return first.plusDays(days.length - 1L);
  }

  /** The days that were missing and hold a calendar-day mean. */
  public List<LocalDate> filled() {
    return filled;
  }

  /** Whether a day lies within it. */
  public boolean covers(LocalDate date) {
    return !date.isBefore(first) && !date.isAfter(last());
  }

  /** The weather of a date inside the record. */
  public DailyWeather on(LocalDate date) {
    if (!covers(date)) {
      throw new OutOfRange(
          "date", "weather is known from %s to %s, not on %s".formatted(first, last(), date));
    }
    return days[(int) (date.toEpochDay() - first.toEpochDay())];
  }

  /** The part of the record up to and with a date; empty parts are refused. */
  public WeatherRecord until(LocalDate date) {
    return between(first, date);
  }

  /** The part of the record between two dates, both with it. */
  public WeatherRecord between(LocalDate from, LocalDate to) {
    int start = (int) Math.max(0, from.toEpochDay() - first.toEpochDay());
    int end = (int) Math.min(days.length, to.toEpochDay() - first.toEpochDay() + 1);
    if (end <= start) {
      throw new OutOfRange("date", "no weather is known between %s and %s".formatted(from, to));
    }
    DailyWeather[] part = java.util.Arrays.copyOfRange(days, start, end);
    return new WeatherRecord(
        part[0].date(),
        part,
        filled.stream().filter(d -> !d.isBefore(from) && !d.isAfter(to)).toList());
  }

  /** All days in their order. */
  public List<DailyWeather> days() {
    return List.of(days);
  }

  /**
   * Years that lie in the record from their first day to their last: a record from 3 March 1999 to
   * 28 December 2026 has 2000 to 2025. The running year never counts before its last evening, so
   * whoever goes on in a climate year finds each of its days.
   */
  public List<Integer> wholeYears() {
    int begins = first.getDayOfYear() == 1 ? first.getYear() : first.getYear() + 1;
    int ends = last().equals(yearsLast(last())) ? last().getYear() : last().getYear() - 1;
    return IntStream.rangeClosed(begins, ends).boxed().toList();
  }

  private static LocalDate yearsLast(LocalDate date) {
    return date.with(TemporalAdjusters.lastDayOfYear());
  }

  /** Means by calendar day over the years at hand, looking a few days aside when a day has none. */
  private static final class Normals {
    private final Map<MonthDay, List<DailyWeather>> byDay = new HashMap<>();

    Normals(Map<LocalDate, DailyWeather> measured) {
      measured.forEach(
          (date, day) ->
              byDay.computeIfAbsent(MonthDay.from(date), d -> new ArrayList<>()).add(day));
    }

    DailyWeather on(LocalDate date) {
      List<DailyWeather> like = new ArrayList<>();
      for (int reach = 0; like.isEmpty() && reach <= 183; reach++) {
        like.addAll(byDay.getOrDefault(MonthDay.from(date.minusDays(reach)), List.of()));
        like.addAll(byDay.getOrDefault(MonthDay.from(date.plusDays(reach)), List.of()));
      }
      return new DailyWeather(
          date,
          mean(like, DailyWeather::maxF),
          mean(like, DailyWeather::minF),
          mean(like, DailyWeather::rainIn),
          mean(like, DailyWeather::snowDepthIn),
          mean(like, DailyWeather::windMph),
          mean(like, DailyWeather::humidity),
          mean(like, DailyWeather::sunMj));
    }

    private static double mean(
        List<DailyWeather> days, java.util.function.ToDoubleFunction<DailyWeather> figure) {
      return days.stream().mapToDouble(figure).average().orElseThrow();
    }
  }
}
