package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;

/**
 * The farm's next cover to be rolled, by which an eye's error is told in days.
 *
 * @param day about which its stems are counted
 */
public record PracticeField(String name, StageForecast stages, LocalDate day, Figures figures) {
  /** The field that is rolled first; else any living cover's; empty where none lives. */
  public static Optional<PracticeField> of(FarmSeason farm) {
    return farm.fields().stream()
        .filter(LivingCover::stands)
        .min(
            Comparator.comparing(
                    (FieldSeasons f) ->
                        f.now().field().cover().orElseThrow().termination()
                            != TerminationMethod.ROLL)
                .thenComparing(f -> f.now().closes().orElse(LocalDate.MAX))
                .thenComparing(f -> f.field().name()))
        .flatMap(f -> of(farm.day(), f));
  }

  private static Optional<PracticeField> of(FarmDay day, FieldSeasons f) {
    return day.composer()
        .latest(f.now().mat().orElseThrow().stand())
        .map(
            stages ->
                new PracticeField(
                    f.field().name(),
                    stages,
                    f.now().termination().flatMap(TerminationOutlook::aim).orElse(day.today()),
                    day.figures()));
  }
}
