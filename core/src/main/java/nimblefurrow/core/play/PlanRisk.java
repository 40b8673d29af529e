package nimblefurrow.core.play;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Share;

/**
 * How a plan fares in many years: with what chance each job is done in its window, and when; what
 * the plan loses in the mean and in a bad year. It is honest only on years that the plan was not
 * searched on.
 *
 * @param jobs those that the plan gives a machine
 * @param atRisk acres of all jobs, those left out too, times the chance that each is not done in
 *     its window: what is late or never done in a year, in the mean
 */
public record PlanRisk(List<JobRisk> jobs, Score loss, Area atRisk) {
  /** Chance of being done in its window under which a job is at risk. */
  public static final FigureKey SURE = FigureKey.of("work", "done_sure");

  private static final double EARLY = 0.1;
  private static final double LATE = 0.9;

  /**
   * One job.
   *
   * @param inWindow chance that all of it is done before its window closes
   * @param begins the first day of its work in the middle year; empty where half do not begin it
   * @param early the last day of its work in one year of ten, {@code late} in nine; empty where it
   *     is not done in so many
   */
  public record JobRisk(
      JobId job,
      Share inWindow,
      Optional<LocalDate> begins,
      Optional<LocalDate> early,
      Optional<LocalDate> middle,
      Optional<LocalDate> late) {}

  public PlanRisk {
    jobs = List.copyOf(jobs);
  }

  /** A plan played through years. */
  public static PlanRisk of(
      Campaign campaign, Plan plan, List<? extends WorkYear> years, Figures figures) {
    Evaluator evaluator = new Evaluator(campaign, years, figures);
    List<Played> played = new ArrayList<>();
    for (int y = 0; y < years.size(); y++) {
      played.add(evaluator.play(plan, y));
    }
    Set<JobId> planned =
        plan.turns().stream()
            .filter(t -> t.machine().isPresent())
            .map(Turn::job)
            .collect(Collectors.toSet());
    List<JobRisk> jobs = new ArrayList<>();
    double acres = 0;
    for (int j = 0; j < campaign.jobs().size(); j++) {
      Job job = campaign.jobs().get(j);
      int place = j;
      if (!planned.contains(job.id())) {
        acres += job.area().acres();
        continue;
      }
      Ensemble<LocalDate> ends =
          Ensemble.of(years.size(), y -> played.get(y).runs().get(place).ends().orElse(null));
      Ensemble<LocalDate> begins =
          Ensemble.of(years.size(), y -> played.get(y).runs().get(place).begins().orElse(null));
      int done = 0;
      for (int y = 0; y < years.size(); y++) {
        done += played.get(y).runs().get(place).inWindow(job, years.get(y)) ? 1 : 0;
      }
      Share inWindow = Share.of((double) done / years.size());
      acres += job.area().acres() * (1 - inWindow.fraction());
      jobs.add(
          new JobRisk(
              job.id(),
              inWindow,
              begins.middle(),
              ends.quantile(EARLY),
              ends.middle(),
              ends.quantile(LATE)));
    }
    Score loss = new Score(Ensemble.of(years.size(), y -> played.get(y).loss().value()));
    return new PlanRisk(jobs, loss, Area.ofAcres(acres));
  }

  /** Jobs that are done in their windows with a lesser chance, the least first. */
  public List<JobRisk> under(Share chance) {
    return jobs.stream()
        .filter(j -> j.inWindow().fraction() < chance.fraction())
        .sorted(Comparator.comparingDouble(j -> j.inWindow().fraction()))
        .toList();
  }
}
