package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.Tillering;
import nimblefurrow.core.season.FieldSeason;

/** What a thin stand of small grain can still become by tillering until it joints. */
public final class ThinStand {
  private ThinStand() {}

  /** Stems by square foot that a count can become in the middle year; empty for other species. */
  public static Optional<Double> stems(FieldSeason season, Species species, StandCount count) {
    if (!species.smallGrain() || season.mat().isEmpty()) {
      return Optional.empty();
    }
    MatForecast mat = season.mat().get();
    LocalDate today = mat.outlook().today();
    StageForecast stages = new StageForecast(species, mat.stand(), mat.outlook());
    Optional<LocalDate> joints = stages.when(CoverStage.JOINTING).flatMap(d -> d.median());
    double left =
        joints
            .filter(today::isBefore)
            .map(
                day ->
                    mat.outlook()
                        .each(t -> t.degreeDays(HeatBase.BASE_40, today.plusDays(1), day))
                        .middle()
                        .orElse(0.0))
            .orElse(0.0);
    return Optional.of(Tillering.stems(count.perSquareFoot(), left, figures(mat)));
  }

  private static Figures figures(MatForecast mat) {
    return mat.outlook().figures();
  }

  /** The same as it is said, with how so many stems are judged. */
  public static Optional<Reason> says(FieldSeason season, Species species, StandCount count) {
    return stems(season, species, count)
        .flatMap(
            stems ->
                StandCount.marks(species, true)
                    .map(
                        marks ->
                            Reason.of(
                                switch (marks.of(stems)) {
                                  case GOOD ->
                                      "By tillering it can still become a full stand, about {}.";
                                  case FAIR -> "By tillering it can still become fair, about {}.";
                                  default -> "Tillering will not mend it: about {} at most.";
                                },
                                Measure.of(Math.round(stems), Unit.PER_SQUARE_FOOT))));
  }
}
