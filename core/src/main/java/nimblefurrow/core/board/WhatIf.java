package nimblefurrow.core.board;

import static java.time.temporal.ChronoUnit.DAYS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.yard.Machine;

/**
 * What it would mean to give a job a machine and a day, told before it is done: the board played
 * once more with the job there.
 *
 * @param days the work as it would fall
 * @param late ends after the window's end
 * @param moves other jobs that would come to stand on other days by it
 * @param rise dollars a year that the whole list loses more by it, in the mean of the climate
 *     years; below 0 where it loses less
 * @param inWindow chance that the job is done before its window closes, there
 */
public record WhatIf(
    List<DayWork> days,
    Share chanceOpen,
    Share chanceFit,
    boolean late,
    List<JobId> moves,
    Money rise,
    Share inWindow,
    List<Reason> says) {

  /**
   * The consequence of one move.
   *
   * @param now the board as it is
   * @param locked whether what is begun there makes way for it
   * @throws OutOfRange when the machine cannot do it, the day is gone, or the job before is not
   *     over
   */
  public static WhatIf of(
      ScheduleProblem problem,
      Schedule now,
      Job job,
      Machine machine,
      LocalDate day,
      boolean locked) {
    refuse(problem, now, job, machine, day);
    ScheduleProblem moved = problem.with(new Pin(job.id(), machine.id(), day, locked));
    Schedule then = new Layout(moved).roughly(new Plan(moved.given()));
    Optional<Placement> place = then.of(job.id());
    FitDays fit = problem.fit();
    double open = job.window().chanceOpen(day);
    double chance = new JobDays(fit).chance(job, day);
    List<Reason> says = new ArrayList<>();
    says.add(Reason.of("window open on {}: {}", day, Share.of(open)));
    says.add(Reason.of("day fit to {}: {}", job.kind().words(), Share.of(chance)));
    if (!machine.booked().isEmpty() && !machine.booked().contains(day)) {
      says.add(Reason.of("the {} is not booked on {}", machine.name(), day));
    }
    place
        .filter(p -> p.start().isAfter(day))
        .ifPresent(p -> says.add(Reason.of("begins on {}: {}", p.start(), p.why())));
    place
        .filter(p -> p.finish().isAfter(p.start()))
        .ifPresent(
            p ->
                says.add(
                    Reason.of("needs {} h, so it runs to {}", job.hoursOn(machine), p.finish())));
    boolean late = place.map(Placement::late).orElse(true);
    if (late) {
      says.add(lateBy(job, place));
    }
    List<DayWork> days = place.map(Placement::days).orElse(List.of());
    Evaluator years = new Evaluator(moved.campaign(), new JobDays(fit).years(), fit.figures());
    Plan there = new Plan(moved.list());
    double rise =
        years.score(there).mean().value() - years.score(new Plan(problem.list())).mean().value();
    return new WhatIf(
        days,
        Share.of(open),
        Share.of(chance),
        late,
        moved(now, then, job),
        Money.of(rise),
        inWindow(years, there, new JobDays(fit).years(), job),
        says);
  }

  private static Share inWindow(Evaluator played, Plan plan, List<WorkYear> years, Job job) {
    int done = 0;
    for (int y = 0; y < years.size(); y++) {
      done += played.play(plan, y).byJob().get(job.id()).inWindow(job, years.get(y)) ? 1 : 0;
    }
    return Share.of((double) done / years.size());
  }

  private static void refuse(
      ScheduleProblem problem, Schedule now, Job job, Machine machine, LocalDate day) {
    if (!job.suits(machine)) {
      throw new OutOfRange("machine", "%s cannot %s".formatted(machine.name(), job.kind().words()));
    }
    if (job.begunOn().isPresent()) {
      throw new OutOfRange(
          "job", job.field() + " is under way: note that it has stopped, then give it a place");
    }
    LocalDate first = problem.campaign().first();
    if (day.isBefore(first)) {
      throw new OutOfRange("day", "day is %s or later, got %s".formatted(first, day));
    }
    if (day.isAfter(problem.fit().last())) {
      throw new OutOfRange(
          "day", "day is %s at the latest, got %s".formatted(problem.fit().last(), day));
    }
    for (After after : job.after()) {
      after
          .done()
          .or(() -> now.of(after.jobId()).map(Placement::finish))
          .map(after::notBefore)
          .filter(day::isBefore)
          .ifPresent(
              from -> {
                throw new OutOfRange(
                    "day",
                    "day is %s or later: %s comes first, with its wait"
                        .formatted(from, after.words()));
              });
    }
  }

  private static Reason lateBy(Job job, Optional<Placement> place) {
    LocalDate end = job.window().end();
    return place
        .map(
            p ->
                Reason.of(
                    "ends {} days after the window closes on {}",
                    DAYS.between(end, p.finish()),
                    end))
        .orElse(Reason.of("no fit hours to count on from that day on"));
  }

  private static List<JobId> moved(Schedule now, Schedule then, Job job) {
    return now.placed().stream()
        .filter(p -> !p.jobId().equals(job.id()))
        .filter(
            p ->
                then.of(p.jobId())
                    .filter(t -> t.start().equals(p.start()) && t.finish().equals(p.finish()))
                    .isEmpty())
        .map(Placement::jobId)
        .toList();
  }
}
