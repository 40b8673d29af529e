package nimblefurrow.core.weather;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * Water on the leaves from hour to hour: rain fills it, dew adds to it, sun and dry moving air take
 * it. Leaves dry faster after dew than after rain, when the stand below is wet too.
 */
final class LeafFilm {
  private static final FigureKey FULL = FigureKey.of("hours", "film_full");
  private static final FigureKey DEW = FigureKey.of("hours", "film_dew");
  private static final FigureKey SUN = FigureKey.of("hours", "film_sun");
  private static final FigureKey AIR = FigureKey.of("hours", "film_air");
  private static final FigureKey NEAR_CLEAR_F = FigureKey.of("hours", "dew_clear");
  private static final FigureKey NEAR_OTHER_F = FigureKey.of("hours", "dew_other");
  private static final FigureKey STILL_MPH = FigureKey.of("hours", "dew_still");
  private static final FigureKey DARK_MJ = FigureKey.of("hours", "dew_dark");
  private static final FigureKey CLEAR = FigureKey.of("hours", "clear_sky");
  private static final FigureKey AFTER_DEW = FigureKey.of("hours", "after_dew");
  private static final FigureKey WAITS = FigureKey.of("hours", "after_rain_waits");
  private static final FigureKey TAKES = FigureKey.of("hours", "after_rain_takes");
  private static final FigureKey FORGOTTEN = FigureKey.of("hours", "rain_forgotten");
  private static final int LONG_AGO = 1000;

  private final Figures figures;
  private double film;
  private int dryHours = LONG_AGO;
  private int sinceRain = LONG_AGO;
  private boolean byRain;

  LeafFilm(Figures figures) {
    this.figures = figures;
  }

  /** Passes an hour. */
  void pass(boolean rain, double aboveDewF, double sunMj, double vapour, double wind, double kt) {
    if (rain) {
      film = figures.of(FULL);
      sinceRain = 0;
      byRain = true;
    } else {
      sinceRain = Math.min(LONG_AGO, sinceRain + 1);
      boolean still = kt >= figures.of(CLEAR) && wind < figures.of(STILL_MPH);
      double near = figures.of(still ? NEAR_CLEAR_F : NEAR_OTHER_F);
      if (aboveDewF <= near && sunMj < figures.of(DARK_MJ)) {
        byRain = byRain && film > 0;
        film = Math.min(figures.of(FULL), film + figures.of(DEW));
      } else {
        double dried = figures.of(SUN) * sunMj + figures.of(AIR) * vapour * Math.sqrt(wind);
        film = Math.max(0, film - dried);
      }
    }
    dryHours = film > 0 ? 0 : Math.min(LONG_AGO, dryHours + 1);
    if (film > 0 && sinceRain > figures.of(FORGOTTEN)) {
      byRain = false;
    }
  }

  double millimetres() {
    return film;
  }

  /** 0 wet to 1 dry. */
  double dryness() {
    if (film > 0) {
      return 0;
    }
    double dry =
        byRain
            ? (Math.min(dryHours, sinceRain) - figures.of(WAITS)) / figures.of(TAKES)
            : figures.of(AFTER_DEW) * dryHours;
    return Math.max(0, Math.min(1, dry));
  }
}
