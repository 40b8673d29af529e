package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.figures.FigureTable;

/**
 * What must be said wherever a kind of work is planned or printed. The tool plans; it permits
 * nothing.
 */
public final class Cautions {
  private static final Map<MachineKind, List<String>> BY_KIND = load();

  private Cautions() {}

  public static List<String> of(MachineKind kind) {
    return BY_KIND.getOrDefault(kind, List.of());
  }

  private static Map<MachineKind, List<String>> load() {
    Map<MachineKind, List<String>> all = new EnumMap<>(MachineKind.class);
    FigureTable.shipped(Cautions.class, "cautions.csv")
        .rows()
        .forEach(
            row ->
                all.computeIfAbsent(MachineKind.valueOf(row.get("machine")), k -> new ArrayList<>())
                    .add(row.get("caution")));
    return all;
  }
}
