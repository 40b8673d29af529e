package nimblefurrow.core.termination.kill;

import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;

/**
 * Share of stems that one pass of a roller-crimper kills, from how many stems have reached what. A
 * species without figures has none: "no figure", not zero.
 */
public final class RollerKill {
  private static final FigureKey SECOND_PASS = FigureKey.of("termination", "second_pass");
  private static final String[] CLASSES = {
    "vegetative", "boot", "headed", "early_flower", "flowering", "milk", "dough"
  };
  private static final FigureKey EARLY_FLOWER_BEFORE =
      FigureKey.of("termination", "early_flower_before");

  private RollerKill() {}

  /**
   * Kill from the shares of stems in each class, times the day's conditions.
   *
   * @param shares shares of stems: vegetative, boot, headed, early flower, flowering, milk, dough
   */
  public static Optional<Double> of(Species species, double[] shares, Conditions conditions) {
    Optional<Row> row = species.figures().sheet("roller-kill").find(species.id());
    if (row.isEmpty()) {
      return Optional.empty();
    }
    double kill = 0;
    for (int i = 0; i < CLASSES.length; i++) {
      kill += shares[i] * row.get().number(CLASSES[i]);
    }
    double shift = species.figures().of(LearntKill.ROLLED);
    return Optional.of(LearntKill.moved(kill * conditions.factor(species.figures()), shift));
  }

  /** Shares of a field's stems by class at a heat, in the order of the table. */
  public static double[] classes(StageForecast stages, double heat) {
    double flowering = stages.mean(CoverStage.FLOWERING).orElseThrow();
    double[] starts = {
      stages.mean(CoverStage.BOOT).orElseThrow(),
      stages.mean(CoverStage.HEADING).orElseThrow(),
      flowering - stages.species().figures().of(EARLY_FLOWER_BEFORE),
      flowering,
      stages.mean(CoverStage.MILK).orElseThrow(),
      stages.mean(CoverStage.DOUGH).orElseThrow()
    };
    double[] shares = new double[CLASSES.length];
    double reached = 1;
    for (int i = 0; i < starts.length; i++) {
      double past = Math.min(reached, stages.sharePast(heat, starts[i]));
      shares[i] = reached - past;
      reached = past;
    }
    shares[starts.length] = reached;
    return shares;
  }

  /** What is left of a kill when the pass is repeated 5–7 days later: 0.6 of that day's table. */
  public static double second(double firstKill, double secondDayTable, Figures figures) {
    return firstKill + (1 - firstKill) * figures.of(SECOND_PASS) * secondDayTable;
  }
}
