package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.journal.RutsRead;
import nimblefurrow.core.journal.Story;
import nimblefurrow.server.season.FieldSeasons;

/** A place in a field where something was noted. */
record NotedSpot(double longitude, double latitude, LocalDate on) {
  /** Where ruts were read in a field, each with its day. */
  static List<NotedSpot> ruts(FieldSeasons field) {
    return Story.of(field.entries()).all(RutsRead.class).stream()
        .flatMap(
            ruts ->
                ruts.fact().readings().where().stream()
                    .filter(s -> s.latitude().isPresent() && s.longitude().isPresent())
                    .map(s -> new NotedSpot(s.longitude().get(), s.latitude().get(), ruts.day())))
        .toList();
  }
}
