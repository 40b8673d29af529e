package nimblefurrow.core.termination;

import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureTable;
import org.apache.commons.csv.CSVRecord;

/**
 * Share of stems that one pass of a roller-crimper kills, from how many stems have reached what. A
 * species without figures has none: "no figure", not zero.
 */
public final class RollerKill {
  private static final String[] CLASSES = {
    "vegetative", "boot", "headed", "early_flower", "flowering", "milk", "dough"
  };
  private static final double EARLY_FLOWER_BEFORE = 60;
  private static final Map<String, CSVRecord> TABLE =
      FigureTable.shipped(RollerKill.class, "roller-kill.csv").byKey();

  private RollerKill() {}

  /**
   * Kill from the shares of stems in each class, times the day's conditions.
   *
   * @param shares shares of stems: vegetative, boot, headed, early flower, flowering, milk, dough
   */
  public static Optional<Double> of(Species species, double[] shares, Conditions conditions) {
    CSVRecord row = TABLE.get(species.id());
    if (row == null) {
      return Optional.empty();
    }
    double kill = 0;
    for (int i = 0; i < CLASSES.length; i++) {
      kill += shares[i] * FigureTable.number(row, CLASSES[i]);
    }
    return Optional.of(kill * conditions.factor());
  }

  /** Shares of a field's stems by class at a heat, in the order of the table. */
  public static double[] classes(StageForecast stages, double heat) {
    double flowering = stages.mean(CoverStage.FLOWERING).orElseThrow();
    double[] starts = {
      stages.mean(CoverStage.BOOT).orElseThrow(),
      stages.mean(CoverStage.HEADING).orElseThrow(),
      flowering - EARLY_FLOWER_BEFORE,
      flowering,
      stages.mean(CoverStage.MILK).orElseThrow(),
      stages.mean(CoverStage.DOUGH).orElseThrow()
    };
    double[] shares = new double[CLASSES.length];
    double reached = 1;
    for (int i = 0; i < starts.length; i++) {
      double past = Math.min(reached, StageForecast.sharePast(heat, starts[i]));
      shares[i] = reached - past;
      reached = past;
    }
    shares[starts.length] = reached;
    return shares;
  }

  /** What is left of a kill when the pass is repeated 5–7 days later: 0.6 of that day's table. */
  public static double second(double firstKill, double secondDayTable) {
    return firstKill + (1 - firstKill) * 0.6 * secondDayTable;
  }
}
