package nimblefurrow.server.exchange;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.work.DayWork;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.Placement;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Download;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Placed jobs for a calendar or a spreadsheet. */
@RestController
@RequestMapping("/api/exchange")
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
  ResponseEntity<byte[]> csv() throws IOException {
    Dispatch.Board board = dispatch.board(current.id());
    Map<String, String> machines = names(board);
    StringWriter text = new StringWriter();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.DEFAULT.builder().setHeader(COLUMNS).get())) {
      for (Placement p : board.placed().placed()) {
        Job job = board.job(p.jobId());
        var field = board.fieldOf().get(job.id());
        printer.printRecord(
            safe(job.field()),
            safe(field.field().farmstead()),
            job.words(),
            field.now().field().cover().map(c -> c.mix().name()).orElse(""),
            safe(machines.get(p.machineId())),
            "%.1f".formatted(job.area().acres()),
            p.start(),
            p.finish(),
            "%.1f".formatted(p.days().stream().mapToDouble(DayWork::hours).sum()),
            job.window().opens().median().map(Object::toString).orElse(""),
            job.window().end(),
            p.locked(),
            p.late());
      }
    }
    return Download.of(
        "jobs.csv", "text/csv; charset=utf-8", text.toString().getBytes(StandardCharsets.UTF_8));
  }

  @GetMapping(path = "/jobs.ics", produces = "text/calendar")
  ResponseEntity<byte[]> calendar() {
    Dispatch.Board board = dispatch.board(current.id());
    Map<String, String> machines = names(board);
    UnitSystem units = board.season().day().units();
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Nimble Furrow//jobs//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    for (Placement p : board.placed().placed()) {
      Job job = board.job(p.jobId());
      // Whole days: an event ends on the day after its last.
      VEvent event =
          new VEvent(
              p.start(), p.finish().plusDays(1), "%s: %s".formatted(job.field(), job.words()));
      event.add(new Uid(job.id().cover() + "-" + job.id().operation().code() + "@nimble-furrow"));
      event.add(
          new Description("%s, %s".formatted(machines.get(p.machineId()), units.say(job.area()))));
      calendar.add(event);
    }
    return Download.of(
        "jobs.ics",
        "text/calendar; charset=utf-8",
        calendar.toString().getBytes(StandardCharsets.UTF_8));
  }

  private static Map<String, String> names(Dispatch.Board board) {
    List<MachineView> machines = board.machines();
    return machines.stream().collect(Collectors.toMap(m -> m.id().toString(), MachineView::name));
  }

  /** Text that a spreadsheet would take for a formula is quoted. */
  private static String safe(String text) {
    return text != null && !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0
        ? "'" + text
        : text;
  }
}
