package nimblefurrow.bench;

import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.written.DrawnCampaign;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.scheduler.search.Found;
import nimblefurrow.scheduler.search.PlanSearch;

/**
 * Campaigns drawn by us, easy, tight and overloaded, planned on 28 years of weather and judged on a
 * hundred that were drawn with them and never used.
 */
final class CampaignSet {
  private static final int YEARS = 28;
  private static final int FRESH = 100;
  private static final List<Integer> SIZES = List.of(40, 120, 400);
  private static final int LARGE = 400;
  private static final int LARGE_SECONDS = 60;

  private CampaignSet() {}

  /**
   * @param only what a campaign's name must hold, for example "120-easy"
   * @param seconds of one thread for each; a minute where there are 400 jobs
   */
  static boolean run(PrintStream out, String only, int seconds, int seed) {
    out.println(
        "| campaign | closing first | less than it | less than the best rule |"
            + " in 100 other years: than it | than the best rule | changes |");
    out.println("|---|---|---|---|---|---|---|");
    for (DrawnCampaign.Season season : DrawnCampaign.Season.values()) {
      for (int jobs : SIZES) {
        for (DrawnCampaign.Load load : DrawnCampaign.Load.values()) {
          one(out, only, season, load, jobs, jobs == LARGE ? LARGE_SECONDS : seconds, seed);
        }
      }
    }
    return true;
  }

  private static void one(
      PrintStream out,
      String only,
      DrawnCampaign.Season season,
      DrawnCampaign.Load load,
      int jobs,
      int seconds,
      int seed) {
    WorkedCampaign drawn = DrawnCampaign.of(season, load, jobs, YEARS + FRESH, seed);
    if (!drawn.name.contains(only)) {
      return;
    }
    Figures figures = Figures.shipped();
    List<WorkYear> years = drawn.years.subList(0, YEARS);
    Evaluator own = new Evaluator(drawn.campaign, years, figures);
    Evaluator other =
        new Evaluator(drawn.campaign, drawn.years.subList(YEARS, YEARS + FRESH), figures);
    PlanSearch search = new PlanSearch(drawn.campaign, years, List.of(), figures);
    Plan closing = search.closingFirst().plan();
    Plan rule = search.bestRule().plan();
    ThreadMXBean cpu = ManagementFactory.getThreadMXBean();
    long start = cpu.getCurrentThreadCpuTime();
    Found found =
        search.search(
            new Effort(seed, seconds, 1),
            () -> cpu.getCurrentThreadCpuTime() - start > seconds * 1e9);
    out.printf(
        Locale.ROOT,
        "| %s | $%,.0f | %.1f %% | %.1f %% | %.1f %% | %.1f %% | %,d |%n",
        drawn.name,
        loss(own, closing),
        less(own, found.plan(), closing),
        less(own, found.plan(), rule),
        less(other, found.plan(), closing),
        less(other, found.plan(), rule),
        found.trials());
  }

  private static double loss(Evaluator evaluator, Plan plan) {
    return evaluator.score(plan).mean().value();
  }

  private static double less(Evaluator evaluator, Plan plan, Plan than) {
    return 100 * (1 - loss(evaluator, plan) / loss(evaluator, than));
  }
}
