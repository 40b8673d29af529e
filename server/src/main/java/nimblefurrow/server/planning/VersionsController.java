package nimblefurrow.server.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.board.PlacesThen;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was meant on earlier days: kept plans, what differs from today's, and bringing one back. */
@RestController
@RequestMapping("/api/v1/dispatch/versions")
class VersionsController {
  /** A kept plan against the board of today. */
  record VersionView(UUID id, List<DifferenceView> differs, int same, int done) {}

  /** A job that stands elsewhere today; an empty machine means nowhere. */
  record DifferenceView(
      JobId job,
      String field,
      String words,
      @Maybe String thenMachine,
      @Maybe LocalDate then,
      @Maybe String nowMachine,
      @Maybe LocalDate now) {}

  private final PlanVersions versions;
  private final Placements placements;
  private final Dispatch dispatch;
  private final CurrentFarm current;

  VersionsController(
      PlanVersions versions, Placements placements, Dispatch dispatch, CurrentFarm current) {
    this.versions = versions;
    this.placements = placements;
    this.dispatch = dispatch;
    this.current = current;
  }

  @GetMapping
  List<PlanVersions.Version> all() {
    return versions.all(current.id());
  }

  /** Keeps the board as it is, as what is told to everybody. */
  @PostMapping
  List<PlanVersions.Version> publish() {
    versions.keep(current.id(), VersionKind.PUBLISHED, null);
    return all();
  }

  /** What a kept plan meant, against what is meant today. */
  @GetMapping("/{id}")
  VersionView one(@PathVariable UUID id) {
    Board board = dispatch.board(current.id());
    PlacesThen then = PlacesThen.of(versions.places(current.id(), id), board.problem());
    Map<String, String> machines = new HashMap<>();
    board.problem().campaign().machines().forEach((Machine m) -> machines.put(m.id(), m.name()));
    return new VersionView(
        id,
        then.differs().stream().map(d -> view(board.job(d.job()), d, machines)).toList(),
        then.same(),
        then.over());
  }

  private static DifferenceView view(
      Job job, PlacesThen.Differs differs, Map<String, String> machines) {
    return new DifferenceView(
        job.id(),
        job.field(),
        job.words(),
        differs.then().map(p -> machines.get(p.machineId())).orElse(null),
        differs.then().map(Pin::start).orElse(null),
        differs.now().map(p -> machines.get(p.machineId())).orElse(null),
        differs.now().map(Pin::start).orElse(null));
  }

  /** Brings a kept plan back for the jobs that are still open; locked ones stay where they are. */
  @PostMapping("/{id}/restore")
  void restore(@PathVariable UUID id) {
    Board board = dispatch.board(current.id());
    Set<JobId> free = new HashSet<>(board.problem().campaign().byId().keySet());
    List<Pin> now = board.problem().pins();
    now.stream().filter(Pin::locked).forEach(p -> free.remove(p.jobId()));
    List<Pin> back =
        versions.places(current.id(), id).stream().filter(p -> free.contains(p.jobId())).toList();
    List<JobId> left =
        new ArrayList<>(now.stream().map(Pin::jobId).filter(free::contains).toList());
    left.removeAll(back.stream().map(Pin::jobId).toList());
    placements.change(current.id(), "bring an earlier plan back", back, left);
    versions.keep(current.id(), VersionKind.RESTORED, null);
  }
}
