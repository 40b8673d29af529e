package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.board.CrewVisit;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.FitSpread;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.Report;
import nimblefurrow.core.job.ReportKind;
import nimblefurrow.core.job.Unplaced;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.Verdict;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.report.Reports;
import nimblefurrow.server.season.FieldSeasons;

/** The dispatch board as it is told. */
record BoardView(
    LocalDate today,
    List<MachineView> machines,
    List<JobView> jobs,
    List<FitRow> fit,
    List<NotHadView> notHad,
    List<TroubleView> troubles,
    List<OverdueView> overdue,
    List<CrewView> crews,
    List<ReportView> said,
    @Maybe String undo,
    @Maybe String redo) {

  /** Days on which a machine is away, not booked, or not called in time; of those in sight. */
  record NotHadView(UUID machineId, List<LocalDate> days) {}

  /** Other work of which nobody has said what became of it; its last day was {@code last}. */
  record OverdueView(UUID id, String what, LocalDate last) {}

  /** A hired crew's visit against its terms; {@code toFill} are jobs that would make up for it. */
  record CrewView(
      UUID machineId,
      double acres,
      LocalDate first,
      @Maybe LocalDate callBy,
      double shortBy,
      List<FillView> toFill) {
    static CrewView of(CrewVisit visit) {
      return new CrewView(
          UUID.fromString(visit.machine().id()),
          visit.acres().acres(),
          visit.first(),
          visit.callBy().orElse(null),
          visit.shortBy().acres(),
          visit.toFill().stream()
              .map(j -> new FillView(j.id(), j.field(), j.area().acres()))
              .toList());
    }
  }

  record FillView(JobId job, String field, double acres) {}

  /** What was said from the field of an open job. */
  record ReportView(
      UUID id,
      JobId job,
      String field,
      ReportKind kind,
      String by,
      UUID machineId,
      LocalDate day,
      @Maybe Double acres,
      @Maybe Double pounds,
      @Maybe String words,
      boolean photo,
      OffsetDateTime at) {
    static ReportView of(Reports.Said said, Job job) {
      Report report = said.report();
      return new ReportView(
          said.id(),
          report.job(),
          job.field(),
          report.kind(),
          report.by(),
          UUID.fromString(report.machineId()),
          report.day(),
          report.acres().orElse(null),
          said.pounds().orElse(null),
          said.words().orElse(null),
          said.photo(),
          said.at());
    }
  }

  /**
   * @param able the machines that can do it, the usual kind before the others
   * @param partOf the job that it was split off
   * @param after open jobs that it waits for
   */
  record JobView(
      JobId id,
      @Maybe UUID fieldId,
      @Maybe UUID zoneId,
      String field,
      String farmstead,
      MachineKind kind,
      List<UUID> able,
      Season season,
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
      @Maybe DoingView doing,
      @Maybe CountedView counted,
      @Maybe JobId partOf,
      @Maybe String unplaced) {}

  /** Which part of the year's work a job belongs to. */
  enum Season {
    HARVEST,
    SOWING,
    ENDING,
    OTHER;

    static Season of(Operation operation) {
      return switch (operation) {
        case HARVEST -> HARVEST;
        case OTHER -> OTHER;
        default -> operation.ends() ? ENDING : SOWING;
      };
    }
  }

  /** A field whose jobs cannot be told, and why. */
  record TroubleView(UUID fieldId, String field, String says) {}

  /**
   * @param version the number of this place; a move says which one it was made on
   */
  record PlaceView(
      UUID machineId, long version, List<DayView> days, boolean locked, boolean late, String why) {}

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

  private static final int FIT_DAYS = 100;

  /**
   * The board as it is.
   *
   * @param from the first of the 100 days of fit hours
   * @param undo what would be undone, and {@code redo} done again; null: nothing
   */
  static BoardView of(Board board, LocalDate from, String undo, String redo) {
    LocalDate today = board.season().day().today();
    UnitSystem units = board.season().day().units();
    Map<JobId, String> reasons =
        Stream.concat(board.wouldBe().get().unplaced().stream(), board.never().stream())
            .collect(Collectors.toMap(Unplaced::jobId, u -> u.why().in(units)));
    LocalDate first = from == null ? today : from;
    List<JobView> jobs = new ArrayList<>();
    for (Job job : board.jobs()) {
      Optional<FieldSeasons> field = board.field(job);
      boolean sows = !job.id().operation().ends() && board.cover(job).isPresent();
      Optional<Verdict> verdict = field.filter(f -> sows).flatMap(f -> f.now().verdict());
      jobs.add(
          new JobView(
              job.id(),
              field.map(f -> f.field().id()).orElse(null),
              field.flatMap(FieldSeasons::zone).orElse(null),
              job.field(),
              job.place(),
              job.kind(),
              board.problem().campaign().able(job).stream()
                  .map(m -> UUID.fromString(m.id()))
                  .toList(),
              Season.of(job.id().operation()),
              EntryKind.settling(job.id().operation()).orElse(null),
              job.words(),
              board.cover(job).orElse(null),
              job.area().acres(),
              job.window().opens().median().orElse(null),
              job.window().end(),
              verdict.map(Verdict::kind).orElse(null),
              verdict.map(v -> v.says().in(units)).orElse(null),
              job.after().stream().filter(a -> a.done().isEmpty()).map(After::jobId).toList(),
              board.placed().of(job.id()).map(p -> place(board, job, p, units)).orElse(null),
              DoingView.of(board.doing().get(job.id())),
              CountedView.of(board, job),
              board.partOf().get(job.id()),
              reasons.get(job.id())));
    }
    return new BoardView(
        today,
        board.machines(),
        jobs,
        fit(board, first),
        notHad(board, first),
        board.troubles().stream()
            .map(t -> new TroubleView(t.field().id(), t.field().name(), t.says().in(units)))
            .toList(),
        board.overdue().stream().map(w -> new OverdueView(w.id(), w.what(), w.last())).toList(),
        CrewVisit.of(board.problem(), board.placed()).stream().map(CrewView::of).toList(),
        board.said().stream()
            .filter(s -> board.whole().containsKey(s.report().job()))
            .map(s -> ReportView.of(s, board.job(s.report().job())))
            .toList(),
        undo,
        redo);
  }

  private static PlaceView place(Board board, Job job, Placement p, UnitSystem units) {
    return new PlaceView(
        UUID.fromString(p.machineId()),
        board.revisions().getOrDefault(p.jobId(), 0L),
        DayView.of(board, job, p.days()),
        p.locked(),
        p.late(),
        p.why().in(units));
  }

  private static List<NotHadView> notHad(Board board, LocalDate from) {
    Campaign campaign = board.problem().campaign();
    return campaign.machines().stream()
        .map(
            m ->
                new NotHadView(UUID.fromString(m.id()), m.notHad(campaign.first(), from, FIT_DAYS)))
        .filter(gone -> !gone.days().isEmpty())
        .toList();
  }

  /** One row for each kind of machine that has a job, asked of that kind's first job. */
  private static List<FitRow> fit(Board board, LocalDate from) {
    FitDays fit = board.season().day().weather().fit();
    Map<MachineKind, Job> sample = new LinkedHashMap<>();
    board.jobs().forEach(j -> sample.putIfAbsent(j.kind(), j));
    List<FitRow> rows = new ArrayList<>();
    sample.forEach(
        (kind, job) -> {
          int[] chances = new int[FIT_DAYS];
          for (int i = 0; i < FIT_DAYS; i++) {
            chances[i] = Percent.of(new JobDays(fit).chance(job, from.plusDays(i)));
          }
          FitSpread hours = FitSpread.of(fit, job, from, FIT_DAYS);
          rows.add(new FitRow(kind, from, chances, hours.counted(), hours.low(), hours.high()));
        });
    return rows;
  }
}
