package nimblefurrow.server.exchange;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.BoardCalendar;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.CsvOut;
import nimblefurrow.server.platform.files.XlsxOut;
import nimblefurrow.server.platform.web.Download;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Placed jobs for a calendar or a spreadsheet. */
@RestController
@RequestMapping("/api/v1/exchange")
class JobExchange {
  private static final String[] COLUMNS = {
    "field",
    "farmstead",
    "work",
    "cover",
    "machine",
    "acres",
    "first_day",
    "last_day",
    "hours",
    "window_opens",
    "window_closes",
    "locked",
    "late"
  };

  private final Dispatch dispatch;
  private final CurrentFarm current;

  JobExchange(Dispatch dispatch, CurrentFarm current) {
    this.dispatch = dispatch;
    this.current = current;
  }

  @GetMapping(path = "/jobs.csv", produces = "text/csv")
  ResponseEntity<byte[]> csv() {
    Board board = dispatch.board(current.id());
    Map<String, String> machines = names(board);
    return Download.of(
        "jobs.csv",
        "text/csv; charset=utf-8",
        CsvOut.table(
            COLUMNS, board.placed().placed().stream().map(p -> cells(board, p, machines))));
  }

  /** A row as text. */
  private static List<Object> cells(Board board, Placement p, Map<String, String> machines) {
    return values(board, p, machines).stream()
        .map(value -> value instanceof Double figure ? (Object) "%.1f".formatted(figure) : value)
        .toList();
  }

  private static List<Object> values(Board board, Placement p, Map<String, String> machines) {
    Job job = board.job(p.jobId());
    return List.of(
        job.field(),
        job.place(),
        job.words(),
        board.cover(job).orElse(""),
        machines.get(p.machineId()),
        job.area().acres(),
        p.start(),
        p.finish(),
        p.days().stream().mapToDouble(DayWork::hours).sum(),
        job.window().opens().median().<Object>map(d -> d).orElse(""),
        job.window().end(),
        p.locked(),
        p.late());
  }

  /** The same as a workbook, days as days and figures as figures. */
  @GetMapping(
      path = "/jobs.xlsx",
      produces = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet")
  ResponseEntity<byte[]> workbook() {
    Board board = dispatch.board(current.id());
    Map<String, String> machines = names(board);
    return Download.of(
        "jobs.xlsx",
        "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet",
        XlsxOut.table(
            "Jobs",
            COLUMNS,
            board.placed().placed().stream().map(p -> values(board, p, machines)).toList()));
  }

  @GetMapping(path = "/jobs.ics", produces = "text/calendar")
  ResponseEntity<byte[]> calendar() {
    return Download.of(
        "jobs.ics",
        "text/calendar; charset=utf-8",
        BoardCalendar.of(dispatch.board(current.id()), "jobs", (place, day) -> true));
  }

  private static Map<String, String> names(Board board) {
    List<MachineView> machines = board.machines();
    return machines.stream().collect(Collectors.toMap(m -> m.id().toString(), MachineView::name));
  }
}
