package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.termination.kill.Conditions;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.termination.kill.OtherKill;
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
  private static final FigureKey AGAIN_KILLS = FigureKey.of("worth", "rescue_kills");
  private static final FigureKey SECOND_FROM = FigureKey.of("termination", "second_pass_from");
  private static final FigureKey THIN_MAT = FigureKey.of("termination", "thin_mat");
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);

  private final MatForecast mat;
  private final boolean organic;
  private final Outlook outlook;
  private final Figures figures;
  private final List<StageForecast> alive = new ArrayList<>();

  YearKill(MatForecast mat, boolean organic) {
    this.mat = mat;
    this.organic = organic;
    this.outlook = mat.outlook();
    this.figures = outlook.figures();
    for (StageForecast stages : StageForecast.alive(mat.stand(), outlook)) {
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
      return OtherKill.tilled(2, figures);
    }
    if (way == EndWay.GRAZED) {
      return then(OtherKill.grazed(figures), killed, year);
    }
    if (way == EndWay.HAYED) {
      double cut = 1;
      for (StageForecast stages : alive) {
        cut = Math.min(cut, OtherKill.cut(stages, killed, figures).orElse(0.0));
      }
      return then(cut, killed, year);
    }
    double least = 1;
    for (StageForecast stages : alive) {
      double heat = heat(stages, killed, year);
      Optional<Double> rolled =
          way.rolls() ? rolled(way, stages, killed, pounds, year) : Optional.empty();
      Optional<Double> sprayed =
          way.herbicide()
              ? HerbicideKill.of(stages.species()).map(h -> h.kill(pastSize(h, stages, heat)))
              : Optional.empty();
      double dies =
          rolled.isPresent() && sprayed.isPresent()
              ? HerbicideKill.beside(rolled.get(), sprayed.get(), figures)
              : rolled.or(() -> sprayed).orElse(1.0);
      double twice =
          way == EndWay.SPRAYED_TWICE ? 1 - (1 - dies) * (1 - figures.of(AGAIN_KILLS)) : dies;
      least = Math.min(least, twice);
    }
    return least;
  }

  private Optional<Double> rolled(
      EndWay way, StageForecast stages, LocalDate day, double pounds, int year) {
    Optional<Double> first = pass(stages, day, pounds, year);
    return way == EndWay.ROLLED_TWICE
        ? first.flatMap(
            k ->
                pass(stages, day.plusDays(figures.whole(SECOND_FROM)), pounds, year)
                    .map(later -> RollerKill.second(k, later, figures)))
        : first;
  }

  private Optional<Double> pass(StageForecast stages, LocalDate day, double pounds, int year) {
    return RollerKill.of(
        stages.species(),
        RollerKill.classes(stages, heat(stages, day, year)),
        Conditions.GOOD
            .withThinMat(pounds < figures.of(THIN_MAT))
            .withRuts(mat.stand().seen().rutted()));
  }

  /** What grows again is sprayed before planting, on organic ground tilled in. */
  private double then(double first, LocalDate day, int year) {
    double rest =
        organic ? OtherKill.tilled(2, figures) : Math.min(1, kill(EndWay.SPRAYED, day, 0, year));
    return 1 - (1 - first) * (1 - rest);
  }

  /** The stage that half of the furthest member's stems have reached; null: leafy. */
  CoverStage stage(LocalDate day, int year) {
    CoverStage furthest = null;
    for (StageForecast stages : alive) {
      double heat = heat(stages, day, year);
      for (CoverStage stage : CoverStage.values()) {
        boolean there = stages.mean(stage).map(mean -> heat >= mean).orElse(false);
        furthest = there && (furthest == null || stage.compareTo(furthest) > 0) ? stage : furthest;
      }
    }
    return furthest;
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
