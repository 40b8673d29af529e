package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * A winter-killed cover in the first cold nights after it is up: the first night at its limit ends
 * growth, the third such night or one 6 °F colder kills. Seed in the ground is not frosted. Either
 * may be null when the season never gets there.
 */
record Frost(LocalDate stopped, LocalDate killed) {
  private static final double SURE_F = 6;

  /** °F-days from seeding until it is up. */
  private static final double UP = 100;

  static Frost of(Species species, WeatherTrace trace, LocalDate seeded, LocalDate until) {
    LocalDate up = trace.reaches(seeded, Heat.of(UP, species.useful().base()));
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
        if (nights == 3 || low <= species.coldF() - SURE_F) {
          return new Frost(stopped, day);
        }
      }
    }
    return new Frost(stopped, null);
  }
}
