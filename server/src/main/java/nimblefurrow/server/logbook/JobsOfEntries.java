package nimblefurrow.server.logbook;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.job.FieldJobs;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import org.springframework.stereotype.Component;

/**
 * Whether an entry may settle the job it names: one of its own field, of its own kind, and for an
 * operator one that stands on a machine that he may drive.
 */
@Component
class JobsOfEntries {
  private final Placements placements;
  private final Machines machines;

  JobsOfEntries(Placements placements, Machines machines) {
    this.placements = placements;
    this.machines = machines;
  }

  /**
   * @throws OutOfRange saying which of the three does not hold
   */
  void check(UUID farm, FarmUser by, Logbook.EntryForm form, FieldSeasons field, Figures figures) {
    Operation step =
        open(field, figures)
            .filter(form.job()::equals)
            .map(JobId::operation)
            .findFirst()
            .orElseThrow(
                () ->
                    new OutOfRange(
                        "job",
                        "job is one that is still open in %s".formatted(field.field().name())));
    if (!EntryKind.settling(step).equals(Optional.of(form.kind()))) {
      throw new OutOfRange("job", "this job is not settled by an entry of this kind");
    }
    if (by.role() != FarmUser.Role.PLANNER) {
      List<String> drivers = driversOf(farm, form.job());
      if (!drivers.isEmpty() && drivers.stream().noneMatch(by.name()::equalsIgnoreCase)) {
        throw new OutOfRange(
            "job",
            "this job is given to %s: a planner can log it for them, or log it without the job"
                .formatted(String.join(" and ", drivers)));
      }
    }
  }

  /** The open job that an entry of a kind settles; empty where none is. */
  Optional<JobId> settledBy(EntryKind kind, FieldSeasons field, Figures figures) {
    return open(field, figures)
        .filter(id -> EntryKind.settling(id.operation()).equals(Optional.of(kind)))
        .findFirst();
  }

  private static Stream<JobId> open(FieldSeasons field, Figures figures) {
    return Stream.concat(
            FarmSeason.harvest(field, figures).stream(),
            field.andAfter().stream()
                .flatMap(f -> FieldJobs.of(f.key(), f.field().name(), f.now(), figures).stream()))
        .map(Job::id);
  }

  /** Who may drive the machine that the job stands on; empty where it has no place, or a crew. */
  private List<String> driversOf(UUID farm, JobId job) {
    List<MachineView> all = machines.all(farm);
    return placements.all(farm).stream()
        .filter(p -> p.jobId().equals(job))
        .map(Pin::machineId)
        .flatMap(id -> all.stream().filter(m -> m.id().toString().equals(id)))
        .findFirst()
        .map(m -> m.machine().drivers())
        .orElse(List.of());
  }
}
