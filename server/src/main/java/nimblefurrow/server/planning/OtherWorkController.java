package nimblefurrow.server.planning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.OtherWork;
import nimblefurrow.core.job.Unplaced;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.otherwork.OtherJobs;
import nimblefurrow.server.otherwork.OtherWorks;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The farm's other work, as it is written down and done. */
@RestController
@RequestMapping("/api/v1/other-work")
class OtherWorkController {
  /**
   * @param id a new one, or that of work that is changed
   * @param acres or {@code hours}, one of the two
   * @param cost dollars in all when it is never done
   */
  record OtherWorkForm(
      @NotNull UUID id,
      @NotBlank @Size(max = 80) String what,
      @Maybe UUID fieldId,
      @NotNull UUID machineId,
      @Maybe Double acres,
      @Maybe Double hours,
      @NotNull LocalDate first,
      @NotNull LocalDate last,
      @Maybe Double cost,
      @Maybe JobId waitsFor,
      @Maybe JobId before) {
    OtherWorks.WrittenWork kept() {
      return new OtherWorks.WrittenWork(
          id, what, fieldId, machineId, acres, hours, first, last, cost, waitsFor, before, null);
    }
  }

  record DoneForm(@NotNull LocalDate day) {}

  private final OtherWorks works;
  private final Dispatch dispatch;
  private final CurrentFarm current;

  OtherWorkController(OtherWorks works, Dispatch dispatch, CurrentFarm current) {
    this.works = works;
    this.dispatch = dispatch;
    this.current = current;
  }

  @GetMapping
  List<OtherWorks.WrittenWork> all() {
    return works.all(current.id());
  }

  /** Writes some down, or changes it; refused where it would wait for itself. */
  @PostMapping
  List<OtherWorks.WrittenWork> keep(@Valid @RequestBody OtherWorkForm form) {
    OtherWork work = OtherJobs.of(form.kept());
    works.keep(current.id(), form.kept());
    Board board = dispatch.board(current.id());
    Stream.of(form.waitsFor(), form.before()).filter(Objects::nonNull).forEach(board::job);
    board.never().stream()
        .filter(one -> one.jobId().equals(work.job()))
        .map(Unplaced::why)
        .findFirst()
        .ifPresent(
            why -> {
              throw new OutOfRange("waits for", why);
            });
    return all();
  }

  @PostMapping("/{id}/done")
  List<OtherWorks.WrittenWork> done(@PathVariable UUID id, @Valid @RequestBody DoneForm form) {
    works.done(current.id(), id, form.day());
    return all();
  }

  @DeleteMapping("/{id}")
  List<OtherWorks.WrittenWork> remove(@PathVariable UUID id) {
    works.remove(current.id(), id);
    return all();
  }
}
