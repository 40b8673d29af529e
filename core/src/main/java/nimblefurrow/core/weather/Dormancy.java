package nimblefurrow.core.weather;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * When growth stops for the winter: the first day from 1 October whose 14-day mean (that day and
 * the 13 before) lies under 40 °F. Where none comes by 31 December, that day, and "no dormancy".
 */
public record Dormancy(LocalDate date, boolean reached) {
  private static final FigureKey DAYS = FigureKey.of("weather", "dormancy_days");
  private static final FigureKey MEAN_F = FigureKey.of("weather", "dormancy_mean");

  /**
   * When it comes in one way the weather may run.
   *
   * @param springStart the spring that follows
   */
  public static Dormancy in(WeatherTrace trace, Site site, LocalDate springStart, Figures figures) {
    int days = figures.whole(DAYS);
    double mean = figures.of(MEAN_F);
    LocalDate from = site.dormancyFrom(springStart);
    LocalDate last = springStart.minusDays(1);
    double sum = 0;
    for (LocalDate day = from.minusDays(days - 1L); !day.isAfter(last); day = day.plusDays(1)) {
      sum += trace.on(day).meanF();
      if (!day.isBefore(from)) {
        if (sum / days < mean) {
          return new Dormancy(day, true);
        }
        sum -= trace.on(day.minusDays(days - 1L)).meanF();
      }
    }
    return new Dormancy(last, false);
  }
}
