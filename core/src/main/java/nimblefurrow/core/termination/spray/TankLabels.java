package nimblefurrow.core.termination.spray;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * The labels of what goes out together in one tank: the strictest binds, and nothing is told while
 * one is not read. A product of 6 h without rain with one of 1 h wants 6 h. Not how they work
 * together: see {@link SprayPlan}.
 *
 * @param labels one at least
 */
public record TankLabels(List<Label> labels) {
  /**
   * @throws OutOfRange when there is none
   */
  public TankLabels {
    labels = List.copyOf(labels);
    if (labels.isEmpty()) {
      throw new OutOfRange("products", "a spray has one product at least");
    }
  }

  /** Hours without rain that all of them want, 0–72; empty while a label is not read. */
  public Optional<Double> rainFreeHours() {
    return longest(Label::rainFreeHours);
  }

  /** Hours until the field may be entered, 0–240; empty while a label is not read. */
  public Optional<Integer> reEntryHours() {
    return longest(Label::reEntryHours);
  }

  /** The widest strip that a label that was read keeps from water, bees, houses; none: 0 ft. */
  public Length buffer() {
    return Length.ofFeet(
        labels.stream()
            .flatMap(label -> label.bufferFt().stream())
            .mapToDouble(feet -> feet)
            .max()
            .orElse(0));
  }

  private <T extends Comparable<T>> Optional<T> longest(Function<Label, Optional<T>> figure) {
    List<Optional<T>> read = labels.stream().map(figure).toList();
    return read.stream().anyMatch(Optional::isEmpty)
        ? Optional.empty()
        : read.stream().flatMap(Optional::stream).max(T::compareTo);
  }
}
