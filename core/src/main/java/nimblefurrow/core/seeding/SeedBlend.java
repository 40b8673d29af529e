package nimblefurrow.core.seeding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/**
 * Bulk seed as it lies together in a hopper: how much room it takes, and whether its members stay
 * mixed.
 */
public record SeedBlend(List<Part> parts) {
  private static final FigureKey SEED_SIZE_APART = FigureKey.of("seeding", "sizes_apart");
  private static final FigureKey WEIGHT_APART = FigureKey.of("seeding", "weights_apart");

  /** One species in the hopper at its bulk rate. */
  public record Part(Species species, SeedRate bulk) {}

  public SeedBlend {
    parts = parts.stream().filter(p -> p.bulk().poundsPerAcre() > 0).toList();
    if (parts.isEmpty()) {
      throw new OutOfRange("rate", "there is no seed to load: every rate is 0");
    }
  }

  /** The blend of all members at their bulk rates; those at 0 are left out. */
  public static SeedBlend of(List<MemberRate> rates) {
    return new SeedBlend(rates.stream().map(r -> new Part(r.species(), r.bulk())).toList());
  }

  /** The same blend sown heavier or lighter: each rate times a factor above 0. */
  public SeedBlend times(double factor) {
    return new SeedBlend(
        parts.stream().map(p -> new Part(p.species(), p.bulk().times(factor))).toList());
  }

  /** Bulk seed of all members together. */
  public SeedRate rate() {
    return parts.stream().map(Part::bulk).reduce(SeedRate.ZERO, SeedRate::plus);
  }

  /** What is taken as true of its species on this farm. */
  public Figures figures() {
    return parts.get(0).species().figures();
  }

  /** Weight of a cubic foot of the blend, lb/ft³: all pounds over all the room they take. */
  public double poundsPerCubicFoot() {
    double room =
        parts.stream()
            .mapToDouble(p -> p.bulk().poundsPerAcre() / p.species().bulkPoundsPerCubicFoot())
            .sum();
    return rate().poundsPerAcre() / room;
  }

  /** Whether seed sizes differ more than 8-fold or weights by more than 40 %. */
  public boolean separates() {
    return parts.stream().anyMatch(a -> parts.stream().anyMatch(b -> apart(a, b)));
  }

  private static boolean apart(Part a, Part b) {
    Figures figures = a.species().figures();
    double sizes = a.species().seedsPerPound() / b.species().seedsPerPound();
    double weights = a.species().bulkPoundsPerCubicFoot() / b.species().bulkPoundsPerCubicFoot();
    return sizes > figures.of(SEED_SIZE_APART) || weights > 1 + figures.of(WEIGHT_APART);
  }

  /** Groups that may share a hopper: each is flown or boxed by itself. */
  public List<SeedBlend> passes() {
    List<List<Part>> groups = new ArrayList<>();
    List<Part> bySize =
        parts.stream()
            .sorted(Comparator.comparingDouble((Part p) -> p.species().seedsPerPound()))
            .toList();
    for (Part part : bySize) {
      groups.stream()
          .filter(g -> g.stream().noneMatch(o -> apart(part, o) || apart(o, part)))
          .findFirst()
          .orElseGet(
              () -> {
                List<Part> fresh = new ArrayList<>();
                groups.add(fresh);
                return fresh;
              })
          .add(part);
    }
    return groups.stream().map(SeedBlend::new).toList();
  }

  /**
   * What to say of this blend in a machine.
   *
   * @param leastMeterable lightest rate that the machine meters evenly, lb/ac; 0 when unknown
   */
  public List<Reason> cautions(SeedingMethod way, double leastMeterable) {
    Limits.within("least meterable rate", leastMeterable, 0, 200, Unit.POUND_PER_ACRE);
    List<Reason> cautions = new ArrayList<>();
    if (separates()) {
      cautions.add(
          way == SeedingMethod.DRONE
              ? Reason.of("these seeds part in a hopper: fly them in separate passes")
              : Reason.of("these seeds part in a hopper: use a separate box, or separate passes"));
    }
    if (rate().poundsPerAcre() < leastMeterable) {
      cautions.add(
          Reason.of(
              "{} is less than this machine can meter ({}): add a carrier, or take another machine",
              rate(),
              SeedRate.poundsPerAcre(leastMeterable)));
    }
    return cautions;
  }

  /** The name as spoken: members joined by "+". */
  public String name() {
    return String.join(" + ", parts.stream().map(p -> p.species().name().toLowerCase()).toList());
  }
}
