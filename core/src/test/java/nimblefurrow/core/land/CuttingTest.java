package nimblefurrow.core.land;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

class CuttingTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final Boundary FIELD = box(-97.11, -97.10, 40.40, 40.405);

  private static Boundary box(double west, double east, double south, double north) {
    return Boundary.of("f", SHAPES.toGeometry(new Envelope(west, east, south, north)));
  }

  private static LineString line(double x1, double y1, double x2, double y2) {
    return SHAPES.createLineString(
        new Coordinate[] {new Coordinate(x1, y1), new Coordinate(x2, y2)});
  }

  @Test
  void acresInAreAcresOut() {
    List<Boundary> parts = Cutting.split("f", FIELD, line(-97.107, 40.39, -97.103, 40.41));
    assertThat(parts).hasSize(2);
    assertThat(parts.stream().mapToDouble(p -> p.area().acres()).sum())
        .isCloseTo(FIELD.area().acres(), within(1e-6 * FIELD.area().acres()));
    assertThat(parts.get(0).area()).isGreaterThanOrEqualTo(parts.get(1).area());
    Boundary again = Cutting.merge("f", parts.get(0), parts.get(1));
    assertThat(again.area().acres()).isCloseTo(FIELD.area().acres(), within(0.05));
    assertThat(again.shape().getNumGeometries()).isEqualTo(1);
  }

  @Test
  void aLineThatEndsInsideCutsNothing() {
    assertThatThrownBy(
            () -> Cutting.split("Long Eighty", FIELD, line(-97.105, 40.39, -97.105, 40.402)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("does not cut “Long Eighty” in two");
  }

  @Test
  void aHoleIsTakenOutAndMayNotCrossTheEdge() {
    Geometry pond = SHAPES.toGeometry(new Envelope(-97.106, -97.105, 40.402, 40.403));
    Boundary holed = Cutting.hole("f", FIELD, (Polygon) pond);
    assertThat(holed.area().acres())
        .isCloseTo(FIELD.area().acres() - Boundary.of("p", pond).area().acres(), within(1e-6));
    Geometry across = SHAPES.toGeometry(new Envelope(-97.12, -97.105, 40.402, 40.403));
    assertThatThrownBy(() -> Cutting.hole("f", FIELD, (Polygon) across))
        .hasMessageContaining("not across its edge");
  }

  @Test
  void neighboursThatOverlapAreNotJoined() {
    assertThatThrownBy(() -> Cutting.merge("both", FIELD, box(-97.105, -97.09, 40.40, 40.405)))
        .hasMessageContaining("overlap");
  }

  @ParameterizedTest
  @ValueSource(doubles = {-55, -20, 0, 37, 44, 58})
  void theFlatMapMeasuresAsTheGlobeDoes(double latitude) {
    Geometry square = SHAPES.toGeometry(new Envelope(10, 10.01, latitude, latitude + 0.008));
    LocalPlane plane = LocalPlane.about(square);
    double acres = plane.toPlane(square).getArea() / 4046.8564224;
    assertThat(acres).isCloseTo(Boundary.of("f", square).area().acres(), within(acres * 1e-5));
    Coordinate c = new Coordinate(10.003, latitude + 0.002);
    assertThat(plane.toGlobe(plane.toPlane(c)).distance(c)).isLessThan(1e-12);
  }
}
