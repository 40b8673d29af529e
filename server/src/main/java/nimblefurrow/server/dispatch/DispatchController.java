package nimblefurrow.server.dispatch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.board.WhatIf;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.unchanged.Unchanged;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The dispatch board. */
@RestController
@RequestMapping("/api/v1/dispatch")
class DispatchController {
  record MoveForm(
      @NotNull UUID machineId,
      @NotNull LocalDate day,
      boolean locked,
      boolean acceptLate,
      @Maybe Long version) {}

  /**
   * @param locked whether what is begun there makes way for it; so it is unless said otherwise
   */
  record WhatIfForm(
      @NotNull JobId job, @NotNull UUID machineId, @NotNull LocalDate day, @Maybe Boolean locked) {}

  /**
   * @param rise dollars a year that the whole list loses more by it
   * @param inWindow % of years in which it is done in its window there
   */
  record WhatIfView(
      List<DayView> days,
      int chanceOpen,
      int chanceFit,
      boolean late,
      List<String> moves,
      long rise,
      int inWindow,
      List<String> says) {}

  /**
   * @param id a new name for the part
   */
  record SplitForm(@NotNull UUID id, @NotNull JobId job, @Positive @Max(50_000) double acres) {}

  private record Asked(LocalDate from) {}

  private static final int BYTES_A_JOB = 6_000;

  private final Dispatch dispatch;
  private final Placements placements;
  private final Unchanged unchanged;
  private final CurrentFarm current;

  DispatchController(
      Dispatch dispatch, Placements placements, Unchanged unchanged, CurrentFarm current) {
    this.unchanged = unchanged;
    this.dispatch = dispatch;
    this.placements = placements;
    this.current = current;
  }

  /** The board; fit days for 100 days from a first day (today when none is given). */
  @GetMapping
  BoardView board(
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          LocalDate from) {
    return unchanged.of(
        current.id(),
        new Asked(from),
        view -> BYTES_A_JOB * (1 + view.jobs().size()),
        farm ->
            BoardView.of(
                dispatch.board(farm.id()),
                from,
                placements.undoable(farm.id()).orElse(null),
                placements.redoable(farm.id()).orElse(null)));
  }

  @PostMapping("/what-if")
  @AskingOnly
  WhatIfView whatIf(@Valid @RequestBody WhatIfForm form) {
    Board board = dispatch.board(current.id());
    WhatIf told =
        Questions.whatIf(
            board, form.job(), form.machineId(), form.day(), !Boolean.FALSE.equals(form.locked()));
    UnitSystem units = board.season().day().units();
    return new WhatIfView(
        DayView.of(board, board.job(form.job()), told.days()),
        Percent.of(told.chanceOpen().fraction()),
        Percent.of(told.chanceFit().fraction()),
        told.late(),
        told.moves().stream().map(id -> board.job(id).field()).distinct().toList(),
        Math.round(told.rise().value()),
        Percent.of(told.inWindow().fraction()),
        told.says().stream().map(r -> r.in(units)).toList());
  }

  @PutMapping("/jobs/{cover}/{operation}")
  BoardView place(
      @PathVariable UUID cover,
      @PathVariable Operation operation,
      @Valid @RequestBody MoveForm form) {
    dispatch.place(
        current.id(),
        new JobId(cover, operation),
        form.machineId(),
        form.day(),
        form.locked(),
        form.acceptLate(),
        form.version());
    return board(null);
  }

  @DeleteMapping("/jobs/{cover}/{operation}")
  BoardView takeOff(
      @PathVariable UUID cover,
      @PathVariable Operation operation,
      @RequestParam(required = false) @Maybe Long version) {
    dispatch.takeOff(current.id(), new JobId(cover, operation), version);
    return board(null);
  }

  /** Splits a part off a job. */
  @PostMapping("/parts")
  BoardView split(@Valid @RequestBody SplitForm form) {
    dispatch.split(current.id(), form.id(), form.job(), Area.ofAcres(form.acres()));
    return board(null);
  }

  /** Joins a part with the rest again. */
  @DeleteMapping("/parts/{id}")
  BoardView join(@PathVariable UUID id) {
    dispatch.join(current.id(), id);
    return board(null);
  }

  @PostMapping("/undo")
  BoardView undo() {
    placements.undo(current.id());
    return board(null);
  }

  @PostMapping("/redo")
  BoardView redo() {
    placements.redo(current.id());
    return board(null);
  }
}
