package nimblefurrow.scheduler;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.work.Campaign;
import nimblefurrow.core.work.Evaluator;
import nimblefurrow.core.work.Plan;
import nimblefurrow.core.work.Rehearsal;
import nimblefurrow.core.work.SlidYear;
import nimblefurrow.core.work.Turn;
import nimblefurrow.core.work.WorkYear;

/**
 * Searches for the plan that loses least in the mean of weather years: from the best of ten rules
 * of thumb on, by small changes. First on the years as they were, then on the same years slid by
 * some days to both sides, so that no day of rain is learnt by heart. {@code new
 * PlanSearch(campaign, years, List.of(), figures).search(new Effort(1, 10, 1), () -> false)} finds
 * the same plan whenever it is asked. It never loses more than the best rule on the years that it
 * is given.
 */
public final class PlanSearch {
  private static final List<Integer> SLIDES = List.of(0, -4, 4);

  /** The part of the time that goes to the years as they were. */
  private static final double FIRST = 0.4;

  /** How warm the second part begins, of the first. */
  private static final double SECOND_WARMTH = 0.1;

  private final Campaign campaign;
  private final Evaluator own;
  private final Evaluator slid;
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
   * that lose no more than the rule on the years as they were.
   *
   * @param over asked now and then by every thread; what is best so far is told then
   */
  public Found search(Effort effort, BooleanSupplier over) {
    Found rule = bestRule();
    List<List<Found>> tried =
        IntStream.range(0, effort.threads())
            .parallel()
            .mapToObj(thread -> one(rule.plan(), effort, thread, over))
            .toList();
    Found best = rule;
    double least = slid.score(rule.plan()).mean().value();
    long trials = 0;
    for (Found found : tried.stream().flatMap(List::stream).toList()) {
      double there = slid.score(found.plan()).mean().value();
      if (there < least && found.loss() <= rule.loss()) {
        best = found;
        least = there;
      }
      trials += found.trials();
    }
    return new Found(best.plan(), best.loss(), trials);
  }

  private List<Found> one(Plan start, Effort effort, int thread, BooleanSupplier over) {
    long seed = effort.seed() * 31 + thread;
    Search first = on(own, start, seed);
    first.cool(effort.trials(FIRST, ways.jobs, years, campaign.days()), 1, over);
    Plan found = first.best().plan();
    Search second = on(slid, found, seed);
    long trials = effort.trials(1 - FIRST, ways.jobs, years * SLIDES.size(), campaign.days());
    second.cool(trials, SECOND_WARMTH, over);
    return List.of(judged(found, first.trials()), judged(second.best().plan(), second.trials()));
  }

  private Search on(Evaluator evaluator, Plan start, long seed) {
    Rehearsal rehearsal = evaluator.rehearse();
    return new Search(rehearsal, ways, rehearsal.draft(start), seed);
  }
}
