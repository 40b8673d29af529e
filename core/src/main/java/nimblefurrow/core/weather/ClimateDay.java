package nimblefurrow.core.weather;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * What a calendar day is like over the climate years: its mean temperature and how far days stray
 * from it, °F, told from the day and a week on either side.
 */
record ClimateDay(double meanF, double spreadF) {
  private static final FigureKey AROUND_DAYS = FigureKey.of("weather", "climate_around");
  private static final FigureKey LEAST_SPREAD_F = FigureKey.of("weather", "climate_least_spread");

  static ClimateDay of(
      WeatherRecord climate, List<Integer> years, LocalDate date, Figures figures) {
    int around = figures.whole(AROUND_DAYS);
    double sum = 0;
    double squares = 0;
    int n = 0;
    for (int year : years) {
      LocalDate like = date.withYear(year);
      for (int off = -around; off <= around; off++) {
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
    return new ClimateDay(mean, Math.max(figures.of(LEAST_SPREAD_F), spread));
  }
}
