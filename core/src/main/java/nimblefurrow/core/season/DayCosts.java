package nimblefurrow.core.season;

import java.lang.ref.WeakReference;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.job.DayWorth;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.termination.worth.ComparedMethod;
import nimblefurrow.core.termination.worth.TradeOffs;
import nimblefurrow.core.termination.worth.WorthCase;
import nimblefurrow.core.weather.Outlook;

/**
 * What a field's days are worth to what is still to be done in it, by its own heat and growth. Rye
 * that half of the years leave useful when it is sown on 20 October costs half of what a lost use
 * is worth there; a spray costs on each day what it nets less than on the best day of its window.
 * Worked out when first asked. Not what a job costs to do.
 */
public final class DayCosts {
  private static final FigureKey EVERY = FigureKey.of("season", "cost_every");
  private static final FigureKey BEST_GONE = FigureKey.of("season", "best_gone");
  private static final FigureKey USE_GONE = FigureKey.of("season", "use_gone");

  private final FieldCase field;
  private final SeedingWindow window;
  private final Optional<MatForecast> mat;
  private final Outlook outlook;

  /** The farm's own while it is of this weather; a season kept for later holds none of it. */
  private final WeakReference<FitDays> fit;

  private final Map<ComparedMethod, List<WorkValue.Point>> nets = new ConcurrentHashMap<>();

  /**
   * @param fit the farm's days, of which some are fit to plant or to end a cover on
   */
  DayCosts(
      FieldCase field,
      SeedingWindow window,
      Optional<MatForecast> mat,
      FitDays fit,
      Outlook outlook) {
    this.field = field;
    this.window = window;
    this.mat = mat;
    this.fit = new WeakReference<>(fit);
    this.outlook = outlook;
  }

  /**
   * Sowing: a day costs as much of what a cover is worth as it is likely that its best days, its
   * use, or its life are over by then; what is too early is not as good either. What is gone on the
   * best of the days that are left is gone whatever is done, and counts for none of them.
   */
  public WorkValue sowing(JobWindow open) {
    Figures figures = outlook.figures();
    Money lost = DayWorth.lost(Operation.SEED, figures);
    double best = figures.of(BEST_GONE);
    double use = figures.of(USE_GONE);
    List<WorkValue.Point> gone = new ArrayList<>();
    for (LocalDate day : days(open, figures.whole(EVERY))) {
      double early = 1 - window.bestFrom().chanceBy(day).fraction();
      double late = gone(window.bestTo(), day);
      double useless = gone(window.closes(), day);
      double dead = gone(window.lives(), day);
      double share = best * Math.max(early, late) + (use - best) * useless + (1 - use) * dead;
      gone.add(point(day, lost.value() * Math.min(1, share)));
    }
    double least = gone.stream().mapToDouble(p -> p.perAcre().value()).min().orElseThrow();
    return new WorkValue(
        gone.stream().map(p -> point(p.day(), p.perAcre().value() - least)).toList(),
        Money.of(lost.value() - least),
        false);
  }

  /** Chance that a last day is over. */
  private static double gone(DateForecast last, LocalDate day) {
    return last.chanceBy(day.minusDays(1)).fraction();
  }

  private LocalDate first(JobWindow open) {
    LocalDate opens = open.opens().early().orElse(open.end());
    return opens.isBefore(outlook.today()) ? outlook.today() : opens;
  }

  private static LocalDate last(JobWindow open) {
    return open.closes().late().filter(d -> d.isAfter(open.end())).orElse(open.end());
  }

  /** The window's days in early and in late years, every so many and the last. */
  private List<LocalDate> days(JobWindow open, int every) {
    List<LocalDate> all = new ArrayList<>();
    LocalDate last = last(open);
    for (LocalDate day = first(open); day.isBefore(last); day = day.plusDays(every)) {
      all.add(day);
    }
    all.add(last);
    return all;
  }

  /**
   * Ending a cover in a way: what each day nets less than the best day of the window, straying
   * weather and what is weakly known included.
   *
   * @param lost what an acre costs at least that is never ended
   * @return empty where the way has no days in the window to set against each other
   */
  public Optional<WorkValue> ending(ComparedMethod way, JobWindow open, Money lost) {
    List<WorkValue.Point> days =
        net(way).stream()
            .filter(p -> !p.day().isBefore(first(open)) && !p.day().isAfter(last(open)))
            .toList();
    if (days.size() < 2) {
      return Optional.empty();
    }
    double best = days.stream().mapToDouble(p -> p.perAcre().value()).max().orElseThrow();
    List<WorkValue.Point> points =
        days.stream().map(p -> point(p.day(), best - p.perAcre().value())).toList();
    double top = points.stream().mapToDouble(p -> p.perAcre().value()).max().orElseThrow();
    return Optional.of(new WorkValue(points, Money.of(Math.max(top, lost.value()))));
  }

  /** What each day of a way nets, $/ac against a field without a mat. */
  private List<WorkValue.Point> net(ComparedMethod way) {
    return nets.computeIfAbsent(
        way,
        w ->
            mat
                .map(m -> tradeOffs(m).of(w, outlook.figures().whole(EVERY)))
                .orElse(List.of())
                .stream()
                .map(d -> point(d.on(), d.mean()))
                .toList());
  }

  /** The field's trade-off of ways to end it, as its own page tells it too. */
  private TradeOffs tradeOffs(MatForecast grown) {
    FieldFacts facts = field.facts();
    WorthCase at =
        WorthCase.of(
            field.next().kind(),
            field.next().planned(),
            facts.organic(),
            facts.weeds(),
            1,
            1,
            facts.grainSoon(),
            outlook.site(),
            outlook.figures());
    FitDays known = fit.get();
    FitDays days = known == null ? new FitDays(outlook) : known;
    return new TradeOffs(grown, at, days, facts.ground(true), facts.ground(false));
  }

  private static WorkValue.Point point(LocalDate day, double dollars) {
    return new WorkValue.Point(day, Money.of(dollars));
  }
}
