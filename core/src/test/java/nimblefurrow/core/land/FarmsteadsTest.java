package nimblefurrow.core.land;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.weather.Site;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;

/** Where a farmstead's fields lie. */
class FarmsteadsTest {
  private static Farmsteads.Plot plot(String farmstead, double north, double east, double acres) {
    Envelope box = new Envelope(east - .002, east + .002, north - .002, north + .002);
    return new Farmsteads.Plot(
        farmstead,
        Boundary.of("Field", new GeometryFactory().toGeometry(box)),
        Area.ofAcres(acres));
  }

  @Test
  void theLargerFieldCountsMore() {
    Map<String, Site> middles =
        Farmsteads.middles(
            List.of(
                plot("Home", 40.03, -97, 80),
                plot("Home", 40.00, -97.03, 40),
                plot("Creek", 41, -96, 10),
                plot("", 45, -90, 500)));
    assertThat(middles).containsOnlyKeys("Home", "Creek");
    assertThat(middles.get("Home").latitude()).isCloseTo(40.02, within(1e-9));
    assertThat(middles.get("Home").longitude()).isCloseTo(-97.01, within(1e-9));
    assertThat(middles.get("Creek").latitude()).isCloseTo(41, within(1e-9));
  }
}
