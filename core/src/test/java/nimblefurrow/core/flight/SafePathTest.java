package nimblefurrow.core.flight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class SafePathTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private static Geometry box(double x1, double y1, double x2, double y2) {
    return SHAPES.toGeometry(new Envelope(x1, x2, y1, y2));
  }

  /** A hundred metres square with a block of 40 by 40 in its middle. */
  private static final Geometry YARD = box(0, 0, 100, 100).difference(box(30, 30, 70, 70));

  @Test
  void aFreeWayIsStraight() {
    List<Coordinate> way = new SafePath(YARD).between(new Coordinate(5, 5), new Coordinate(95, 5));
    assertThat(way).hasSize(2);
    assertThat(SafePath.length(way)).isEqualTo(90);
  }

  @Test
  void aBlockedWayGoesRoundTheCornersAndNoFurther() {
    SafePath paths = new SafePath(YARD);
    List<Coordinate> way = paths.between(new Coordinate(10, 50), new Coordinate(90, 50));
    // By the corners (30, 30) and (70, 30), or the upper pair: √(20² + 20²) twice and 40 between.
    assertThat(SafePath.length(way)).isCloseTo(40 + 2 * Math.sqrt(800), within(1e-6));
    assertThat(way).hasSize(4);
  }

  @Test
  void thereAndBackIsTheSameLength() {
    SafePath paths = new SafePath(YARD);
    SplittableRandom random = new SplittableRandom(2);
    for (int i = 0; i < 200; i++) {
      Coordinate a = inYard(random);
      Coordinate b = inYard(random);
      double there = SafePath.length(paths.between(a, b));
      assertThat(SafePath.length(paths.between(b, a))).isCloseTo(there, within(1e-6));
      assertThat(there).isGreaterThanOrEqualTo(a.distance(b) - 1e-9);
      assertThat(
              YARD.buffer(0.02)
                  .covers(SHAPES.createLineString(paths.between(a, b).toArray(Coordinate[]::new))))
          .isTrue();
    }
  }

  private static Coordinate inYard(SplittableRandom random) {
    while (true) {
      Coordinate c = new Coordinate(random.nextDouble() * 100, random.nextDouble() * 100);
      if (YARD.contains(SHAPES.createPoint(c))) {
        return c;
      }
    }
  }

  @Test
  void homewardAgreesWithEachWayAskedAlone() {
    SafePath paths = new SafePath(YARD);
    Coordinate home = new Coordinate(2, 50);
    Homeward homeward = new Homeward(paths, home);
    SplittableRandom random = new SplittableRandom(9);
    for (int i = 0; i < 100; i++) {
      Coordinate a = inYard(random);
      assertThat(SafePath.length(homeward.from(a)))
          .isCloseTo(SafePath.length(paths.between(a, home)), within(1e-6));
      assertThat(homeward.to(a).get(0)).isEqualTo(home);
    }
  }

  @Test
  void whatCannotBeReachedHasNoWay() {
    Geometry apart = box(0, 0, 10, 10).union(box(50, 50, 60, 60));
    SafePath paths = new SafePath(apart);
    assertThat(paths.between(new Coordinate(5, 5), new Coordinate(55, 55))).isNull();
    assertThat(new Homeward(paths, new Coordinate(5, 5)).to(new Coordinate(55, 55))).isNull();
  }
}
