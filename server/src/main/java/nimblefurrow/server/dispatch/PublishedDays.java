package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.PublishedDay;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.codes.Stored;
import nimblefurrow.server.platform.codes.StoredJson;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Days of work as they were told to those who do it; what is told stays where it is. */
@Service
class PublishedDays {
  /**
   * @param on the farm's day on which it was published
   */
  record Published(PublishedDay told, LocalDate on, String by) {}

  /** A line as it is kept. */
  private record StoredLine(
      UUID subject,
      String operation,
      String field,
      String machine,
      String machineName,
      double acres)
      implements Stored {
    static StoredLine of(PublishedDay.Line line) {
      return new StoredLine(
          line.job().cover(),
          line.job().operation().code(),
          line.field(),
          line.machine(),
          line.machineName(),
          line.acres());
    }

    PublishedDay.Line line() {
      JobId job = new JobId(subject, Coded.of(Operation.class, operation).orElseThrow());
      return new PublishedDay.Line(job, field, machine, machineName, acres);
    }
  }

  private record StoredLines(List<StoredLine> lines) implements Stored {}

  private final Placements placements;
  private final JdbcClient jdbc;
  private final StoredJson json;

  PublishedDays(Placements placements, JdbcClient jdbc, StoredJson json) {
    this.placements = placements;
    this.jdbc = jdbc;
    this.json = json;
  }

  /** A day's work as a board has it now. */
  static PublishedDay now(Board board, LocalDate day) {
    return PublishedDay.of(
        board.placed(),
        day,
        job -> board.job(job).field(),
        id ->
            board.machines().stream()
                .filter(m -> m.id().toString().equals(id))
                .map(MachineView::name)
                .findFirst()
                .orElse(""));
  }

  /** A day as it was told last; empty while it was not. */
  @Transactional(readOnly = true)
  Optional<Published> of(UUID farmId, LocalDate day) {
    return jdbc.sql(
            "select published_on, by_name, lines::text from published_day where farm_id = ? and day = ?")
        .params(farmId, day)
        .query(
            (row, n) ->
                new Published(
                    new PublishedDay(
                        day,
                        json.read(row.getString(3), StoredLines.class).lines().stream()
                            .map(StoredLine::line)
                            .toList()),
                    row.getObject(1, LocalDate.class),
                    row.getString(2)))
        .optional();
  }

  /** Whether a day may still be told: it is not over. */
  static boolean ahead(Board board, LocalDate day) {
    return !day.isBefore(board.season().day().today());
  }

  /**
   * Tells a day as it stands and keeps its jobs where they are.
   *
   * @throws OutOfRange where the day is over, or nothing is placed on it
   */
  @Transactional
  void publish(UUID farmId, Board board, LocalDate day, String by) {
    LocalDate today = board.season().day().today();
    if (!ahead(board, day)) {
      throw new OutOfRange("day", "day is %s at the earliest, got %s".formatted(today, day));
    }
    PublishedDay told = now(board, day);
    if (told.lines().isEmpty()) {
      throw new OutOfRange(
          "day", "no work is placed on %s: there is nothing to tell".formatted(day));
    }
    jdbc.sql(
            "insert into published_day (farm_id, day, published_on, by_name, lines)"
                + " values (?, ?, ?, ?, ?::jsonb) on conflict (farm_id, day) do update set"
                + " published_on = excluded.published_on, by_name = excluded.by_name, lines = excluded.lines")
        .params(
            farmId,
            day,
            today,
            by,
            json.write(new StoredLines(told.lines().stream().map(StoredLine::of).toList())))
        .update();
    placements.change(
        farmId,
        "publish %s".formatted(board.season().day().units().say(day)),
        told.kept(board.placed()),
        List.of());
  }
}
