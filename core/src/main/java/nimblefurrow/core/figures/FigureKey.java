package nimblefurrow.core.figures;

/**
 * Names a figure that stands by itself, for example {@code FigureKey.of("termination",
 * "thin_mat")}: the mat under which a roller kills less. Rules keep their keys beside the rule and
 * ask {@link Figures} for the value, so that no rule holds a number of its own.
 */
public record FigureKey(String sheet, String name) {
  /** Names a figure of a sheet of single figures: {@code FigureKey.of("work", "least_fit")}. */
  public static FigureKey of(String sheet, String name) {
    return new FigureKey(sheet, name);
  }
}
