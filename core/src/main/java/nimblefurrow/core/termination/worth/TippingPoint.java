package nimblefurrow.core.termination.worth;

import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;

/**
 * What would have to be true for a way of ending to net as much as the best one: the one part that
 * has to count least differently from what is assumed. Rolling that nets $10 less, with $20 more
 * from weeds, would win if weeds counted 1.5 times as much. Not a forecast.
 *
 * @param times what the part would have to count, 1 as assumed
 */
public record TippingPoint(WorthPart part, double times) {
  private static final FigureKey MOST = FigureKey.of("worth", "turn_most");

  /** Of a way on its best day against the best way; empty where no single part can turn it. */
  public static Optional<TippingPoint> of(WorthParts other, WorthParts best, Figures figures) {
    double gap = best.net() - other.net();
    double most = figures.of(MOST);
    Optional<TippingPoint> nearest = Optional.empty();
    for (WorthPart part : WorthPart.values()) {
      double gains = part.of(other) - part.of(best);
      double times = gains == 0 ? 0 : 1 + gap / gains;
      if (gap > 0 && times >= 1 / most && times <= most) {
        TippingPoint turn = new TippingPoint(part, times);
        nearest = Optional.of(nearest.map(before -> closer(before, turn)).orElse(turn));
      }
    }
    return nearest;
  }

  private static TippingPoint closer(TippingPoint a, TippingPoint b) {
    return Math.abs(Math.log(a.times())) <= Math.abs(Math.log(b.times())) ? a : b;
  }

  /** The sentence: "if weeds counted 1.5 times as much". */
  public Reason words() {
    return Reason.of("if {} counted {} times what is assumed", part.words(), times);
  }
}
