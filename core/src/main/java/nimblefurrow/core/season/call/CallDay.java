package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Outlook;

/** The day on which calls are made, and what several kinds of call ask of it. */
record CallDay(Outlook outlook) {
  private static final FigureKey CALL_GONE = FigureKey.of("season", "call_gone");

  LocalDate today() {
    return outlook.today();
  }

  Figures figures() {
    return outlook.figures();
  }

  boolean near(Optional<LocalDate> date, int days) {
    return date.filter(
            d ->
                !d.isAfter(today().plusDays(days))
                    && d.isAfter(today().minusDays(figures().whole(CALL_GONE))))
        .isPresent();
  }

  static List<LocalDate> sorted(List<LocalDate> dates) {
    return dates.stream().sorted().toList();
  }

  static List<UUID> keys(List<CallBoard.Lane> lanes) {
    return lanes.stream().map(CallBoard.Lane::key).toList();
  }
}
