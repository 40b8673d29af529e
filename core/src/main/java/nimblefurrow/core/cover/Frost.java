package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * A winter-killed cover in the first cold nights after it is up: the first night at its limit ends
 * growth, the third such night or one 6 °F colder kills. Seed in the ground is not frosted. Either
 * may be null when the season never gets there.
 */
record Frost(LocalDate stopped, LocalDate killed) {
  private static final int WINTER_LASTS = 150;
  private static final FigureKey NIGHTS = FigureKey.of("cover", "frost_nights");
  private static final FigureKey SURE_F = FigureKey.of("cover", "frost_sure");

  /** As long after the winter as is told of. */
  static Frost of(Species species, WeatherTrace trace, CoverStand stand, Site site) {
    LocalDate until = site.turnAfter(stand.seeded()).plusDays(WINTER_LASTS);
    return of(species, trace, stand.seeded(), until);
  }

  static Frost of(Species species, WeatherTrace trace, LocalDate seeded, LocalDate until) {
    Figures figures = species.figures();
    int wanted = figures.whole(NIGHTS);
    double sure = species.coldF() - figures.of(SURE_F);
    LocalDate up = trace.reaches(seeded, species.growth().emerges());
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
