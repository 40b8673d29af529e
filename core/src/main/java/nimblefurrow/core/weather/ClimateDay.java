package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.List;

/**
 * What a calendar day is like over the climate years: its mean temperature and how far days stray
 * from it, °F, told from the day and a week on either side.
 */
record ClimateDay(double meanF, double spreadF) {
  private static final int AROUND_DAYS = 7;
  private static final double LEAST_SPREAD_F = 1;

  static ClimateDay of(WeatherRecord climate, List<Integer> years, LocalDate date) {
    double sum = 0;
    double squares = 0;
    int n = 0;
    for (int year : years) {
      LocalDate like = date.withYear(year);
      for (int off = -AROUND_DAYS; off <= AROUND_DAYS; off++) {
        if (climate.covers(like.plusDays(off))) {
          double mean = climate.on(like.plusDays(off)).meanF();
          sum += mean;
          squares += mean * mean;
          n++;
        }
      }
    }
    double mean = sum / n;
    double spread = Math.sqrt(Math.max(0, squares / n - mean * mean));
    return new ClimateDay(mean, Math.max(LEAST_SPREAD_F, spread));
  }
}
