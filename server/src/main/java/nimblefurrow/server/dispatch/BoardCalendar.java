package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.board.WorkHours;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.files.IcsOut;

/**
 * A board as a calendar: the days just ahead by their hours on the farm's clock, each day for
 * itself; what is further off as whole days.
 */
public final class BoardCalendar {
  private final Board board;
  private final Map<String, String> machines;
  private final ZoneId clock;
  private final List<IcsOut.Days> days = new ArrayList<>();
  private final List<IcsOut.Hours> hours = new ArrayList<>();

  private BoardCalendar(Board board) {
    this.board = board;
    this.clock = board.season().day().farm().clock();
    this.machines =
        board.machines().stream()
            .collect(Collectors.toMap(m -> m.id().toString(), MachineView::name));
  }

  /**
   * The calendar.
   *
   * @param belongs which days of which places are in it
   */
  public static byte[] of(Board board, String name, BiPredicate<Placement, DayWork> belongs) {
    BoardCalendar calendar = new BoardCalendar(board);
    for (Placement place : board.placed().placed()) {
      calendar.add(place, place.days().stream().filter(day -> belongs.test(place, day)).toList());
    }
    return IcsOut.calendar(name, calendar.days, calendar.hours);
  }

  private void add(Placement place, List<DayWork> work) {
    Job job = board.job(place.jobId());
    UnitSystem units = board.season().day().units();
    String id = job.id().cover() + "-" + job.id().operation().code();
    String says = "%s: %s".formatted(job.field(), job.words());
    List<LocalDate> later = new ArrayList<>();
    for (DayWork day : work) {
      Optional<WorkHours> near = board.clock(job, day);
      if (near.isEmpty()) {
        later.add(day.date());
        continue;
      }
      String about =
          "%s, %s%s. %s"
              .formatted(
                  machines.get(place.machineId()),
                  units.say(Area.ofAcres(day.acres())),
                  day.driver().map(d -> ", " + d).orElse(""),
                  place.why().in(units));
      hours.add(
          new IcsOut.Hours(
              id + "-" + day.date(),
              near.get().begins().atZone(clock).toInstant(),
              near.get().ends().atZone(clock).toInstant(),
              says,
              about));
    }
    if (!later.isEmpty()) {
      days.add(
          new IcsOut.Days(
              id,
              later.get(0),
              later.get(later.size() - 1),
              says,
              "%s, %s. %s"
                  .formatted(
                      machines.get(place.machineId()),
                      units.say(job.area()),
                      place.why().in(units))));
    }
  }
}
