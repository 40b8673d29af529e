package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.season.CallBoard;
import nimblefurrow.core.season.SheetSpan;
import nimblefurrow.core.season.Upcoming;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;

/** What frames the lanes of a sheet: its days, its height, and what is to come. */
final class SheetFrame {
  private SheetFrame() {}

  static SheetSpan span(FarmDay day, List<FieldSeasons> covers) {
    List<LocalDate> closes = covers.stream().flatMap(f -> f.now().closes().stream()).toList();
    return SheetSpan.of(day.today(), closes, day.figures());
  }

  static int heaviest(List<FieldSeasons> covers) {
    return (int)
        Math.ceil(
            covers.stream()
                .flatMap(f -> f.now().ridge().stream())
                .mapToDouble(p -> p.pounds().high())
                .max()
                .orElse(0));
  }

  static List<SeasonView.ComingView> coming(
      FarmDay day, List<Job> jobs, Map<UUID, UUID> fieldOf, List<CallBoard.Lane> board) {
    Set<JobId> placed =
        board.stream()
            .flatMap(l -> l.placed().keySet().stream().map(o -> new JobId(l.key(), o)))
            .collect(Collectors.toSet());
    return Upcoming.of(jobs, placed, day.today(), day.figures()).stream()
        .map(
            one ->
                new SeasonView.ComingView(
                    fieldOf.get(one.job().id().cover()),
                    one.job().words() + " " + one.job().field(),
                    one.opens()))
        .toList();
  }
}
