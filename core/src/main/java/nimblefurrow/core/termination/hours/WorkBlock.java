package nimblefurrow.core.termination.hours;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.WorkRate;

/**
 * A block of hours with what a machine gets done in it: six hours of a roller that does 12 ac/h are
 * 72 ac, all of a field of 64 ac. Not a job on the board: the machine may be elsewhere.
 *
 * @param acres that fit, the field's own at most
 */
public record WorkBlock(HourBlock block, Area acres) {
  /** Blocks with their acres, in their order. */
  public static List<WorkBlock> of(List<HourBlock> blocks, WorkRate rate, Area field) {
    return blocks.stream()
        .map(
            b ->
                new WorkBlock(
                    b, Area.ofAcres(Math.min(field.acres(), b.hours() * rate.acresPerHour()))))
        .toList();
  }

  /**
   * The block in which most of a field is likely to get done; of two alike the earlier one. Empty
   * where there is none.
   */
  public static Optional<WorkBlock> best(List<WorkBlock> blocks) {
    return blocks.stream()
        .max(
            Comparator.comparingDouble(WorkBlock::expected)
                .thenComparing(b -> b.block().start(), Comparator.reverseOrder()));
  }

  private double expected() {
    return acres.acres() * block.chance().fraction();
  }
}
