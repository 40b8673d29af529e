package nimblefurrow.core.figures;

import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;

/**
 * Names a figure that stands by itself, for example {@code FigureKey.of("termination",
 * "thin_mat")}: the mat under which a roller kills less. Rules keep their keys beside the rule and
 * ask {@link Figures} for the value, so that no rule holds a number of its own.
 *
 * <p>There is one key of a name, so that asking for a figure compares no words: rules ask in their
 * innermost loops. Not for names that people type, which would be kept for good: see {@link
 * FigureId}.
 */
public final class FigureKey {
  private static final ConcurrentMap<String, FigureKey> ALL = new ConcurrentHashMap<>();

  private final String sheet;
  private final String name;

  private FigureKey(String sheet, String name) {
    this.sheet = sheet;
    this.name = name;
  }

  /** Names a figure of a sheet of single figures: {@code FigureKey.of("work", "least_fit")}. */
  public static FigureKey of(String sheet, String name) {
    return ALL.computeIfAbsent(sheet + " " + name, both -> new FigureKey(sheet, name));
  }

  /** The sheet that it stands in. */
  public String sheet() {
    return sheet;
  }

  /** Its own name there. */
  public String name() {
    return name;
  }

  @Override
  public String toString() {
    return name + " of " + sheet;
  }
}
