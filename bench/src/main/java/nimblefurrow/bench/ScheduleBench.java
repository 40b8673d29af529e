package nimblefurrow.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Circles;
import nimblefurrow.core.job.Unplaced;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.SlidYear;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.scheduler.search.Found;
import nimblefurrow.scheduler.search.PlanSearch;
import nimblefurrow.scheduler.search.Watch;

/** A written campaign planned by rules of thumb and by the search, and what each loses. */
final class ScheduleBench {
  private static final List<Integer> OTHER = List.of(-7, -2, 2, 7);

  private ScheduleBench() {}

  /**
   * What is asked: a file, seconds of one thread, a seed, days that are lost once the plan is gone
   * by for some, and where the plan is written.
   */
  record Asked(Path file, int seconds, int seed, int threads, ReplanBench.Lost lost, Path out) {}

  /**
   * @return whether there was a campaign to plan
   */
  static boolean run(PrintStream out, Asked asked) throws IOException {
    if (asked.file() == null || !Files.isReadable(asked.file()) || asked.seconds() < 1) {
      out.println(
          "a campaign that can be read, and one second at least: --schedule FILE --seconds N");
      return false;
    }
    Figures figures = Figures.shipped();
    WorkedCampaign written = WorkedCampaign.read(asked.file());
    List<WorkYear> years = written.years;
    List<WorkYear> others = SlidYear.of(years, OTHER, written.campaign);
    Evaluator own = new Evaluator(written.campaign, years, figures);
    Evaluator other = new Evaluator(written.campaign, others, figures);
    out.printf(
        Locale.ROOT,
        "%s: %d jobs, %d days, %d years%n",
        written.name,
        written.campaign.jobs().size(),
        written.campaign.days(),
        years.size());
    Campaign possible = written.campaign.with(Circles.without(written.campaign.jobs()));
    for (Unplaced never : Circles.of(written.campaign.jobs())) {
      out.printf(
          "  %s %s%n",
          written.campaign.byId().get(never.jobId()).field(), never.why().in(UnitSystem.US));
    }
    PlanSearch search = new PlanSearch(possible, years, List.of(), figures);
    Plan first = whole(written.campaign, search.closingFirst().plan());
    double closing = tell(out, "what closes first", first, own, other, 0, 0);
    double elsewhere = other.score(first).mean().value();
    Plan rule = whole(written.campaign, search.bestRule().plan());
    tell(out, "best of ten rules", rule, own, other, closing, elsewhere);
    double bestRule = own.score(rule).mean().value();
    double bestRuleOther = other.score(rule).mean().value();
    ThreadMXBean cpu = ManagementFactory.getThreadMXBean();
    long start = cpu.getCurrentThreadCpuTime();
    long wall = System.nanoTime();
    Effort effort = new Effort(asked.seed(), asked.seconds(), asked.threads());
    Found found = search.search(effort, ownTime(cpu, asked.seconds()));
    Plan plan = whole(written.campaign, found.plan());
    double seconds = (cpu.getCurrentThreadCpuTime() - start) / 1e9;
    tell(out, "search", plan, own, other, closing, elsewhere);
    out.printf(
        Locale.ROOT,
        "  against the best rule: %.1f %% less, in other years %.1f %% less%n",
        100 * (1 - own.score(plan).mean().value() / bestRule),
        100 * (1 - other.score(plan).mean().value() / bestRuleOther));
    out.printf(
        Locale.ROOT,
        "  %.1f s of one thread, %.1f s by the clock; %d changes tried, %.0f a second%n",
        seconds,
        (System.nanoTime() - wall) / 1e9,
        found.trials(),
        found.trials() / ((System.nanoTime() - wall) / 1e9));
    if (asked.lost().days() > 0) {
      ReplanBench.run(out, written, plan, asked.lost(), asked.seed());
    }
    if (asked.out() != null) {
      Files.writeString(asked.out(), written.written(plan));
    }
    return true;
  }

  /** Ends the search once a thread has had its time, whatever else the machine is busy with. */
  private static Watch ownTime(ThreadMXBean cpu, int seconds) {
    ThreadLocal<Long> began = ThreadLocal.withInitial(cpu::getCurrentThreadCpuTime);
    return () -> cpu.getCurrentThreadCpuTime() - began.get() > seconds * 1e9;
  }

  /** A plan with the jobs after it that never begin: each is lost on whatever machine it stands. */
  private static Plan whole(Campaign campaign, Plan plan) {
    List<Turn> turns = new ArrayList<>(plan.turns());
    for (Unplaced never : Circles.of(campaign.jobs())) {
      List<Machine> able = campaign.able(campaign.byId().get(never.jobId()));
      turns.add(
          able.isEmpty() ? Turn.leftOut(never.jobId()) : Turn.on(never.jobId(), able.get(0).id()));
    }
    return new Plan(turns);
  }

  private static double tell(
      PrintStream out,
      String what,
      Plan plan,
      Evaluator own,
      Evaluator other,
      double than,
      double thanOther) {
    double loss = own.score(plan).mean().value();
    double elsewhere = other.score(plan).mean().value();
    out.printf(
        Locale.ROOT,
        "  %-20s %,12.2f $%s; in years it did not use %,12.2f $%s%n",
        what,
        loss,
        than > 0 ? "  %5.1f %% less".formatted(100 * (1 - loss / than)) : "",
        elsewhere,
        thanOther > 0 ? "  %5.1f %% less".formatted(100 * (1 - elsewhere / thanOther)) : "");
    return loss;
  }
}
