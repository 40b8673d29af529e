package nimblefurrow.core.calibration;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/**
 * The first acres checked: pounds used over acres covered, against what the setting should have
 * laid.
 */
public record FieldCheck(SeedRate expected, Mass used, Area covered) {
  public FieldCheck {
    Limits.positive("expected rate", expected.poundsPerAcre(), 1000, Unit.POUND_PER_ACRE);
    Limits.positive("pounds used", used.pounds(), 1e6, Unit.POUND);
    Limits.positive("acres covered", covered.acres(), 1e5, Unit.ACRE);
  }

  /**
   * What went on the covered land: pounds used over acres. Example: 4,500 lb on 60 ac are 75 lb/ac.
   */
  public SeedRate actual() {
    return SeedRate.used(used, covered);
  }

  /** Laid over expected: 1.08 means 8 % too much. */
  public double ratio() {
    return actual().poundsPerAcre() / expected.poundsPerAcre();
  }

  /**
   * The correction of a machine with a seed lot, from all checks so far: pounds laid over pounds
   * expected, so that a check over many acres counts for more. Divide the target by it to find what
   * to set for. Empty without a check.
   */
  public static Optional<Double> running(List<FieldCheck> checks) {
    double laid = checks.stream().mapToDouble(c -> c.used().pounds()).sum();
    double meant = checks.stream().mapToDouble(c -> c.expected().over(c.covered()).pounds()).sum();
    return checks.isEmpty() ? Optional.empty() : Optional.of(laid / meant);
  }
}
