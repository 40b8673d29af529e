package nimblefurrow.core.figures;

import nimblefurrow.core.quantity.Limits;

/**
 * Where a figure stands: the sheet, the row in it and the column, for example {@code new
 * FigureId("species", "cereal-rye", "rate_usual")}. It says nothing of the figure's value, and it
 * is never written as one word and taken apart again.
 *
 * @param sheet the sheet's name, for example "species"
 * @param row the row's key; of a lone figure its own name
 * @param column the column; {@link #VALUE} for a lone figure
 */
public record FigureId(String sheet, String row, String column) {
  /** The one column of sheets whose rows are single figures. */
  public static final String VALUE = "value";

  public FigureId {
    Limits.given("sheet", sheet);
    Limits.given("row", row);
    Limits.given("figure", column);
  }

  /** The place of a figure that stands by itself. */
  public static FigureId of(FigureKey key) {
    return new FigureId(key.sheet(), key.name(), VALUE);
  }
}
