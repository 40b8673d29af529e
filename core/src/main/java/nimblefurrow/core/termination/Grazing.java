package nimblefurrow.core.termination;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.termination.worth.Draw;

/**
 * Stock on a cover, day by day in each climate year: it goes on when enough stands, takes twice
 * what it eats, and comes off when too little is left or the calendar asks for it. 2,200 lb/ac
 * growing 30 a day carry 60 cows on 60 ac for 31 days.
 */
public final class Grazing {
  /** Mat (dry) from which stock goes on. */
  public static final FigureKey FROM = FigureKey.of("ending", "graze_from");

  /** Cows to an acre. */
  public static final FigureKey COWS = FigureKey.of("ending", "graze_cows");

  private static final FigureKey LEAST = FigureKey.of("ending", "graze_least");
  private static final FigureKey FEED = FigureKey.of("ending", "graze_feed");
  private static final FigureKey TAKES = FigureKey.of("ending", "graze_takes");

  private final List<LocalDate> on = new ArrayList<>();
  private final List<LocalDate> off = new ArrayList<>();
  private final List<Integer> days = new ArrayList<>();

  /**
   * On a cover from a day in spring on.
   *
   * @param last day by which stock has to be off
   */
  public Grazing(MatForecast mat, LocalDate from, LocalDate last) {
    Figures figures = mat.outlook().figures();
    for (int year = 0; year < mat.outlook().traces().size(); year++) {
      double strays = Draw.weight(year + 1);
      LocalDate day = enough(mat, year, strays, from, last);
      if (day == null) {
        on.add(null);
        off.add(null);
        days.add(0);
        continue;
      }
      double stands = mat.inYear(year, day, strays);
      on.add(day);
      double before = stands;
      int grazed = 0;
      while (day.isBefore(last)) {
        LocalDate next = day.plusDays(1);
        double grown = mat.inYear(year, next, strays);
        double left = after(stands, grown - before, figures.of(COWS), figures);
        if (left < figures.of(LEAST)) {
          break;
        }
        stands = left;
        before = grown;
        day = next;
        grazed++;
      }
      off.add(day);
      days.add(grazed);
    }
  }

  /** The day on which enough stands, found by halves; null where it comes too late. */
  private static LocalDate enough(
      MatForecast mat, int year, double strays, LocalDate from, LocalDate last) {
    double wanted = mat.outlook().figures().of(FROM);
    if (!from.isBefore(last) || mat.inYear(year, last.minusDays(1), strays) < wanted) {
      return null;
    }
    LocalDate low = from;
    LocalDate high = last.minusDays(1);
    while (low.isBefore(high)) {
      LocalDate middle = low.plusDays((high.toEpochDay() - low.toEpochDay()) / 2);
      if (mat.inYear(year, middle, strays) >= wanted) {
        high = middle;
      } else {
        low = middle.plusDays(1);
      }
    }
    return high;
  }

  /** What stands after a day of grazing. */
  static double after(double stands, double grown, double cows, Figures figures) {
    return stands + grown - figures.of(TAKES) * figures.of(FEED) * cows;
  }

  /**
   * Whole days that a stand carries stock.
   *
   * @param stands lb/ac dry, growing {@code aDay} lb/ac
   * @param cows to an acre
   */
  public static int days(double stands, double aDay, double cows, Figures figures) {
    double loses = -(after(0, aDay, cows, figures));
    return loses <= 0
        ? Integer.MAX_VALUE
        : (int) Math.floor(Math.max(0, stands - figures.of(LEAST)) / loses);
  }

  /** The day on which stock goes on, in each year; never where too little stands in time. */
  public Ensemble<LocalDate> on() {
    return Ensemble.of(on);
  }

  /** The day on which it comes off. */
  public Ensemble<LocalDate> off() {
    return Ensemble.of(off);
  }

  /** Days of grazing with at least that share of the years at or under it. */
  public int days(double share) {
    return Ensemble.of(days).quantile(share).orElse(0);
  }
}
