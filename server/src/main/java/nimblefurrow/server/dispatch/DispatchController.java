package nimblefurrow.server.dispatch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.Verdict;
import nimblefurrow.core.work.After;
import nimblefurrow.core.work.DayWork;
import nimblefurrow.core.work.FitDays;
import nimblefurrow.core.work.FitSpread;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.MachineKind;
import nimblefurrow.core.work.Operation;
import nimblefurrow.core.work.Placement;
import nimblefurrow.core.work.Unplaced;
import nimblefurrow.core.work.WhatIf;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.AskingOnly;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import nimblefurrow.server.season.FieldSeasons;
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
@RequestMapping("/api/dispatch")
class DispatchController {
  record BoardView(
      LocalDate today,
      List<MachineView> machines,
      List<JobView> jobs,
      List<FitRow> fit,
      List<TroubleView> troubles,
      @Maybe String undo,
      @Maybe String redo) {}

  /**
   * @param after open jobs that it waits for
   */
  record JobView(
      JobId id,
      UUID fieldId,
      @Maybe UUID zoneId,
      String field,
      String farmstead,
      MachineKind kind,
      boolean ends,
      @Maybe EntryKind settledBy,
      String words,
      @Maybe String cover,
      double acres,
      @Maybe LocalDate opens,
      @Maybe LocalDate closes,
      @Maybe Verdict.Kind verdict,
      @Maybe String says,
      List<JobId> after,
      @Maybe PlaceView place,
      @Maybe String unplaced) {}

  /** A field whose jobs cannot be told, and why. */
  record TroubleView(UUID fieldId, String field, String says) {}

  /**
   * @param version the number of this place; a move says which one it was made on
   */
  record PlaceView(
      UUID machineId,
      long version,
      List<DayView> days,
      boolean locked,
      boolean late,
      int fitChance,
      String why) {}

  record DayView(LocalDate day, double hours, double acres, @Maybe String driver) {
    static List<DayView> of(List<DayWork> days) {
      return days.stream()
          .map(d -> new DayView(d.date(), d.hours(), d.acres(), d.driver().orElse(null)))
          .toList();
    }
  }

  /**
   * Chance (%) that a day is fit for a kind of machine on the farm's commonest soil, and its fit
   * hours: those that a plan counts on, and what one and nine years of ten do not exceed.
   */
  record FitRow(
      MachineKind kind,
      LocalDate first,
      int[] chances,
      double[] counted,
      double[] low,
      double[] high) {}

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

  private static final int FIT_DAYS = 100;

  private final Dispatch dispatch;
  private final Placements placements;
  private final CurrentFarm current;

  DispatchController(Dispatch dispatch, Placements placements, CurrentFarm current) {
    this.dispatch = dispatch;
    this.placements = placements;
    this.current = current;
  }

  /** The board; fit days for 100 days from a first day (today when none is given). */
  @GetMapping
  BoardView board(
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          LocalDate from) {
    return view(dispatch.board(current.id()), from);
  }

  @PostMapping("/what-if")
  @AskingOnly
  WhatIfView whatIf(@Valid @RequestBody WhatIfForm form) {
    Dispatch.Board board = dispatch.board(current.id());
    WhatIf told =
        dispatch.whatIf(
            board, form.job(), form.machineId(), form.day(), !Boolean.FALSE.equals(form.locked()));
    UnitSystem units = board.season().day().units();
    return new WhatIfView(
        DayView.of(told.days()),
        percent(told.chanceOpen().fraction()),
        percent(told.chanceFit().fraction()),
        told.late(),
        told.moves().stream().map(id -> board.job(id).field()).distinct().toList(),
        Math.round(told.rise().value()),
        percent(told.inWindow().fraction()),
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

  private BoardView view(Dispatch.Board board, LocalDate from) {
    LocalDate today = board.season().day().today();
    UnitSystem units = board.season().day().units();
    Map<JobId, String> reasons =
        board.wouldBe().unplaced().stream()
            .collect(Collectors.toMap(Unplaced::jobId, u -> u.why().in(units)));
    List<JobView> jobs = new ArrayList<>();
    for (Job job : board.jobs()) {
      FieldSeasons field = board.fieldOf().get(job.id());
      Optional<Verdict> verdict =
          job.id().operation().ends() ? Optional.empty() : field.now().verdict();
      jobs.add(
          new JobView(
              job.id(),
              field.field().id(),
              field.zone().orElse(null),
              job.field(),
              field.field().farmstead(),
              job.kind(),
              job.id().operation().ends(),
              EntryKind.settling(job.id().operation()).orElse(null),
              job.words(),
              field.now().field().cover().map(c -> c.mix().name()).orElse(null),
              job.area().acres(),
              job.window().opens().median().orElse(null),
              job.window().end(),
              verdict.map(Verdict::kind).orElse(null),
              verdict.map(v -> v.says().in(units)).orElse(null),
              job.after().stream().filter(a -> a.done().isEmpty()).map(After::jobId).toList(),
              board.placed().of(job.id()).map(p -> place(board, p, units)).orElse(null),
              reasons.get(job.id())));
    }
    return new BoardView(
        today,
        board.machines(),
        jobs,
        fit(board, from == null ? today : from),
        board.troubles().stream()
            .map(t -> new TroubleView(t.field().id(), t.field().name(), t.says().in(units)))
            .toList(),
        placements.undoable(current.id()).orElse(null),
        placements.redoable(current.id()).orElse(null));
  }

  private static PlaceView place(Dispatch.Board board, Placement p, UnitSystem units) {
    return new PlaceView(
        UUID.fromString(p.machineId()),
        board.revisions().getOrDefault(p.jobId(), 0L),
        DayView.of(p.days()),
        p.locked(),
        p.late(),
        percent(p.fitChance()),
        p.why().in(units));
  }

  /** One row for each kind of machine that has a job, asked of that kind's first job. */
  private static List<FitRow> fit(Dispatch.Board board, LocalDate from) {
    FitDays fit = board.season().day().weather().fit();
    Map<MachineKind, Job> sample = new LinkedHashMap<>();
    board.jobs().forEach(j -> sample.putIfAbsent(j.kind(), j));
    List<FitRow> rows = new ArrayList<>();
    sample.forEach(
        (kind, job) -> {
          int[] chances = new int[FIT_DAYS];
          for (int i = 0; i < FIT_DAYS; i++) {
            chances[i] = percent(fit.chance(job, from.plusDays(i)));
          }
          FitSpread hours = FitSpread.of(fit, job, from, FIT_DAYS);
          rows.add(new FitRow(kind, from, chances, hours.counted(), hours.low(), hours.high()));
        });
    return rows;
  }

  private static int percent(double share) {
    return (int) Math.round(100 * share);
  }
}
