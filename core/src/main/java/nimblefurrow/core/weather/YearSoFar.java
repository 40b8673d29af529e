package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;

/**
 * What a year has gathered since the first of January, week by week, against the years before:
 * heat, rain, nights of frost. Example: by 1 June 2027 1,420 °F-days for cool-season plants, where
 * eight years of ten had 1,180 to 1,610. Only what was measured; not a forecast.
 *
 * @param date the end of the week
 * @param before the whole years before
 * @param now this year; empty for weeks that lie ahead
 */
public record YearSoFar(LocalDate date, Spread before, Optional<Double> now) {
  private static final int WEEKS = 52;

  /**
   * The year of a day in weeks; empty where no whole year lies before it.
   *
   * @param daily what a day adds
   * @param today the last day measured, or one before it
   */
  public static List<YearSoFar> of(
      WeatherRecord measured, ToDoubleFunction<DailyWeather> daily, LocalDate today) {
    LocalDate start = today.withDayOfYear(1);
    List<Integer> years =
        measured.wholeYears().stream()
            .filter(y -> y < start.getYear())
            .filter(
                y ->
                    measured.covers(LocalDate.of(y, 1, 1))
                        && measured.covers(LocalDate.of(y, 12, 31)))
            .toList();
    List<DailyWeather> days = measured.days();
    double[] sums = new double[days.size() + 1];
    for (int i = 1; i < sums.length; i++) {
      sums[i] = sums[i - 1] + daily.applyAsDouble(days.get(i - 1));
    }
    List<YearSoFar> weeks = new ArrayList<>();
    for (int week = 1; week <= WEEKS && !years.isEmpty(); week++) {
      int last = 7 * week - 1;
      LocalDate end = start.plusDays(last);
      boolean known = !end.isAfter(today) && measured.covers(start) && measured.covers(end);
      weeks.add(
          new YearSoFar(
              end,
              Spread.of(
                  Ensemble.of(
                      years.size(),
                      i -> gathered(sums, measured, LocalDate.of(years.get(i), 1, 1), last))),
              known ? Optional.of(gathered(sums, measured, start, last)) : Optional.empty()));
    }
    return weeks;
  }

  private static double gathered(double[] sums, WeatherRecord measured, LocalDate start, int days) {
    int from = (int) (start.toEpochDay() - measured.first().toEpochDay());
    return sums[Math.min(sums.length - 1, from + days + 1)] - sums[from];
  }
}
