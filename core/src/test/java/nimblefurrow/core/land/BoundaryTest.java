package nimblefurrow.core.land;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;

class BoundaryTest {
  /** A quad of the ellipsoid between two parallels and meridians, by the closed formula. */
  private static double quadAcres(double west, double east, double south, double north) {
    double b = 6_356_752.314245;
    double e = 0.0818191908426215;
    double area = b * b / 2 * Math.toRadians(east - west) * (zone(north, e) - zone(south, e));
    return area / 4046.8564224;
  }

  private static double zone(double latitude, double e) {
    double s = Math.sin(Math.toRadians(latitude));
    return s / (1 - e * e * s * s) + Math.log((1 + e * s) / (1 - e * s)) / (2 * e);
  }

  @Test
  void aSmallQuadMeasuresAsTheClosedFormulaSays() throws ParseException {
    double expected = quadAcres(-97.01, -97.00, 40.00, 40.0075);
    Boundary field =
        Boundary.of(
            "Home", wkt("POLYGON((-97.01 40,-97 40,-97 40.0075,-97.01 40.0075,-97.01 40))"));
    assertThat(field.area().acres()).isCloseTo(expected, within(expected * 1e-5));
  }

  @Test
  void aHoleIsNotField() throws ParseException {
    String outer = "(-97.01 40,-97 40,-97 40.0075,-97.01 40.0075,-97.01 40)";
    String hole = "(-97.006 40.003,-97.004 40.003,-97.004 40.004,-97.006 40.004,-97.006 40.003)";
    double whole = Boundary.of("a", wkt("POLYGON(" + outer + ")")).area().acres();
    double less = Boundary.of("b", wkt("POLYGON(" + outer + "," + hole + ")")).area().acres();
    assertThat(whole - less).isCloseTo(quadAcres(-97.006, -97.004, 40.003, 40.004), within(0.001));
  }

  @Test
  void directionOfTheOutlineDoesNotMatter() throws ParseException {
    double one =
        Boundary.of("a", wkt("POLYGON((0 40,0.01 40,0.01 40.01,0 40.01,0 40))")).area().acres();
    double other =
        Boundary.of("a", wkt("POLYGON((0 40,0 40.01,0.01 40.01,0.01 40,0 40))")).area().acres();
    assertThat(one).isCloseTo(other, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "POLYGON((0 40,0.01 40.01,0.01 40,0 40.01,0 40))|crosses itself",
        "POLYGON((0 40,0 40.01,0 40,0 40))|of “Bad”",
        "POLYGON((0 40,0.00001 40,0.00001 40.00001,0 40))|0.05 ac",
        "POLYGON((0 95,0.01 95,0.01 95.01,0 95))|latitude",
        "LINESTRING(0 40,0.01 40)|not an area",
        "POLYGON((0 40,9 40,9 45,0 45,0 40))|of the globe"
      })
  void unfitBoundariesAreRefusedByName(String wkt, String why) {
    assertThatThrownBy(() -> Boundary.of("Bad", wkt(wkt)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("“Bad”")
        .hasMessageContaining(why);
  }

  private static Geometry wkt(String text) throws ParseException {
    return new WKTReader().read(text);
  }
}
