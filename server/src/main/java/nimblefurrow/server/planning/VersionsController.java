package nimblefurrow.server.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.Machine;
import nimblefurrow.core.work.Pin;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was meant on earlier days: kept plans, what differs from today's, and bringing one back. */
@RestController
@RequestMapping("/api/dispatch/versions")
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
    List<Pin> then = versions.places(current.id(), id);
    Dispatch.Board board = dispatch.board(current.id());
    Map<JobId, Pin> was = byJob(then);
    Map<JobId, Pin> is = byJob(board.problem().pins());
    Map<String, String> machines = new HashMap<>();
    board.problem().campaign().machines().forEach((Machine m) -> machines.put(m.id(), m.name()));
    List<DifferenceView> differs = new ArrayList<>();
    int same = 0;
    for (Job job : board.jobs()) {
      Pin before = was.get(job.id());
      Pin now = is.get(job.id());
      if (before == null && now == null) {
        continue;
      }
      boolean alike =
          before != null
              && now != null
              && before.machineId().equals(now.machineId())
              && before.start().equals(now.start());
      if (alike) {
        same++;
      } else {
        differs.add(
            new DifferenceView(
                job.id(),
                job.field(),
                job.words(),
                before == null ? null : machines.get(before.machineId()),
                before == null ? null : before.start(),
                now == null ? null : machines.get(now.machineId()),
                now == null ? null : now.start()));
      }
    }
    differs.sort(
        Comparator.comparing(
            DifferenceView::then, Comparator.nullsLast(Comparator.naturalOrder())));
    Set<JobId> open = new HashSet<>(board.problem().campaign().byId().keySet());
    int done = (int) then.stream().filter(p -> !open.contains(p.jobId())).count();
    return new VersionView(id, differs, same, done);
  }

  /** Brings a kept plan back for the jobs that are still open; locked ones stay where they are. */
  @PostMapping("/{id}/restore")
  void restore(@PathVariable UUID id) {
    List<Pin> then = versions.places(current.id(), id);
    Dispatch.Board board = dispatch.board(current.id());
    Set<JobId> open = board.problem().campaign().byId().keySet();
    List<Pin> now = board.problem().pins();
    Set<JobId> locked = new HashSet<>();
    now.stream().filter(Pin::locked).forEach(p -> locked.add(p.jobId()));
    List<Pin> back =
        then.stream().filter(p -> open.contains(p.jobId()) && !locked.contains(p.jobId())).toList();
    Set<JobId> had = byJob(back).keySet();
    List<JobId> left =
        now.stream()
            .map(Pin::jobId)
            .filter(job -> !had.contains(job) && !locked.contains(job))
            .toList();
    placements.change(current.id(), "bring an earlier plan back", back, left);
    versions.keep(current.id(), VersionKind.RESTORED, null);
  }

  private static Map<JobId, Pin> byJob(List<Pin> pins) {
    Map<JobId, Pin> all = new HashMap<>();
    pins.forEach(p -> all.put(p.jobId(), p));
    return all;
  }
}
