package nimblefurrow.server.catalog;

import java.util.Optional;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.platform.Maybe;

/** A figure: the farm's own value or the starting value; absent is no figure. */
record FigureView(
    String key,
    String words,
    Unit unit,
    @Maybe Double value,
    @Maybe Double startingValue,
    boolean changed) {

  static FigureView of(
      Figure figure, Optional<Double> own, Optional<Double> starting, boolean changed) {
    return new FigureView(
        figure.key(),
        figure.words(),
        figure.unit(),
        own.orElse(null),
        starting.orElse(null),
        changed);
  }
}
