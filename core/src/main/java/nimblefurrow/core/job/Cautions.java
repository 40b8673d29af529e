package nimblefurrow.core.job;

import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.yard.MachineKind;

/**
 * What must be said wherever a kind of work is planned or printed. The tool plans; it permits
 * nothing.
 */
public final class Cautions {
  private Cautions() {}

  /** The cautions of a kind of machine, in the order in which they are said. */
  public static List<String> of(MachineKind kind, Figures figures) {
    return figures.sheet("cautions").rows().stream()
        .filter(row -> row.text("machine").equals(kind.code()))
        .map(row -> row.text("caution"))
        .toList();
  }
}
