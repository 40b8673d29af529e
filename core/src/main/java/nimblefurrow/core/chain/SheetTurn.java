package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Site;

/**
 * When the season sheet turns to the next season: once a year for all fields of a farm, when
 * spring's planting is over; 5 June to start with, half a year later south of the equator. So all
 * lanes of one sheet speak of the same winter. A field planted late turns with the others.
 *
 * @param season the year that names the season then begun; a field is left out by it
 * @param last the day on which it turned last, as seen from a day
 * @param lateUntil the last day of planting that still belongs to the season then begun
 */
public record SheetTurn(int season, LocalDate last, LocalDate lateUntil) {
  private static final FigureKey MONTH = FigureKey.of("chain", "turn_month");
  private static final FigureKey DAY = FigureKey.of("chain", "turn_day");
  private static final FigureKey LATE_PLANTING = FigureKey.of("chain", "late_planting");

  /** The turn before a day, that day included. */
  public static SheetTurn before(LocalDate day, Site site, Figures figures) {
    int season = day.getYear();
    while (in(season, site, figures).isAfter(day)) {
      season--;
    }
    LocalDate turn = in(season, site, figures);
    return new SheetTurn(season, turn, turn.plusDays(figures.whole(LATE_PLANTING)));
  }

  private static LocalDate in(int year, Site site, Figures figures) {
    return site.season(year, figures.whole(MONTH), figures.whole(DAY));
  }

  /**
   * Which stretch runs on a day: of the crops planted in time the last. Ground that a cut has freed
   * runs from the day of the cut.
   *
   * @return its place in the list; 0 where none has begun
   */
  public int running(List<Stretch> stretches, LocalDate today) {
    LocalDate latest = lateUntil.isBefore(today) ? lateUntil : today;
    int running = 0;
    for (int i = 1; i < stretches.size(); i++) {
      Ground ground = stretches.get(i).ground();
      if (!ground.starts().isAfter(ground.freed() ? today : latest)) {
        running = i;
      }
    }
    return running;
  }
}
