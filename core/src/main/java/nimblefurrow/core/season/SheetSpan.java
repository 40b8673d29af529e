package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * The days with which the season sheet opens: from a little before today to a little after the day
 * by which nine of ten fields want something done, four to seven months in all. In early October,
 * with drilling open to mid November, that is mid September to mid January. Not what the sheet can
 * show: that is the whole of the outlook.
 *
 * @param to last day, not before from
 */
public record SheetSpan(LocalDate from, LocalDate to) {
  private static final FigureKey BEFORE = FigureKey.of("season", "sheet_before");
  private static final FigureKey AFTER = FigureKey.of("season", "sheet_after");
  private static final FigureKey LEAST = FigureKey.of("season", "sheet_least");
  private static final FigureKey DRAWN = FigureKey.of("season", "drawing_most");
  private static final FigureKey MOST = FigureKey.of("season", "sheet_most");

  /**
   * The span of a sheet.
   *
   * @param closes by when each field next wants something done
   */
  public static SheetSpan of(LocalDate today, Collection<LocalDate> closes, Figures figures) {
    LocalDate from = today.minusDays(figures.whole(BEFORE));
    List<LocalDate> ahead = closes.stream().filter(day -> !day.isBefore(today)).sorted().toList();
    LocalDate last = ahead.isEmpty() ? today : ahead.get((ahead.size() * 9 - 1) / 10);
    return within(from, last, figures.whole(MOST), figures);
  }

  /**
   * The days of one field's drawing, which may reach further than the sheet: from drilling to the
   * end of its cover.
   *
   * @param last the last day that it is to show
   */
  public static SheetSpan around(LocalDate from, LocalDate last, Figures figures) {
    return within(from, last, figures.whole(DRAWN), figures);
  }

  private static SheetSpan within(LocalDate from, LocalDate last, int most, Figures figures) {
    LocalDate to = last.plusDays(figures.whole(AFTER));
    LocalDate least = from.plusDays(figures.whole(LEAST));
    LocalDate furthest = from.plusDays(most);
    return new SheetSpan(from, to.isBefore(least) ? least : to.isAfter(furthest) ? furthest : to);
  }
}
