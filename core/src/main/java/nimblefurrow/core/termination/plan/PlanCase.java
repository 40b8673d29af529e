package nimblefurrow.core.termination.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationDate;

/**
 * A cover that is to be ended on a day, with the ground and the machine.
 *
 * @param ended day on which it is meant to be ended
 * @param ground with the cover living on it
 * @param wide width of the roller; empty where the farm has none
 * @param runs how the planter's passes lie, such as "north and south"; empty without a boundary
 * @param terminationDates days that insurers and programmes set
 */
public record PlanCase(
    MatForecast mat,
    NextCrop next,
    LocalDate ended,
    FitDays fit,
    Footing ground,
    Optional<Length> wide,
    Optional<String> runs,
    List<TerminationDate> terminationDates) {
  private static final FigureKey WET = FigureKey.of("worth", "stand_wet_water");

  Figures figures() {
    return mat.outlook().figures();
  }

  /** The members that live in spring. */
  List<StageForecast> alive() {
    return StageForecast.alive(mat.stand(), mat.outlook());
  }

  double pounds() {
    return mat.on(ended).middle();
  }

  boolean grass() {
    return alive().stream().anyMatch(s -> s.species().family() == Family.GRASS);
  }

  /** The lowest member's height; empty where none is alive. */
  Optional<Length> height() {
    return alive().stream()
        .map(s -> CoverHeight.on(s, mat, ended))
        .min(Comparator.comparingDouble(Length::inches));
  }

  /** Chance that the ground is wet for planting on a day. */
  Share wet(LocalDate day) {
    double limit = figures().of(WET);
    return fit.topsoil(ground, day).chance(water -> water > limit);
  }
}
