package nimblefurrow.core.coverage;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.LocalPlane;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;

/**
 * A field as it was sown.
 *
 * @param covered acres of the field that got seed
 * @param skipped share of the field that got none
 * @param overlapped share of the field that was passed over twice or more
 * @param outside pounds laid outside the field
 * @param actual pounds laid over acres covered
 * @param blocks the rate by blocks of about a quarter acre
 */
public record AppliedMap(
    Mass pounds,
    Area covered,
    double skipped,
    double overlapped,
    Mass outside,
    SeedRate actual,
    List<Block> blocks) {

  /** A square of ground by its middle; side in degrees each way. */
  public record Block(
      double longitude,
      double latitude,
      double wide,
      double high,
      double poundsPerAcre,
      Level level) {}

  /** How a block compares with the whole field's rate. */
  public enum Level {
    /** So little that it is bare. */
    SKIP,
    /** Lighter than is even. */
    LIGHT,
    EVEN,
    /** Heavier than is even. */
    HEAVY;

    static Level of(double rate, double whole, Figures figures) {
      double ratio = whole == 0 ? 0 : rate / whole;
      if (ratio < figures.of(SKIPPED_UNDER)) {
        return SKIP;
      }
      return ratio < figures.of(LIGHT_UNDER)
          ? LIGHT
          : ratio > figures.of(HEAVY_OVER) ? HEAVY : EVEN;
    }
  }

  private static final FigureKey SKIPPED_UNDER = FigureKey.of("coverage", "skip");
  private static final FigureKey LIGHT_UNDER = FigureKey.of("coverage", "light");
  private static final FigureKey HEAVY_OVER = FigureKey.of("coverage", "heavy");
  private static final double BLOCK_M = 32;

  /**
   * What lies where after a sowing.
   *
   * @param points readings of the machine in the order in which they were made
   */
  public static AppliedMap of(Boundary field, List<AppliedPoint> points, Figures figures) {
    LocalPlane plane = LocalPlane.about(field.shape());
    SpreadGrid ground = new SpreadGrid(plane.toPlane(field.shape()));
    new Runs(plane, ground, figures).lay(points);
    double cell = ground.cellAcres();
    double fieldCells = ground.cellsInside();
    double coveredAcres = ground.coveredInside() * cell;
    return new AppliedMap(
        Mass.ofPounds(points.stream().mapToDouble(p -> Math.max(0, p.pounds())).sum()),
        Area.ofAcres(coveredAcres),
        1 - ground.coveredInside() / fieldCells,
        ground.overlappedInside() / fieldCells,
        Mass.ofPounds(ground.poundsOutside()),
        coveredAcres == 0
            ? SeedRate.ZERO
            : SeedRate.poundsPerAcre(Math.min(1000, ground.poundsInside() / coveredAcres)),
        blocks(
            ground, plane, coveredAcres == 0 ? 0 : ground.poundsInside() / coveredAcres, figures));
  }

  private static List<Block> blocks(
      SpreadGrid ground, LocalPlane plane, double whole, Figures figures) {
    List<Block> blocks = new ArrayList<>();
    for (SpreadGrid.Patch patch : ground.patches(BLOCK_M)) {
      var low = plane.toGlobe(patch.low());
      var high = plane.toGlobe(patch.high());
      blocks.add(
          new Block(
              (low.x + high.x) / 2,
              (low.y + high.y) / 2,
              high.x - low.x,
              high.y - low.y,
              patch.poundsPerAcre(),
              Level.of(patch.poundsPerAcre(), whole, figures)));
    }
    return blocks;
  }
}
