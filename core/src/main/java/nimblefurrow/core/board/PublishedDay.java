package nimblefurrow.core.board;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Reason;

/**
 * A day's work as it was told to those who do it, to say what has changed since. Example: on Friday
 * the drill was to sow 40 acres of Ferry Road; now the day sheet has it on Monday, and Long Half in
 * its place. Not the day sheet itself, which is always that of the plan as it stands.
 */
public record PublishedDay(LocalDate day, List<Line> lines) {
  private static final FigureKey NEWS_SHARE = FigureKey.of("work", "news_share");

  /**
   * One job of a machine on the day.
   *
   * @param field what it was called when it was told
   * @param machine by id, {@code machineName} as it was called
   * @param acres that were to be done on that day
   */
  public record Line(JobId job, String field, String machine, String machineName, double acres) {}

  /** What has changed for one field, as it is told. */
  public record Change(String field, Reason says) {}

  public PublishedDay {
    lines = List.copyOf(lines);
  }

  /**
   * A day's work as a board has it now.
   *
   * @param fields what the field of a job is called, {@code machineNames} what a machine is, by id
   */
  public static PublishedDay of(
      Schedule placed,
      LocalDate day,
      Function<JobId, String> fields,
      Function<String, String> machineNames) {
    List<Line> lines = new ArrayList<>();
    for (Placement placement : placed.placed()) {
      for (DayWork work : placement.days()) {
        if (work.date().equals(day)) {
          String machine = placement.machineId();
          lines.add(
              new Line(
                  placement.jobId(),
                  fields.apply(placement.jobId()),
                  machine,
                  machineNames.apply(machine),
                  work.acres()));
        }
      }
    }
    return new PublishedDay(day, lines);
  }

  /** What is otherwise now: other machines, much more or less land, jobs gone and jobs new. */
  public List<Change> since(PublishedDay now, Figures figures) {
    Map<JobId, Line> left = new HashMap<>();
    now.lines.forEach(line -> left.put(line.job(), line));
    List<Change> changes = new ArrayList<>();
    for (Line told : lines) {
      Line is = left.remove(told.job());
      if (is == null) {
        changes.add(new Change(told.field(), Reason.of("not on this day any more")));
      } else if (!is.machine().equals(told.machine())) {
        changes.add(
            new Change(
                is.field(),
                Reason.of("with the {}, not the {}", is.machineName(), told.machineName())));
      } else if (Math.abs(is.acres() - told.acres()) > figures.of(NEWS_SHARE) * told.acres()) {
        changes.add(
            new Change(
                is.field(),
                Reason.of("{}, not {}", Area.ofAcres(is.acres()), Area.ofAcres(told.acres()))));
      }
    }
    now.lines.stream()
        .filter(line -> left.containsKey(line.job()))
        .forEach(
            line ->
                changes.add(
                    new Change(line.field(), Reason.of("new, with the {}", line.machineName()))));
    return changes;
  }

  /**
   * The places of its jobs, to be kept from now on: people go by them.
   *
   * @param placed where the jobs stand
   */
  public List<Pin> kept(Schedule placed) {
    return lines.stream()
        .flatMap(line -> placed.of(line.job()).stream())
        .map(p -> new Pin(p.jobId(), p.machineId(), p.start(), true))
        .toList();
  }
}
