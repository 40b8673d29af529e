package nimblefurrow.server.crew;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.job.CountedHours;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.OtherWork;
import nimblefurrow.core.job.Report;
import nimblefurrow.core.job.ReportKind;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.otherwork.OtherWorks;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.report.Reports;
import org.springframework.stereotype.Service;

/** Takes what is said of a job that has a place on the board. */
@Service
class ReportDesk {
  private static final int FARTHEST_DAYS = 200;

  private final Dispatch dispatch;
  private final Reports reports;
  private final OtherWorks others;

  ReportDesk(Dispatch dispatch, Reports reports, OtherWorks others) {
    this.others = others;
    this.dispatch = dispatch;
    this.reports = reports;
  }

  /**
   * Keeps what was said.
   *
   * @param by who says it
   * @param machine the only machine of whose jobs it may speak; empty: of any
   * @throws OutOfRange where more acres are done than the field has, a day is out of sight, a
   *     problem has no words, or the job has no place
   * @throws NotOnThisFarm where there is no such job, or it is another crew's
   */
  void take(UUID farmId, String by, Optional<UUID> machine, ReportForm form) {
    Board board = dispatch.board(farmId);
    Optional<Placement> placed = board.placed().of(form.job());
    // Whoever speaks for one machine is told nothing of the jobs of others, not even a name.
    if (machine.isPresent()
        && placed.filter(p -> p.machineId().equals(machine.get().toString())).isEmpty()) {
      throw new NotOnThisFarm("job on this list");
    }
    Job job = board.job(form.job());
    Placement place =
        placed.orElseThrow(() -> new OutOfRange("job", job.field() + " has no place on the board"));
    LocalDate today = board.season().day().today();
    Double acres = acres(board, job, form);
    boolean tells = form.kind() == ReportKind.PROBLEM;
    if (tells && (form.words() == null || form.words().isBlank())) {
      throw new OutOfRange("problem", "say in a few words what the problem is");
    }
    Report report =
        new Report(
            job.id(),
            form.kind(),
            by,
            day(form, place, today),
            place.machineId(),
            form.kind() == ReportKind.STOPPED ? Optional.ofNullable(acres) : Optional.empty());
    reports.add(farmId, form.id(), report, form.pounds(), form.words(), machine.isPresent());
    boolean other = job.id().operation() == OtherWork.OPERATION;
    if (other && report.acres().filter(a -> a >= most(board, job)).isPresent()) {
      // No logbook waits for it: whoever stops with all of it done has said all there is to say.
      others.done(farmId, job.id().cover(), today);
    }
  }

  private static double most(Board board, Job job) {
    return board.whole().get(job.id()).acres();
  }

  /** How much is done; of work that is counted in hours, the same share of its acres. */
  private static Double acres(Board board, Job job, ReportForm form) {
    Optional<CountedHours> counted = board.counted(job);
    if (counted.isPresent() && form.hours() != null) {
      return counted.get().done(form.hours()).acres();
    }
    double most = most(board, job);
    if (form.acres() != null && form.acres() > most) {
      throw new OutOfRange(
          "acres done", "acres done are 0 to %.1f, got %.1f".formatted(most, form.acres()));
    }
    return form.acres();
  }

  private static LocalDate day(ReportForm form, Placement place, LocalDate today) {
    LocalDate usual = form.kind() == ReportKind.ACCEPTED ? place.start() : today;
    LocalDate day = form.day() == null ? usual : form.day();
    if (day.isBefore(today) || day.isAfter(today.plusDays(FARTHEST_DAYS))) {
      throw new OutOfRange(
          "day", "day is %s to %s, got %s".formatted(today, today.plusDays(FARTHEST_DAYS), day));
    }
    if (form.kind() == ReportKind.PROPOSED && form.day() == null) {
      throw new OutOfRange("day", "say which day would suit");
    }
    return day;
  }
}
