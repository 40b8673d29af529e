package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.board.WhatIf;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Elsewhere;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.PlanRisk;
import nimblefurrow.core.play.SlidYear;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.scheduler.help.Flown;
import nimblefurrow.scheduler.help.Help;
import nimblefurrow.scheduler.help.HelpWatch;
import nimblefurrow.scheduler.help.Helps;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/**
 * What may be asked of a board beyond how it stands: how it fares in other years, what another
 * place would cost, what would help, what a move would do. Nothing is kept.
 */
@Service
public class Questions {
  /** Days by which years are slid that tell how a plan fares; none of them was planned on. */
  private static final List<Integer> OTHER_YEARS = List.of(-7, 2);

  private final double helpSeconds;

  /**
   * @param helpSeconds about what a search takes for one thing that could help
   */
  Questions(@Value("${furrow.help-seconds:0.3}") double helpSeconds) {
    this.helpSeconds = helpSeconds;
  }

  /** How what is placed fares in years that it was not planned on. */
  public PlanRisk risk(Board board) {
    Campaign campaign = board.problem().campaign();
    return PlanRisk.of(
        campaign,
        new Plan(board.problem().list()),
        SlidYear.of(board.problem().days().years(), OTHER_YEARS, campaign),
        board.season().day().figures());
  }

  /** What it would cost to do a job elsewhere, and who would pay; counted on the climate years. */
  public List<Elsewhere> elsewhere(Board board, JobId job) {
    ScheduleProblem problem = board.problem();
    Evaluator evaluator =
        new Evaluator(problem.campaign(), problem.days().years(), problem.fit().figures());
    return Elsewhere.of(problem.campaign(), problem.asItStands(), evaluator, job);
  }

  /** What would help most; takes seconds, so it is asked for behind the scenes alone. */
  public List<Help> helps(Board board, HelpWatch watch) {
    ScheduleProblem problem = board.problem();
    return new Helps(
            problem.campaign(),
            problem.asItStands(),
            problem.days().years(),
            SlidYear.of(problem.days().years(), OTHER_YEARS, problem.campaign()),
            flown(board),
            problem.fit().figures(),
            new Effort(1, helpSeconds, 1))
        .all(watch);
  }

  /** The farm's hired crews that fly, each with the sowings that it could take over. */
  private static List<Flown> flown(Board board) {
    List<Flown> crews = new ArrayList<>();
    for (Machine machine : board.problem().campaign().machines()) {
      SeedingMethod.of(machine.kind())
          .filter(way -> way.overTheTop() && machine.hire().isPresent())
          .ifPresent(way -> crews.add(new Flown(machine.id(), id -> otherwise(board, id, way))));
    }
    return crews;
  }

  private static Optional<Job> otherwise(Board board, JobId id, SeedingMethod way) {
    Job job = board.job(id);
    boolean untouched = !board.partOf().containsKey(id) && !board.doing().containsKey(id);
    return board
        .field(job)
        .filter(field -> untouched && id.operation() == Operation.SEED)
        .flatMap(
            field ->
                board
                    .season()
                    .sowing(field, way)
                    .map(other -> other.with(j -> j.rates(board.rates().by(field, way)))))
        .map(other -> other.with(j -> j.place(job.place())));
  }

  public static WhatIf whatIf(
      Board board, JobId jobId, UUID machineId, LocalDate day, boolean lock) {
    return WhatIf.of(
        board.problem(), board.placed(), board.job(jobId), machine(board, machineId), day, lock);
  }

  private static Machine machine(Board board, UUID id) {
    return board.problem().campaign().machines().stream()
        .filter(m -> m.id().equals(id.toString()))
        .findFirst()
        .orElseThrow(() -> new NotOnThisFarm("machine"));
  }
}
