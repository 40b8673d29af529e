package nimblefurrow.scheduler.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Rehearsal;
import nimblefurrow.core.play.SlidYear;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.scheduler.mending.Keeping;
import nimblefurrow.scheduler.mending.Replan;
import nimblefurrow.scheduler.rules.Rule;
import nimblefurrow.scheduler.rules.Ways;

/**
 * Searches for the plan that loses least in the mean of weather years: from the best of ten rules
 * of thumb on, by small changes. First on the years as they were, then on the same years slid by
 * some days to both sides, so that no day of rain is learnt by heart. {@code new
 * PlanSearch(campaign, years, List.of(), figures).search(new Effort(1, 10, 1), () -> false)} finds
 * the same plan whenever it is asked. It never loses more than the best rule on the years that it
 * is given.
 */
public final class PlanSearch {
  static final List<Integer> SLIDES = List.of(0, -4, 4);

  /** Slides that no search sees: what does not hold there was learnt by heart. */
  static final List<Integer> HELD_BACK = List.of(-10, 10);

  /** The part of the time that goes to the years as they were. */
  private static final double FIRST = 0.4;

  /** How warm the second part begins, of the first. */
  private static final double SECOND_WARMTH = 0.1;

  /** How warm it begins where a list is kept: it is good already. */
  private static final double AGAIN_WARMTH = 0.03;

  /** What moving a job that people know costs, of what is lost by keeping the list. */
  private static final double PRICE = 2e-4;

  private static final int SEEDS_APART = 31;

  /** So few are searched to their end: what is best of all is taken. */
  private static final int FEW_JOBS = 12;

  /** How often the best so far is kept on the way: what is found last may not hold elsewhere. */
  private static final int ON_THE_WAY = 4;

  private static final double PRICE_SOON = 1e-3;

  private final Campaign campaign;
  private final Evaluator own;
  private final Evaluator slid;
  private final List<Evaluator> heldBack;
  private final int years;
  private final List<Turn> given;
  private final Ways ways;

  /**
   * A search for a campaign.
   *
   * @param given jobs that a person has given a day; they keep it
   * @throws IllegalArgumentException where jobs wait for each other in a circle
   */
  public PlanSearch(
      Campaign campaign, List<? extends WorkYear> years, List<Turn> given, Figures figures) {
    this.campaign = campaign;
    this.years = years.size();
    this.own = new Evaluator(campaign, years, figures);
    this.slid =
        years.size() == 1
            ? own
            : new Evaluator(campaign, SlidYear.of(years, SLIDES, campaign), figures);
    this.heldBack =
        years.size() == 1
            ? List.of()
            : HELD_BACK.stream()
                .map(days -> SlidYear.of(years, List.of(days), campaign))
                .map(unseen -> new Evaluator(campaign, unseen, figures))
                .toList();
    this.given = List.copyOf(given);
    this.ways = new Ways(campaign);
  }

  /** What closes first goes first, each as soon as its window opens. */
  public Found closingFirst() {
    return judged(Rule.CLOSING.plan(campaign, ways, given, false), 0);
  }

  /** The best of the ten rules of thumb. */
  public Found bestRule() {
    List<Found> all = new ArrayList<>();
    for (Rule rule : Rule.values()) {
      for (boolean waiting : new boolean[] {false, true}) {
        all.add(judged(rule.plan(campaign, ways, given, waiting), 0));
      }
    }
    return all.stream().min(Comparator.comparingDouble(Found::loss)).orElseThrow();
  }

  private Found judged(Plan plan, long trials) {
    return new Found(plan, own.score(plan).mean().value(), trials);
  }

  /**
   * The best plan found from the best rule on: the one that loses least on slid years, among those
   * that lose no more than the rule on the years as they were. Of more than a few jobs it must hold
   * in years that it never saw, too: where little is lost at all, much of what is gained is the
   * luck of the years that were seen.
   *
   * @param watch asked now and then by every thread
   */
  public Found search(Effort effort, Watch watch) {
    return from(bestRule(), rehearsal -> Keeping.nothing(), 1, ways.jobs > FEW_JOBS, effort, watch);
  }

  /**
   * The best plans found that move few of the jobs of one that people go by, for each share of them
   * that may be moved. None loses more than keeping the list does, nor than one that moves fewer.
   *
   * @param shares of the untouched jobs, the least first
   * @param usual the share that is asked for unless another is: half of the time goes to it
   * @param effort that goes to each share in the mean
   * @param watch asked now and then by every thread
   */
  public List<Found> again(
      Replan replan, List<Share> shares, Share usual, Effort effort, Watch watch) {
    Found kept = judged(replan.kept(), 0);
    List<JobId> jobs = campaign.jobs().stream().map(Job::id).toList();
    boolean[] counted = new boolean[jobs.size()];
    double[] prices = new double[jobs.size()];
    int untouched = 0;
    for (int j = 0; j < counted.length; j++) {
      counted[j] = !replan.minds().touched().contains(jobs.get(j));
      untouched += counted[j] ? 1 : 0;
      boolean soon = counted[j] && replan.minds().soon().contains(jobs.get(j));
      prices[j] = (soon ? PRICE_SOON : counted[j] ? PRICE : 0) * kept.loss();
    }
    List<Found> all = new ArrayList<>();
    Found best = kept;
    for (Share share : shares) {
      int most = (int) Math.floor(share.fraction() * untouched + 1e-9);
      Function<Rehearsal, Keeping> keeping =
          rehearsal -> Keeping.of(rehearsal.draft(replan.kept()), prices, counted, most);
      // Another seed each time: where nothing was found, the same would be looked at again.
      double seconds = effort.seconds() * Effort.part(shares, share, usual);
      Effort next = new Effort(effort.seed() + all.size(), seconds, effort.threads());
      best = from(best, keeping, AGAIN_WARMTH, false, next, watch);
      all.add(best);
    }
    return all;
  }

  /**
   * @param proven whether what is found must hold in years that no search saw, too. A list that is
   *     mended need not: the days just ahead are forecast, and no other year's.
   */
  private Found from(
      Found start,
      Function<Rehearsal, Keeping> keeping,
      double warmth,
      boolean proven,
      Effort effort,
      Watch watch) {
    try (Threads threads = new Threads(effort.threads())) {
      return from(start, keeping, warmth, proven, effort, watch, threads);
    }
  }

  private Found from(
      Found start,
      Function<Rehearsal, Keeping> keeping,
      double warmth,
      boolean proven,
      Effort effort,
      Watch watch,
      Threads threads) {
    List<List<Found>> first =
        threads.together(
            thread ->
                look(own, years, 0, FIRST, start.plan(), keeping, warmth, effort, thread, watch));
    // On slid years the first thread goes on as if it were alone, the others from the best that any
    // has found. So more threads find all that one does, and what they add.
    Plan alone = last(first.get(0)).plan();
    Plan warm =
        first.stream()
            .map(PlanSearch::last)
            .min(Comparator.comparingDouble(Found::loss))
            .orElseThrow()
            .plan();
    double cooler = Math.min(warmth, SECOND_WARMTH);
    int slidYears = years * SLIDES.size();
    List<List<Found>> second =
        threads.together(
            thread ->
                look(
                    slid,
                    slidYears,
                    FIRST,
                    1 - FIRST,
                    thread == 0 ? alone : warm,
                    keeping,
                    cooler,
                    effort,
                    thread,
                    watch));
    Found best = start;
    double least = slid.score(start.plan()).mean().value();
    long trials = 0;
    for (Found found :
        Stream.concat(first.stream(), second.stream()).flatMap(List::stream).toList()) {
      double there = slid.score(found.plan()).mean().value();
      if (there < least
          && found.loss() <= start.loss()
          && (!proven || holds(found.plan(), start.plan()))) {
        best = found;
        least = there;
      }
      trials += found.trials();
    }
    return new Found(best.plan(), best.loss(), trials);
  }

  /** Whether a plan loses no more than another in any of the slid years that no search sees. */
  private boolean holds(Plan plan, Plan than) {
    return heldBack.stream()
        .allMatch(unseen -> unseen.score(plan).mean().value() <= unseen.score(than).mean().value());
  }

  private static Found last(List<Found> onTheWay) {
    return onTheWay.get(onTheWay.size() - 1);
  }

  /**
   * One part of the time of one thread.
   *
   * @return the best that it had on the way, and at its end
   * @param begins share of the time that is over when it begins, {@code takes} that it takes
   */
  private List<Found> look(
      Evaluator stage,
      int stageYears,
      double begins,
      double takes,
      Plan start,
      Function<Rehearsal, Keeping> keeping,
      double warmth,
      Effort effort,
      int thread,
      Watch watch) {
    Rehearsal rehearsal = stage.rehearse();
    Search search =
        new Search(
            rehearsal,
            ways,
            rehearsal.draft(start),
            keeping.apply(rehearsal),
            effort.seed() * SEEDS_APART + thread);
    List<Found> found = new ArrayList<>();
    search.cool(
        effort.trials(takes, ways.jobs, stageYears, campaign.days()),
        warmth,
        part -> {
          if (part * ON_THE_WAY >= found.size() + 1) {
            found.add(judged(search.best().plan(), 0));
          }
          return over(watch, thread, begins + takes * part, search);
        });
    found.add(judged(search.best().plan(), search.trials()));
    return found;
  }

  private boolean over(Watch watch, int thread, double part, Search search) {
    if (thread == 0) {
      watch.told(part, () -> judged(search.best().plan(), search.trials()));
    }
    return watch.over();
  }

  /** A list with the jobs that it lacks after it, what closes first before the others. */
  public Plan whole(List<Turn> list) {
    return Rule.CLOSING.plan(campaign, ways, list, false);
  }
}
