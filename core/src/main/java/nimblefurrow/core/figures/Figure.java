package nimblefurrow.core.figures;

import java.util.Optional;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * One figure that a farm may change, as the data files describe it: for example the usual full rate
 * of cereal rye, 60 lb/ac, 0.5 to 300, common practice. It is not the value in force; ask {@link
 * Figures#find}.
 *
 * @param rowWords what the row is called, for example "Cereal rye"; empty for a lone figure
 * @param words what the figure is called
 * @param low least value that is taken, {@code high} the most, in {@code unit}
 * @param source where the starting value comes from
 * @param starting the starting value; empty where there is no figure, which is not 0
 */
public record Figure(
    FigureId id,
    String rowWords,
    String words,
    Unit unit,
    double low,
    double high,
    String source,
    Optional<Double> starting) {

  /**
   * The value when it is within the figure's limits.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange naming the figure and its limits
   */
  public double checked(double value) {
    return Limits.within(words, value, low, high, unit);
  }
}
