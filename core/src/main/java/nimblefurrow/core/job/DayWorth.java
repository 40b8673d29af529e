package nimblefurrow.core.job;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Money;

/**
 * What waiting costs a job within its window, where nothing better is known of it: nothing at
 * first, then more and more, and most when it is never done. Sowing of a window of thirty days
 * costs nothing for ten, a seventh of the $70 by the twentieth, half of it on the last. Not the
 * worth of a cover's own days, which a season tells by its growth; see {@link WorkValue}.
 */
public final class DayWorth {
  private static final FigureKey LOST_DISC = FigureKey.of("work", "lost_disc");
  private static final FigureKey LOST_SEED = FigureKey.of("work", "lost_seed");
  private static final FigureKey LOST_SLURRY = FigureKey.of("work", "lost_slurry");
  private static final FigureKey LOST_END = FigureKey.of("work", "lost_end");
  private static final FigureKey LOST_PLANT = FigureKey.of("work", "lost_plant");
  private static final FigureKey LOST_HARVEST = FigureKey.of("work", "lost_harvest");
  private static final FigureKey LOST_OTHER = FigureKey.of("work", "lost_other");
  private static final FigureKey FREE = FigureKey.of("work", "free_share");
  private static final FigureKey MIDDLE = FigureKey.of("work", "middle_cost");
  private static final FigureKey END = FigureKey.of("work", "end_cost");

  private DayWorth() {}

  /** What the days of a window are worth to what is done in it. */
  public static WorkValue of(Operation operation, JobWindow window, Figures figures) {
    return of(window, lost(operation, figures), figures);
  }

  /**
   * The same for work of which it is known what it costs when it is never done.
   *
   * @param lost cost of an acre that is never done
   */
  public static WorkValue of(JobWindow window, Money lost, Figures figures) {
    LocalDate opens = window.opens().median().orElse(window.end());
    long days = ChronoUnit.DAYS.between(opens, window.end());
    List<WorkValue.Point> points = new ArrayList<>();
    if (days > 0) {
      double free = figures.of(FREE);
      points.add(point(opens, days * free, 0));
      points.add(point(opens, days * (free + 1) / 2, lost.value() * figures.of(MIDDLE)));
      points.add(point(opens, days, lost.value() * figures.of(END)));
    }
    return new WorkValue(points, lost);
  }

  private static WorkValue.Point point(LocalDate opens, double days, double dollars) {
    return new WorkValue.Point(opens.plusDays(Math.round(days)), Money.of(dollars));
  }

  /** What an acre costs at least that never sees an operation. */
  public static Money lost(Operation operation, Figures figures) {
    return Money.of(figures.of(key(operation)));
  }

  private static FigureKey key(Operation operation) {
    return switch (operation) {
      case HARVEST -> LOST_HARVEST;
      case FIRST_DISC, SECOND_DISC -> LOST_DISC;
      case SEED -> LOST_SEED;
      case SLURRY -> LOST_SLURRY;
      case PLANT -> LOST_PLANT;
      case SPRAY, ROLL, TILL, MOW -> LOST_END;
      case OTHER -> LOST_OTHER;
    };
  }
}
