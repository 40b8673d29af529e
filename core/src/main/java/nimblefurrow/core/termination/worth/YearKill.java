package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.termination.kill.Conditions;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.termination.kill.RollerKill;
import nimblefurrow.core.weather.Outlook;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * What a way of ending kills of a cover on a day in one climate year, and whether its seed is
 * viable by then: each year's field strays in its stages as fields do.
 */
final class YearKill {
  private static final FigureKey SEED_COST = FigureKey.of("worth", "seed_cost");
  private static final FigureKey SEED_VETCH = FigureKey.of("worth", "seed_cost_vetch");
  private static final FigureKey REDUCED_WORKS = FigureKey.of("worth", "reduced_works");
  private static final FigureKey TILLED_KILLS = FigureKey.of("worth", "tilled_kills");
  private static final FigureKey THIN_MAT = FigureKey.of("termination", "thin_mat");
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  private final MatForecast mat;
  private final Outlook outlook;
  private final Figures figures;
  private final List<StageForecast> alive = new ArrayList<>();

  YearKill(MatForecast mat) {
    this.mat = mat;
    this.outlook = mat.outlook();
    this.figures = outlook.figures();
    for (Species species : mat.stand().mix().winterHardy()) {
      StageForecast stages = new StageForecast(species, mat.stand(), outlook);
      if (stages.mean(CoverStage.FLOWERING).isPresent()) {
        alive.add(stages);
      }
    }
  }

  /** Whether anything lives in spring. */
  boolean any() {
    return !alive.isEmpty();
  }

  /** Heat as the year's field has it: the more it strays, the later its stages. */
  private double heat(StageForecast stages, LocalDate date, int year) {
    double heat = outlook.traces().get(year).degreeDays(HeatBase.BASE_40, stages.start(), date);
    double sd = stages.belief().sdOf(heat, figures);
    return heat - sd * Draw.stages(year + 1);
  }

  /** The share that dies of the hardest member; a member without a figure dies like the others. */
  double kill(EndWay way, LocalDate killed, double pounds, int year) {
    if (way == EndWay.TILLED) {
      return figures.of(TILLED_KILLS);
    }
    double least = 1;
    for (StageForecast stages : alive) {
      double heat = heat(stages, killed, year);
      Optional<Double> rolled =
          way.rolls()
              ? RollerKill.of(
                  stages.species(),
                  RollerKill.classes(stages, heat),
                  Conditions.GOOD
                      .withThinMat(pounds < figures.of(THIN_MAT))
                      .withRuts(mat.stand().seen().rutted()))
              : Optional.empty();
      Optional<Double> sprayed =
          way.herbicide()
              ? HerbicideKill.of(stages.species()).map(h -> h.kill(pastSize(h, stages, heat)))
              : Optional.empty();
      double dies =
          rolled.isPresent() && sprayed.isPresent()
              ? 1 - (1 - rolled.get()) * (1 - sprayed.get() * figures.of(REDUCED_WORKS))
              : rolled.or(() -> sprayed).orElse(1.0);
      least = Math.min(least, dies);
    }
    return least;
  }

  private static double pastSize(HerbicideKill h, StageForecast stages, double heat) {
    return h.until().flatMap(stages::mean).map(mean -> stages.sharePast(heat, mean)).orElse(0.0);
  }

  /** Chance that seed was viable on a day. */
  double seedChance(LocalDate killed, int year) {
    double spread = figures.of(StageForecast.STEM_SPREAD);
    double most = 0;
    for (StageForecast stages : alive) {
      Optional<Double> viable = stages.mean(CoverStage.VIABLE_SEED);
      if (viable.isPresent()) {
        double past = (heat(stages, killed, year) - viable.get()) / spread;
        most = Math.max(most, UNIT.cumulativeProbability(past));
      }
    }
    return most;
  }

  /** $/ac where seed was viable. */
  double seedCost() {
    boolean legume = alive.stream().anyMatch(s -> s.species().family() == Family.LEGUME);
    return figures.of(legume ? SEED_VETCH : SEED_COST);
  }
}
