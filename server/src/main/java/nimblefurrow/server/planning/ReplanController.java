package nimblefurrow.server.planning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.board.Layout;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.board.PlacesThen;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.play.Moved;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The list mended when days were lost or machines broke: what to move, why, and what it gains. */
@RestController
@RequestMapping("/api/v1/dispatch/replan")
class ReplanController {
  /**
   * Ways to go on, from keeping the list to moving whatever helps.
   *
   * @param keeping dollars a year that are lost if the list is kept
   * @param proposed which step is proposed; 0 keeps the list
   */
  record ReplanView(UUID offer, long keeping, int proposed, List<MendStepView> steps) {}

  /**
   * @param most % of the untouched jobs that may be moved
   * @param dollars lost a year
   * @param shifted jobs that are not moved, but come to stand on other days by what was lost
   */
  record MendStepView(
      int most, long dollars, long gains, List<MovedView> moved, long shifted, List<String> gone) {}

  /**
   * A moved job.
   *
   * @param because what holds it back on the day before its new one
   */
  record MovedView(
      JobId job,
      String field,
      String words,
      Moved.How how,
      @Maybe String fromMachine,
      @Maybe LocalDate from,
      @Maybe String toMachine,
      @Maybe LocalDate to,
      @Maybe String because) {}

  record TakeForm(@NotNull UUID offer, int step) {}

  private final Replanning replanning;
  private final Dispatch dispatch;
  private final CurrentFarm current;

  ReplanController(Replanning replanning, Dispatch dispatch, CurrentFarm current) {
    this.replanning = replanning;
    this.dispatch = dispatch;
    this.current = current;
  }

  /** What could be done with the list this morning. */
  @PostMapping
  ReplanView offer() {
    Board board = dispatch.board(current.id());
    Replanning.Offer offer = replanning.offer(board, current.id());
    List<MendStepView> steps = new ArrayList<>();
    for (Replanning.Step step : offer.steps()) {
      steps.add(view(board, step, offer.keeping()));
    }
    return new ReplanView(
        offer.id(),
        Math.round(offer.keeping()),
        Replanning.proposed(offer, board.season().day().figures()),
        steps);
  }

  /** Takes one of the ways that were offered. */
  @PostMapping("/take")
  void take(@Valid @RequestBody TakeForm form) {
    replanning.take(current.id(), form.offer(), form.step());
  }

  private static MendStepView view(Board board, Replanning.Step step, double keeping) {
    UnitSystem units = board.season().day().units();
    ScheduleProblem then = board.problem().pinned(step.pins());
    Map<JobId, Placement> laid = new HashMap<>();
    new Layout(then).roughly(new Plan(then.given())).placed().forEach(p -> laid.put(p.jobId(), p));
    Map<String, String> machines = new HashMap<>();
    board.problem().campaign().machines().forEach((Machine m) -> machines.put(m.id(), m.name()));
    Map<JobId, Job> jobs = board.problem().campaign().byId();
    List<MovedView> moved = new ArrayList<>();
    for (Moved one : step.moved()) {
      JobId id = one.job();
      Optional<Pin> was = board.problem().pin(id);
      Optional<Placement> is = Optional.ofNullable(laid.get(id));
      moved.add(
          new MovedView(
              id,
              jobs.get(id).field(),
              jobs.get(id).words(),
              one.how(),
              was.map(p -> machines.get(p.machineId())).orElse(null),
              was.map(Pin::start).orElse(null),
              is.map(p -> machines.get(p.machineId())).orElse(null),
              is.map(Placement::start).orElse(null),
              is.map(p -> p.why().in(units)).orElse(null)));
    }
    Set<JobId> told = step.moved().stream().map(Moved::job).collect(Collectors.toSet());
    List<PlacesThen.Differs> differs = PlacesThen.of(board.problem().pins(), then).differs();
    List<String> gone =
        differs.stream()
            .filter(d -> d.now().isEmpty())
            .map(d -> jobs.get(d.job()).field())
            .distinct()
            .toList();
    long shifted =
        differs.stream()
            .filter(d -> d.then().isPresent() && d.now().isPresent() && !told.contains(d.job()))
            .count();
    return new MendStepView(
        Percent.of(step.most()),
        Math.round(step.loss()),
        Math.round(keeping - step.loss()),
        moved,
        shifted,
        gone);
  }
}
