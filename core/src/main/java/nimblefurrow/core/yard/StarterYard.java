package nimblefurrow.core.yard;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;

/**
 * Common machines by size with sensible figures, from which a yard is filled in minutes: a 15 ft
 * drill, a 90 ft sprayer, an airplane crew. Starting values: each is changed to the farm's own
 * machine later. Not machines of a farm.
 */
public final class StarterYard {
  private StarterYard() {}

  /**
   * A machine that is offered.
   *
   * @param code under which it is asked for, for example "drill_15"
   * @param setUp its figures, in the units in which they are kept
   * @param rate acres an hour: of width, speed and efficiency, or what is usual of hired work
   */
  public record Starter(
      String code,
      String words,
      MachineKind kind,
      boolean hired,
      WorkRate rate,
      Money costPerAcre,
      Map<SetUpFigure, Double> setUp) {}

  /** All that are offered, drills first. */
  public static List<Starter> all(Figures figures) {
    return figures.sheet("yard").rows().stream().map(StarterYard::starter).toList();
  }

  /**
   * One of them.
   *
   * @throws OutOfRange when none has the code
   */
  public static Starter of(String code, Figures figures) {
    return all(figures).stream()
        .filter(one -> one.code().equals(Limits.given("machine", code)))
        .findFirst()
        .orElseThrow(
            () -> new OutOfRange("machine", "no machine is offered as “%s”".formatted(code)));
  }

  private static Starter starter(Row row) {
    MachineKind kind =
        Arrays.stream(MachineKind.values())
            .filter(k -> k.code().equals(row.text("kind")))
            .findFirst()
            .orElseThrow();
    boolean hired = row.yes("hired");
    Map<SetUpFigure, Double> setUp = new EnumMap<>(SetUpFigure.class);
    for (SetUpSheet.Group group : SetUpSheet.of(kind, hired).groups()) {
      for (SetUpFigure figure : group.figures()) {
        row.find(figure.code()).ifPresent(value -> setUp.put(figure, value));
      }
    }
    WorkRate rate =
        row.find("acres_per_hour")
            .map(WorkRate::acresPerHour)
            .orElseGet(
                () ->
                    WorkRate.of(
                        row.number("speedMph"),
                        row.number("widthFt"),
                        Share.of(row.number("efficiency"))));
    double cost = Limits.within("price", row.number("cost_per_acre"), 0, 1000, Unit.DOLLAR);
    return new Starter(
        row.key(), row.text("words"), kind, hired, rate, Money.of(cost), Map.copyOf(setUp));
  }

  /** What a common machine of a kind does in an hour, for a farm that has none of its own. */
  public static Optional<WorkRate> usualRate(MachineKind kind, Figures figures) {
    return all(figures).stream().filter(m -> m.kind() == kind).findFirst().map(Starter::rate);
  }
}
