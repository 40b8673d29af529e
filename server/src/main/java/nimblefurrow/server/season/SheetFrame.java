package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.season.SheetSpan;
import nimblefurrow.core.season.call.CallBoard;
import nimblefurrow.core.season.call.Upcoming;

/** What frames the lanes of a sheet: its days, its height, and what is to come. */
public final class SheetFrame {
  private SheetFrame() {}

  static SheetSpan span(FarmDay day, List<FieldSeasons> covers) {
    List<LocalDate> closes = covers.stream().flatMap(f -> f.now().closes().stream()).toList();
    return SheetSpan.of(day.today(), closes, day.figures());
  }

  /** The days of a field's own drawing: to the end of its cover, where that is not too far off. */
  public static SheetSpan drawn(FarmDay day, FieldSeasons field) {
    LocalDate from = span(day, List.of(field)).from();
    LocalDate to =
        Stream.concat(
                field.now().closes().stream(),
                field.now().termination().stream().flatMap(r -> r.closes().median().stream()))
            .max(Comparator.naturalOrder())
            .orElse(day.today());
    return SheetSpan.around(from, to, day.figures());
  }

  static List<SeasonView.ComingView> coming(
      FarmDay day, List<Job> jobs, Map<UUID, UUID> fieldOf, List<CallBoard.Lane> board) {
    Map<JobId, LocalDate> placed = new HashMap<>();
    for (CallBoard.Lane lane : board) {
      lane.placed().forEach((step, on) -> placed.put(new JobId(lane.key(), step), on));
    }
    return Upcoming.of(jobs, placed, day.today(), day.figures()).stream()
        .map(
            one ->
                new SeasonView.ComingView(
                    fieldOf.get(one.job().id().cover()),
                    one.job().words() + " " + one.job().field(),
                    one.day(),
                    one.placed()))
        .toList();
  }
}
