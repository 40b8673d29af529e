package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;

/**
 * One way the season may run: a day for every date from the first to the last, with heat summed
 * ahead of time so that any stretch is one subtraction. Dates outside are held to its ends.
 */
public final class WeatherTrace {
  /** Heats that differ by less, °F-days, are one and the same; sums of tenths never quite meet. */
  private static final double EQUAL = 1e-6;

  private final LocalDate first;
  private final long firstDay;
  private final DailyWeather[] days;
  private final Map<HeatBase, double[]> sums = new EnumMap<>(HeatBase.class);
  private final Map<Object, double[]> daily = new ConcurrentHashMap<>();

  /** A trace of days that follow each other without a gap. */
  public WeatherTrace(DailyWeather[] days) {
    this.first = days[0].date();
    this.firstDay = first.toEpochDay();
    this.days = days;
    for (HeatBase base : HeatBase.values()) {
      double[] sum = new double[days.length + 1];
      for (int i = 0; i < days.length; i++) {
        sum[i + 1] = sum[i] + base.degreeDays(days[i].maxF(), days[i].minF());
      }
      sums.put(base, sum);
    }
  }

  /** Its first day. */
  public LocalDate first() {
    return first;
  }

  /** Its last day. */
  public LocalDate last() {
    return first.plusDays(days.length - 1L);
  }

  /** The weather of a day; the nearest end's where it lies outside. */
  public DailyWeather on(LocalDate date) {
    return days[Math.min(days.length - 1, index(date))];
  }

  /** Heat of the days from {@code from} to {@code to}, both counted; 0 when to is before from. */
  public double degreeDays(HeatBase base, LocalDate from, LocalDate to) {
    double[] sum = sums.get(base);
    int start = Math.min(days.length, index(from));
    int end = (int) Math.max(0, Math.min(days.length, to.toEpochDay() - firstDay + 1));
    return end <= start ? 0 : sum[end] - sum[start];
  }

  /**
   * The first date by whose evening the heat since {@code from} reaches the sum asked for; null
   * when it is not reached within the trace.
   */
  public LocalDate reaches(LocalDate from, Heat heat) {
    double[] sum = sums.get(heat.base());
    int start = Math.min(days.length, index(from));
    double goal = sum[start] + heat.degreeDays();
    int low = start;
    int high = days.length + 1;
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (middle <= days.length && sum[middle] < goal - EQUAL) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low > days.length
        ? null
        : days[Math.min(days.length - 1, Math.max(start, low - 1))].date();
  }

  /** The last date from which at least this heat is still gathered up to {@code until}; or null. */
  public LocalDate lastDayLeaving(LocalDate until, Heat heat) {
    double[] sum = sums.get(heat.base());
    int end = (int) Math.min(days.length, until.toEpochDay() - firstDay + 1);
    int low = -1;
    int high = Math.max(0, end);
    while (low + 1 < high) {
      int middle = (low + high) >>> 1;
      if (sum[end] - sum[middle] >= heat.degreeDays() - EQUAL) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low < 0 ? null : first.plusDays(low);
  }

  /** The first date in a stretch whose low is at or below a temperature (°F); or null. */
  public LocalDate firstNightAtOrBelow(double fahrenheit, LocalDate from, LocalDate to) {
    int end = (int) Math.min(days.length - 1L, to.toEpochDay() - firstDay);
    for (int i = index(from); i <= end; i++) {
      if (days[i].minF() <= fahrenheit) {
        return days[i].date();
      }
    }
    return null;
  }

  /**
   * One number for each day from the first, worked out once and kept for all who ask again: light
   * that rye can use, water that the day could take. The array is shared and not to be written to.
   *
   * @param what tells one question from another; equal for equal questions
   */
  public double[] daily(Object what, ToDoubleFunction<DailyWeather> number) {
    return daily.computeIfAbsent(
        what, w -> java.util.Arrays.stream(days).mapToDouble(number).toArray());
  }

  private int index(LocalDate date) {
    return (int) Math.max(0, date.toEpochDay() - firstDay);
  }
}
