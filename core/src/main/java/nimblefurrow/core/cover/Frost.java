package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * A winter-killed cover in the first cold nights after it is up: the first night at its limit ends
 * growth, the third such night or one 6 °F colder kills. Seed in the ground is not frosted. Either
 * may be null when the season never gets there.
 */
record Frost(LocalDate stopped, LocalDate killed) {
  private static final FigureKey NIGHTS = FigureKey.of("cover", "frost_nights");
  private static final FigureKey SURE_F = FigureKey.of("cover", "frost_sure");

  /** °F-days from seeding until it is up. */
  private static final FigureKey UP = FigureKey.of("cover", "heat_up");

  static Frost of(Species species, WeatherTrace trace, LocalDate seeded, LocalDate until) {
    Figures figures = species.figures();
    int wanted = figures.whole(NIGHTS);
    double sure = species.coldF() - figures.of(SURE_F);
    LocalDate up = trace.reaches(seeded, Heat.of(figures.of(UP), species.useful().base()));
    if (up == null) {
      return new Frost(null, null);
    }
    LocalDate stopped = null;
    int nights = 0;
    for (LocalDate day = up.plusDays(1); !day.isAfter(until); day = day.plusDays(1)) {
      double low = trace.on(day).minF();
      if (low <= species.coldF()) {
        stopped = stopped == null ? day : stopped;
        nights++;
        if (nights == wanted || low <= sure) {
          return new Frost(stopped, day);
        }
      }
    }
    return new Frost(stopped, null);
  }
}
