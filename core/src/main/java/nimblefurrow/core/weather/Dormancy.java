package nimblefurrow.core.weather;

import java.time.LocalDate;

/**
 * When growth stops for the winter: the first day from 1 October whose 14-day mean (that day and
 * the 13 before) lies under 40 °F. Where none comes by 31 December, that day, and "no dormancy".
 */
public record Dormancy(LocalDate date, boolean reached) {
  private static final int DAYS = 14;
  private static final double MEAN_F = 40;

  public static Dormancy in(WeatherTrace trace, Site site, LocalDate springStart) {
    LocalDate from = site.dormancyFrom(springStart);
    LocalDate last = springStart.minusDays(1);
    double sum = 0;
    for (LocalDate day = from.minusDays(DAYS - 1L); !day.isAfter(last); day = day.plusDays(1)) {
      sum += trace.on(day).meanF();
      if (!day.isBefore(from)) {
        if (sum / DAYS < MEAN_F) {
          return new Dormancy(day, true);
        }
        sum -= trace.on(day.minusDays(DAYS - 1L)).meanF();
      }
    }
    return new Dormancy(last, false);
  }
}
