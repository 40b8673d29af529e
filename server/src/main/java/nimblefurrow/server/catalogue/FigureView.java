package nimblefurrow.server.catalogue;

import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.platform.web.Maybe;

/** A figure: the farm's own value or the starting value; absent is no figure. */
record FigureView(
    String sheet,
    String row,
    String column,
    String rowWords,
    String words,
    Unit unit,
    @Maybe Double value,
    @Maybe Double startingValue,
    double low,
    double high,
    String source,
    boolean changed) {

  static FigureView of(Figure figure, Figures own) {
    return new FigureView(
        figure.id().sheet(),
        figure.id().row(),
        figure.id().column(),
        figure.rowWords(),
        figure.words(),
        figure.unit(),
        own.find(figure.id()).orElse(null),
        figure.starting().orElse(null),
        figure.low(),
        figure.high(),
        figure.source(),
        own.changes().containsKey(figure.id()));
  }
}
