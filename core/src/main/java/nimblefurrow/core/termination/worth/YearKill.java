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
  private static final FigureKey SEED_GRAIN = FigureKey.of("worth", "seed_cost_grain");
  private static final FigureKey SEED_VETCH_GRAIN = FigureKey.of("worth", "seed_cost_vetch_grain");
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
  double kill(ComparedMethod way, LocalDate killed, double pounds, int year) {
    return switch (way) {
      case TILLED -> OtherKill.tilled(2, figures);
      case GRAZED -> then(OtherKill.grazed(figures), killed, year);
      case HAYED -> then(cut(killed), killed, year);
      case SPRAYED, SPRAYED_TWICE, GREEN, ROLLED, ROLLED_TWICE, ROLLED_AND_SPRAYED, ROLLED_AFTER ->
          alive.stream()
              .mapToDouble(stages -> passed(way, stages, killed, pounds, year))
              .reduce(1, Math::min);
    };
  }

  /** The share of one member that dies. */
  private double kill(
      ComparedMethod way, StageForecast stages, LocalDate killed, double pounds, int year) {
    return way.asksStage()
        ? kill(way, killed, pounds, year)
        : passed(way, stages, killed, pounds, year);
  }

  private double cut(LocalDate killed) {
    return alive.stream()
        .mapToDouble(stages -> OtherKill.cut(stages, killed, figures).orElse(0.0))
        .reduce(1, Math::min);
  }

  private double passed(
      ComparedMethod way, StageForecast stages, LocalDate killed, double pounds, int year) {
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
    return way == ComparedMethod.SPRAYED_TWICE
        ? 1 - (1 - dies) * (1 - figures.of(AGAIN_KILLS))
        : dies;
  }

  private Optional<Double> rolled(
      ComparedMethod way, StageForecast stages, LocalDate day, double pounds, int year) {
    Optional<Double> first = pass(stages, day, pounds, year);
    return way == ComparedMethod.ROLLED_TWICE
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
        organic
            ? OtherKill.tilled(2, figures)
            : Math.min(1, kill(ComparedMethod.SPRAYED, day, 0, year));
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

  /** Whether half of the stems of a member are in flower on a day. */
  boolean blooms(LocalDate day, int year) {
    CoverStage there = stage(day, year);
    return there != null && there.compareTo(CoverStage.FLOWERING) >= 0;
  }

  /**
   * $/ac that seed costs: of each member the chance that it is viable on the day, as far as the
   * member lives on.
   *
   * @param grainSoon whether small grain follows within two years
   */
  double seed(ComparedMethod way, LocalDate killed, double pounds, int year, boolean grainSoon) {
    double spread = figures.of(StageForecast.STEM_SPREAD);
    double sum = 0;
    for (StageForecast stages : alive) {
      Optional<Double> viable = stages.mean(CoverStage.VIABLE_SEED);
      if (viable.isPresent()) {
        double past = (heat(stages, killed, year) - viable.get()) / spread;
        double lives = 1 - kill(way, stages, killed, pounds, year);
        sum += seedCost(stages, grainSoon) * UNIT.cumulativeProbability(past) * lives;
      }
    }
    return sum;
  }

  /** $/ac where all of a member's seed is viable and it lives on. */
  private double seedCost(StageForecast stages, boolean grainSoon) {
    boolean hard = stages.species().family() == Family.LEGUME;
    return figures.of(
        grainSoon ? hard ? SEED_VETCH_GRAIN : SEED_GRAIN : hard ? SEED_VETCH : SEED_COST);
  }
}
