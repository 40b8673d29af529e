package nimblefurrow.bench;

import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nimblefurrow.core.board.Mending;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.written.ThisMorning;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.scheduler.mending.Replan;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.scheduler.search.Found;
import nimblefurrow.scheduler.search.PlanSearch;

/**
 * A plan that people go by, a year of it gone by for a while, some days lost to rain: what changing
 * a few jobs of the list brings, against changing all.
 */
final class ReplanBench {
  private static final List<Share> SHARES =
      List.of(Share.of(0.05), Share.of(0.15), Share.of(0.3), Share.of(1));
  private static final Share USUAL = Share.of(0.15);
  private static final double EACH = 0.65;

  private ReplanBench() {}

  /** What is lost, and when. */
  record Lost(int gone, int days) {}

  static void run(PrintStream out, WorkedCampaign written, Plan plan, Lost lost, int seed) {
    Figures figures = Figures.shipped();
    List<WorkYear> all = written.years;
    Evaluator judge = new Evaluator(written.campaign, all, figures);
    ThisMorning now =
        ThisMorning.of(
            written.campaign, all, plan, judge, all.size() / 2, lost.gone(), lost.days());
    PlanSearch search = new PlanSearch(now.campaign(), now.years(), List.of(), figures);
    Evaluator mind = new Evaluator(now.campaign(), now.years(), figures);
    double keeping = mind.score(now.plan()).mean().value();
    Replan replan = new Replan(now.plan(), new Mending(now.begun(), Set.of()));
    Found free =
        search
            .again(replan, List.of(Share.of(1)), Share.of(1), new Effort(seed, 10, 1), () -> false)
            .get(0);
    out.printf(
        Locale.ROOT,
        "  after %d days %d are lost: %d jobs left, %d begun; keeping the list loses %,.0f $,"
            + " ten seconds of free search %,.0f $ and move %d%n",
        lost.gone(),
        lost.days(),
        now.campaign().jobs().size(),
        now.begun().size(),
        keeping,
        free.loss(),
        mind.moved(now.plan(), free.plan()).size());
    long start = System.nanoTime();
    List<Found> tried = search.again(replan, SHARES, USUAL, new Effort(seed, EACH, 1), () -> false);
    for (int i = 0; i < tried.size(); i++) {
      out.printf(
          Locale.ROOT,
          "    up to %3.0f %% moved: %,.0f $, %d moved, %.0f %% of what the free search gains%n",
          SHARES.get(i).percent(),
          tried.get(i).loss(),
          mind.moved(now.plan(), tried.get(i).plan()).size(),
          100 * (keeping - tried.get(i).loss()) / Math.max(1, keeping - free.loss()));
    }
    out.printf(Locale.ROOT, "    all in %.1f s by the clock%n", (System.nanoTime() - start) / 1e9);
  }
}
