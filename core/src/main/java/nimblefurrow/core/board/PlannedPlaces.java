package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Unplaced;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.PlanRisk;
import nimblefurrow.core.play.Turn;

/**
 * A plan as places on a board: each job on the day on which it falls by the hours to be counted on,
 * or, where these do not hold it but half of the years do, on the day on which the middle year
 * begins it.
 *
 * @param pins where each job comes to stand
 * @param left jobs that come to stand nowhere
 */
public record PlannedPlaces(List<Pin> pins, List<JobId> left) {
  private static final FigureKey OFTEN = FigureKey.of("work", "open_likely");

  public PlannedPlaces {
    pins = List.copyOf(pins);
    left = List.copyOf(left);
  }

  /** The places that a plan gives on the hours to be counted on. */
  public static PlannedPlaces of(ScheduleProblem problem, Plan plan) {
    Schedule laid = new Layout(problem).of(plan);
    Map<JobId, Integer> waits = new HashMap<>();
    plan.turns().forEach(turn -> waits.put(turn.job(), turn.waitDays()));
    List<Pin> pins = new ArrayList<>();
    laid.placed()
        .forEach(p -> pins.add(pin(p.jobId(), p.machineId(), p.start(), p.locked(), waits)));
    pins.addAll(inTime(problem, pins, oftenDone(problem, plan, laid, waits)));
    List<JobId> left = new ArrayList<>(laid.unplaced().stream().map(Unplaced::jobId).toList());
    left.removeAll(pins.stream().map(Pin::jobId).toList());
    return new PlannedPlaces(pins, left);
  }

  private static Pin pin(
      JobId job, String machine, LocalDate start, boolean locked, Map<JobId, Integer> waits) {
    return new Pin(
        job, machine, start, locked, locked ? Optional.empty() : Optional.of(waits.get(job)));
  }

  /**
   * Jobs that the plan's turns leave no hours to be counted on, though most years do: from the day
   * on which the middle year begins them. Where one would be late, a person has to accept it.
   */
  private static List<Pin> oftenDone(
      ScheduleProblem problem, Plan plan, Schedule placed, Map<JobId, Integer> waits) {
    Campaign campaign = problem.campaign();
    FitDays fit = problem.fit();
    Map<JobId, Turn> turns = new HashMap<>();
    plan.turns().forEach(turn -> turns.put(turn.job(), turn));
    Set<JobId> missed = new HashSet<>();
    placed.unplaced().forEach(u -> missed.add(u.jobId()));
    double half = fit.figures().of(OFTEN);
    return PlanRisk.of(campaign, plan, new JobDays(fit).years(), fit.figures()).jobs().stream()
        .filter(job -> missed.contains(job.job()) && job.inWindow().fraction() >= half)
        .flatMap(
            job ->
                turns.get(job.job()).machine().stream()
                    .flatMap(
                        machine ->
                            job.begins().stream()
                                .map(day -> pin(job.job(), machine, day, false, waits))))
        .toList();
  }

  /** Those of some more places that are in time, and make nothing late that has a place. */
  private static List<Pin> inTime(ScheduleProblem problem, List<Pin> pins, List<Pin> more) {
    List<Pin> with = new ArrayList<>(pins);
    with.addAll(more);
    Set<JobId> late = late(problem, with);
    List<Pin> kept = more.stream().filter(pin -> !late.contains(pin.jobId())).toList();
    with = new ArrayList<>(pins);
    with.addAll(kept);
    return kept.isEmpty() || late(problem, pins).containsAll(late(problem, with))
        ? kept
        : List.of();
  }

  private static Set<JobId> late(ScheduleProblem problem, List<Pin> pins) {
    ScheduleProblem tried = problem.pinned(pins);
    return new Layout(tried)
        .roughly(new Plan(tried.given())).placed().stream()
            .filter(Placement::late)
            .map(Placement::jobId)
            .collect(Collectors.toSet());
  }
}
