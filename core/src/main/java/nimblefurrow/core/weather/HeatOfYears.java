package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;

/**
 * Heat since the first of January, week by week, against the years before. Example: by 1 June 2027
 * 1,420 °F-days for cool-season plants, where eight years of ten had 1,180 to 1,610. Only what was
 * measured; not a forecast.
 *
 * @param date the end of the week
 * @param before the whole years before, °F-days
 * @param now this year; empty for weeks that lie ahead
 */
public record HeatOfYears(LocalDate date, Spread before, Optional<Heat> now) {
  private static final int WEEKS = 52;

  /**
   * The year of a day in weeks; empty where no whole year lies before it.
   *
   * @param today the last day measured, or one before it
   */
  public static List<HeatOfYears> of(WeatherRecord measured, HeatBase base, LocalDate today) {
    LocalDate start = today.withDayOfYear(1);
    List<Integer> years =
        measured.wholeYears().stream()
            .filter(y -> y < start.getYear())
            .filter(
                y ->
                    measured.covers(LocalDate.of(y, 1, 1))
                        && measured.covers(LocalDate.of(y, 12, 31)))
            .toList();
    WeatherTrace days = new WeatherTrace(measured.days().toArray(DailyWeather[]::new));
    List<HeatOfYears> weeks = new ArrayList<>();
    for (int week = 1; week <= WEEKS && !years.isEmpty(); week++) {
      int last = 7 * week - 1;
      LocalDate end = start.plusDays(last);
      weeks.add(
          new HeatOfYears(
              end,
              Spread.of(
                  Ensemble.of(
                      years.size(),
                      i -> {
                        LocalDate first = LocalDate.of(years.get(i), 1, 1);
                        return days.degreeDays(base, first, first.plusDays(last));
                      })),
              end.isAfter(today) || !measured.covers(start) || !measured.covers(end)
                  ? Optional.empty()
                  : Optional.of(Heat.of(days.degreeDays(base, start, end), base))));
    }
    return weeks;
  }
}
