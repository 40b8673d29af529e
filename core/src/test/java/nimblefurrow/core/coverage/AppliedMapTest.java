package nimblefurrow.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.LocalPlane;
import nimblefurrow.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class AppliedMapTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final LocalPlane PLANE =
      LocalPlane.about(SHAPES.createPoint(new Coordinate(-97.1, 40.4)));
  private static final double FT = 0.3048;

  /** A field 400 m by 200 m: 19.77 acres. */
  private static final Boundary FIELD =
      Boundary.of(
          "test",
          PLANE.toGlobe(SHAPES.toGeometry(new org.locationtech.jts.geom.Envelope(0, 400, 0, 200))));

  /** Passes 10 m apart from west to east and back, 5 m a second, {@code lb} a reading. */
  private static List<AppliedPoint> passes(double[] northings, double lb) {
    List<AppliedPoint> points = new ArrayList<>();
    double seconds = 0;
    boolean east = true;
    for (double y : northings) {
      for (int i = 0; i <= 80; i++) {
        Coordinate c = PLANE.toGlobe(new Coordinate(east ? i * 5 : 400 - i * 5, y));
        points.add(new AppliedPoint(c.x, c.y, seconds++, i == 0 ? 0 : lb, Length.ofFeet(10 / FT)));
      }
      east = !east;
    }
    return points;
  }

  private static double[] every(double step) {
    return java.util.stream.IntStream.range(0, (int) (200 / step))
        .mapToDouble(i -> step / 2 + i * step)
        .toArray();
  }

  @Test
  void aFieldSownCleanly() {
    AppliedMap map = AppliedMap.of(FIELD, passes(every(10), 1), Figures.shipped());
    assertThat(map.pounds().pounds()).isEqualTo(20 * 80);
    assertThat(map.covered().acres()).isCloseTo(19.77, within(0.1));
    assertThat(map.skipped()).isLessThan(0.01);
    assertThat(map.overlapped()).isLessThan(0.01);
    assertThat(map.actual().poundsPerAcre()).isCloseTo(1600 / 19.77, within(0.6));
    assertThat(map.outside().pounds()).isLessThan(10);
    assertThat(map.blocks()).allSatisfy(b -> assertThat(b.poundsPerAcre()).isBetween(70.0, 92.0));
  }

  @Test
  void aSkippedPassShowsAsASkip() {
    double[] lines = every(10);
    double[] gap = new double[19];
    System.arraycopy(lines, 0, gap, 0, 8);
    System.arraycopy(lines, 9, gap, 8, 11);
    AppliedMap map = AppliedMap.of(FIELD, passes(gap, 1), Figures.shipped());
    assertThat(map.skipped()).isCloseTo(0.05, within(0.01));
    assertThat(map.overlapped()).isLessThan(0.01);
  }

  @Test
  void blocksAreTheFieldsRateLighterHeavierOrSkips() {
    assertThat(AppliedMap.Level.of(20, 72, Figures.shipped())).isEqualTo(AppliedMap.Level.SKIP);
    assertThat(AppliedMap.Level.of(60, 72, Figures.shipped())).isEqualTo(AppliedMap.Level.LIGHT);
    assertThat(AppliedMap.Level.of(75, 72, Figures.shipped())).isEqualTo(AppliedMap.Level.EVEN);
    assertThat(AppliedMap.Level.of(90, 72, Figures.shipped())).isEqualTo(AppliedMap.Level.HEAVY);
    assertThat(AppliedMap.Level.of(0, 0, Figures.shipped())).isEqualTo(AppliedMap.Level.SKIP);
    AppliedMap half =
        AppliedMap.of(FIELD, passes(new double[] {5, 15, 25, 35, 45}, 1), Figures.shipped());
    assertThat(half.blocks())
        .as("the north of the field got nothing")
        .anyMatch(b -> b.level() == AppliedMap.Level.SKIP)
        .anyMatch(b -> b.level() == AppliedMap.Level.EVEN);
  }

  @Test
  void passesTooCloseOverlap() {
    // 25 passes 8 m apart with a 10 m swath: 24 seams of 2 m.
    AppliedMap map = AppliedMap.of(FIELD, passes(every(8), 1), Figures.shipped());
    assertThat(map.overlapped()).isCloseTo(48 / 200.0, within(0.03));
    assertThat(map.skipped()).isLessThan(0.01);
  }

  @Test
  void seedBeyondTheFenceIsCountedApart() {
    AppliedMap map = AppliedMap.of(FIELD, passes(new double[] {-40, 5, 15}, 1), Figures.shipped());
    assertThat(map.outside().pounds()).isCloseTo(80, within(1.0));
    assertThat(map.pounds().pounds()).isEqualTo(240);
  }

  @Test
  void aMachineThatStandsOrLosesItsPlaceDrawsNoLine() {
    List<AppliedPoint> points = new ArrayList<>(passes(new double[] {5}, 1));
    Coordinate far = PLANE.toGlobe(new Coordinate(10, 195));
    points.add(new AppliedPoint(far.x, far.y, 500, 1, Length.ofFeet(10 / FT)));
    AppliedMap map = AppliedMap.of(FIELD, points, Figures.shipped());
    assertThat(map.covered().acres())
        .as("one pass of 400 m by 10 m, no stripe across to the lost point")
        .isCloseTo(0.988, within(0.03));
  }
}
