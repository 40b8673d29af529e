package nimblefurrow.core.land;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Share;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class ZoningTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final Boundary FIELD = Boundary.of("field", box(-97.01, 40, -97, 40.0075));

  @Test
  void aDrawnZoneMeasuresWhatItIsDrawnAndAShareItsShare() {
    Zone half = drawn("West", -97.01, 40, -97.005, 40.0075);
    Zone fifth = shared("Knob", 0.2);
    List<Zone> zones = Zoning.of(FIELD, List.of(half, fifth));
    assertThat(zones.get(0).area(FIELD.area()).acres())
        .isCloseTo(FIELD.area().acres() / 2, within(0.01));
    assertThat(zones.get(1).area(Area.ofAcres(80)).acres()).isCloseTo(16, within(1e-9));
  }

  @Test
  void aHandThatStraysOverTheEdgeIsCutToTheField() {
    Zone over = drawn("West", -97.01003, 40, -97.005, 40.0075);
    Zone cut = Zoning.of(FIELD, List.of(over)).get(0);
    assertThat(cut.area(FIELD.area()).acres()).isCloseTo(FIELD.area().acres() / 2, within(0.01));
    Zone outside = drawn("West", -97.02, 40, -97.005, 40.0075);
    assertThatThrownBy(() -> Zoning.of(FIELD, List.of(outside)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("outside its field by 67 %");
  }

  @Test
  void zonesNeitherLieOnEachOtherNorShareANameNorAreMoreThanTheField() {
    Zone west = drawn("West", -97.01, 40, -97.004, 40.0075);
    Zone east = drawn("East", -97.006, 40, -97, 40.0075);
    assertThatThrownBy(() -> Zoning.of(FIELD, List.of(west, east)))
        .hasMessageContaining("“East” lies on zone “West”");
    assertThatThrownBy(() -> Zoning.of(FIELD, List.of(west, shared("west", 0.1))))
        .hasMessageContaining("already");
    assertThatThrownBy(() -> Zoning.of(FIELD, List.of(west, shared("Knob", 0.5))))
        .hasMessageContaining("more than the whole field");
    assertThatThrownBy(() -> shared("Knob", 1)).hasMessageContaining("less than 100 %");
    assertThatThrownBy(
            () ->
                new Zone(
                    " ",
                    Optional.empty(),
                    Optional.of(Share.of(0.2)),
                    Optional.empty(),
                    Optional.empty()))
        .hasMessageContaining("1 to 40 characters");
    assertThatThrownBy(
            () ->
                new Zone(
                    "X", Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()))
        .hasMessageContaining("either drawn or a share");
  }

  @Test
  void zonesCoverAFieldWhenNearlyNothingIsLeft() {
    assertThat(Zoning.covered(Area.ofAcres(80), Area.ofAcres(79.5))).isTrue();
    assertThat(Zoning.covered(Area.ofAcres(80), Area.ofAcres(70))).isFalse();
  }

  private static Zone drawn(String name, double west, double south, double east, double north) {
    return new Zone(
        name,
        Optional.of(Boundary.of(name, box(west, south, east, north))),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private static Zone shared(String name, double share) {
    return new Zone(
        name, Optional.empty(), Optional.of(Share.of(share)), Optional.empty(), Optional.empty());
  }

  private static Geometry box(double west, double south, double east, double north) {
    return SHAPES.createPolygon(
        new Coordinate[] {
          new Coordinate(west, south),
          new Coordinate(east, south),
          new Coordinate(east, north),
          new Coordinate(west, north),
          new Coordinate(west, south)
        });
  }
}
