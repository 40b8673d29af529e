package nimblefurrow.core.termination.plan;

import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;

/**
 * What a planter needs for a mat, part by part: under 3,000 lb/ac it works as in stubble; in a
 * green stand coulters and row cleaners come up. The maker's book and a look behind the row come
 * first.
 */
public final class PlanterSettings {
  private PlanterSettings() {}

  /** How the cover stands or lies when the crop is planted. */
  public enum State {
    GREEN("green"),
    ROLLED("rolled"),
    DEAD("dead");

    private final String code;

    State(String code) {
      this.code = code;
    }
  }

  /** Settings for a mat, in the order of the planter's parts. */
  public static List<PlanLine> of(double pounds, State state, Figures figures) {
    return figures.sheet("planter").rows().stream()
        .filter(row -> fits(row, pounds, state))
        .map(row -> PlanLine.of(row.text("part"), row.text("advice")))
        .toList();
  }

  private static boolean fits(Row row, double pounds, State state) {
    boolean way = row.text("state").equals("any") || row.text("state").equals(state.code);
    return way && pounds >= row.number("from") && pounds < row.number("to");
  }
}
