package nimblefurrow.core.flight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.LocalPlane;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

class FlightPlannerTest {
  private static final GeometryFactory SHAPES = new GeometryFactory();
  private static final double FT = 0.3048;
  private static final LocalPlane PLANE =
      LocalPlane.about(SHAPES.createPoint(new Coordinate(-97.1, 40.4)));

  /** A polygon by feet east and north of a point at 40.4°N. */
  static Polygon feet(double... xy) {
    Coordinate[] c = new Coordinate[xy.length / 2 + 1];
    for (int i = 0; i < xy.length / 2; i++) {
      c[i] = new Coordinate(xy[2 * i] * FT, xy[2 * i + 1] * FT);
    }
    c[xy.length / 2] = c[0].copy();
    return (Polygon) PLANE.toGlobe(SHAPES.createPolygon(c));
  }

  private static Geometry line(double... xy) {
    Coordinate[] c = new Coordinate[xy.length / 2];
    for (int i = 0; i < c.length; i++) {
      c[i] = new Coordinate(xy[2 * i] * FT, xy[2 * i + 1] * FT);
    }
    return PLANE.toGlobe(SHAPES.createLineString(c));
  }

  private static Coordinate at(double x, double y) {
    return PLANE.toGlobe(new Coordinate(x * FT, y * FT));
  }

  static final Polygon QUARTER = feet(0, 0, 2640, 0, 2640, 2640, 0, 2640);
  static final Polygon BENT =
      feet(0, 0, 2000, 150, 2100, 900, 1200, 1000, 1250, 1900, 300, 1700, 500, 800, -100, 700);

  private static FlightJob job(
      Geometry field, List<Hazard> hazards, Coordinate home, Double bearing) {
    return new FlightJob(
        Boundary.of("test", field),
        hazards,
        home,
        Length.ofFeet(30),
        Length.ofFeet(0),
        Optional.ofNullable(bearing),
        SeedRate.poundsPerAcre(90),
        Mass.ofPounds(88),
        Speed.feetPerSecond(20),
        Duration.ofSeconds(4),
        Duration.ofMinutes(9));
  }

  private static Hazard hazard(MarkKind kind, Geometry shape) {
    return new Hazard(kind, "", shape, kind.keepAway(Figures.shipped()));
  }

  static List<FlightJob> jobs() {
    Hazard wire = hazard(MarkKind.WIRE, line(-300, 500, 3000, 620));
    Hazard house =
        hazard(
            MarkKind.HOUSE, PLANE.toGlobe(SHAPES.createPoint(new Coordinate(400 * FT, 300 * FT))));
    Hazard pond = hazard(MarkKind.OPEN_WATER, feet(1300, 200, 1500, 220, 1480, 420, 1310, 380));
    Geometry turned = AffineTransformation.rotationInstance(0.6, -97.1, 40.4).transform(BENT);
    return List.of(
        job(QUARTER, List.of(), at(-60, -60), null),
        job(QUARTER, List.of(house, pond), at(1320, -80), null),
        job(QUARTER, List.of(wire), at(-200, 1400), null),
        job(BENT, List.of(), at(-150, 300), null),
        job(BENT, List.of(pond, house), at(1700, 1200), 37.0),
        job(turned, List.of(), at(0, -500), null));
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void poundsSpreadOverTheFieldAreThePlannedOnes(FlightJob job) {
    FlightPlan plan = FlightPlanner.plan(job);
    double planned = 90 * plan.flown().acres();
    assertThat(plan.pounds().pounds()).isCloseTo(planned, within(planned * 0.001));
    Geometry field = PLANE.toPlane(job.field().shape());
    assertThat(strewn(plan, field))
        .as("strewn grain by grain over the field")
        .isCloseTo(planned, within(planned * 0.01));
    double kept = plan.flown().acres() + plan.leftOut().acres();
    assertThat(kept).isCloseTo(job.field().area().acres(), within(0.02 * kept));
  }

  /** Throws each foot's seed across the lines' spacing by chance and counts what falls in. */
  private static double strewn(FlightPlan plan, Geometry field) {
    var locator = new org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator(field);
    SplittableRandom random = new SplittableRandom(1);
    double pounds = 0;
    double half = plan.apart().feet() / 2 * FT;
    for (FlightPlan.Flight flight : plan.flights()) {
      for (FlightPlan.Leg leg : flight.legs()) {
        if (leg.spreading()) {
          Coordinate a = PLANE.toPlane(leg.points().get(0));
          Coordinate b = PLANE.toPlane(leg.points().get(1));
          int grains = (int) Math.ceil(leg.length().feet() / 2);
          double ux = (b.x - a.x) / a.distance(b);
          double uy = (b.y - a.y) / a.distance(b);
          for (int i = 0; i < grains; i++) {
            double s = (i + random.nextDouble()) / grains * a.distance(b);
            double t = (random.nextDouble() * 2 - 1) * half;
            Coordinate fell = new Coordinate(a.x + ux * s - uy * t, a.y + uy * s + ux * t);
            boolean in = locator.locate(fell) != org.locationtech.jts.geom.Location.EXTERIOR;
            pounds += in ? leg.length().feet() * plan.poundsPerFoot() / grains : 0;
          }
        }
      }
    }
    return pounds;
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void noSeedOutsideAndNoHazardOverflown(FlightJob job) {
    FlightPlan plan = FlightPlanner.plan(job);
    Geometry field = PLANE.toPlane(job.field().shape()).buffer(0.05);
    List<Geometry> buffers = new ArrayList<>();
    for (Hazard hazard : job.hazards()) {
      buffers.add(PLANE.toPlane(hazard.shape()).buffer(hazard.keepAway().metres()));
    }
    for (FlightPlan.Flight flight : plan.flights()) {
      Coordinate before = null;
      for (FlightPlan.Leg leg : flight.legs()) {
        Coordinate[] c = leg.points().stream().map(PLANE::toPlane).toArray(Coordinate[]::new);
        if (before != null) {
          assertThat(c[0].distance(before)).as("legs hang together").isLessThan(0.01);
        }
        before = c[c.length - 1];
        Geometry flown = SHAPES.createLineString(c);
        if (leg.spreading()) {
          assertThat(field.covers(flown)).as("spreads inside the field").isTrue();
        }
        for (Geometry buffer : buffers) {
          assertThat(buffer.intersects(flown))
              .as("keeps clear of the hazard: %s near %s", flown, leg.spreading())
              .isFalse();
        }
      }
      assertThat(before.distance(PLANE.toPlane(job.home()))).as("comes home").isLessThan(0.01);
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void noFlightCarriesMoreThanItsLoadOrOutlastsItsBattery(FlightJob job) {
    FlightPlan plan = FlightPlanner.plan(job);
    for (FlightPlan.Flight flight : plan.flights()) {
      assertThat(flight.pounds().pounds()).isLessThanOrEqualTo(88 + 1e-6).isPositive();
      assertThat(Durations.inMinutes(flight.time())).isLessThanOrEqualTo(9 + 1e-6);
    }
    double least = Math.ceil(plan.pounds().pounds() / 88 - 1e-9);
    assertThat((double) plan.flights().size()).isGreaterThanOrEqualTo(least);
  }

  /** A full hopper outlasts the battery: every flight turns home in time, and some only just. */
  @Test
  void whereTheBatteryBindsTheWayHomeIsKeptBack() {
    FlightJob heavy =
        new FlightJob(
            Boundary.of("test", QUARTER),
            List.of(),
            at(-600, 1300),
            Length.ofFeet(30),
            Length.ofFeet(0),
            Optional.of(0.0),
            SeedRate.poundsPerAcre(20),
            Mass.ofPounds(900),
            Speed.feetPerSecond(20),
            Duration.ofSeconds(4),
            Duration.ofMinutes(7));
    FlightPlan plan = FlightPlanner.plan(heavy);
    double longest = 0;
    for (FlightPlan.Flight flight : plan.flights()) {
      double feet = flight.legs().stream().mapToDouble(l -> l.length().feet()).sum();
      assertThat(Durations.inMinutes(flight.time())).isGreaterThanOrEqualTo(feet / 20 / 60 - 1e-6);
      assertThat(Durations.inMinutes(flight.time())).isLessThanOrEqualTo(7 + 1e-6);
      assertThat(flight.pounds().pounds()).isLessThan(900);
      List<Coordinate> last = flight.legs().get(flight.legs().size() - 1).points();
      assertThat(last.get(last.size() - 1).distance(heavy.home())).isLessThan(1e-6);
      longest = Math.max(longest, Durations.inMinutes(flight.time()));
    }
    assertThat(longest).as("the battery is what binds").isGreaterThan(6.9);
    double inTheAir = plan.flights().stream().mapToDouble(f -> Durations.inMinutes(f.time())).sum();
    assertThat(Durations.inMinutes(plan.airborne())).isCloseTo(inTheAir, within(1e-9));
    assertThat(Durations.inHours(plan.withRefills(Duration.ofMinutes(3))))
        .as("a refill between two flights, none after the last")
        .isCloseTo((inTheAir + 3 * (plan.flights().size() - 1)) / 60, within(1e-9));
    FlightPlan.Flight first = plan.flights().get(0);
    List<FlightPlan.Leg> spread = first.legs().stream().filter(FlightPlan.Leg::spreading).toList();
    List<Coordinate> end = spread.get(spread.size() - 1).points();
    assertThat(first.endsAt()).isEqualTo(end.get(end.size() - 1));
    double flown = first.legs().stream().mapToDouble(l -> l.length().feet()).sum() / 20;
    double turns = 4 * (spread.size() - 1);
    assertThat(Durations.inMinutes(first.time()) * 60).isBetween(flown, flown + turns + 1e-6);
    assertThat(plan.flown().acres()).isCloseTo(160, within(0.05));
  }

  @Test
  void aQuarterIsFlownInEightyEightLines() {
    FlightPlan plan = FlightPlanner.plan(jobs().get(0));
    assertThat(plan.lines()).isEqualTo(88);
    assertThat(plan.apart().feet()).isCloseTo(30, within(0.01));
    assertThat(plan.flown().acres()).isCloseTo(160, within(0.05));
    assertThat(plan.bearing()).isIn(0.0, 90.0);
    assertThat(plan.poundsPerFoot()).isCloseTo(90 * 30 / Area.SQUARE_FEET_PER_ACRE, within(1e-4));
  }

  @Test
  void aLongNarrowFieldIsFlownLengthwiseWhicheverWayItLies() {
    Polygon strip = feet(0, 0, 2640, 0, 2640, 330, 0, 330);
    assertThat(FlightPlanner.plan(job(strip, List.of(), at(-50, 0), null)).bearing())
        .isCloseTo(90, within(1.0));
    Geometry slanted =
        PLANE.toGlobe(
            AffineTransformation.rotationInstance(Math.toRadians(25))
                .transform(PLANE.toPlane(strip)));
    FlightPlan plan = FlightPlanner.plan(job(slanted, List.of(), at(-50, 0), null));
    assertThat(plan.bearing()).isCloseTo(65, within(1.0));
    assertThat(plan.lines()).isEqualTo(11);
    FlightPlan across = FlightPlanner.plan(job(strip, List.of(), at(-50, 0), 0.0));
    assertThat(across.lines()).isEqualTo(88);
  }

  @ParameterizedTest
  @ValueSource(doubles = {20, 25, 30, 40, 60})
  void aWiderSwathNeverNeedsMoreLines(double swath) {
    FlightJob j = jobs().get(3);
    FlightJob narrow =
        new FlightJob(
            j.field(),
            j.hazards(),
            j.home(),
            Length.ofFeet(swath),
            Length.ofFeet(0),
            Optional.of(20.0),
            j.rate(),
            j.load(),
            Speed.feetPerSecond(20),
            Duration.ofSeconds(4),
            Duration.ofMinutes(9));
    FlightJob wide =
        new FlightJob(
            j.field(),
            j.hazards(),
            j.home(),
            Length.ofFeet(swath * 1.3),
            Length.ofFeet(0),
            Optional.of(20.0),
            j.rate(),
            j.load(),
            Speed.feetPerSecond(20),
            Duration.ofSeconds(4),
            Duration.ofMinutes(9));
    assertThat(FlightPlanner.plan(wide).lines())
        .isLessThanOrEqualTo(FlightPlanner.plan(narrow).lines());
  }

  @Test
  void whatCannotBeFlownIsRefusedInWords() {
    Hazard everywhere = new Hazard(MarkKind.TOWER, "", QUARTER, Length.ofFeet(100));
    assertThatThrownBy(
            () -> FlightPlanner.plan(job(QUARTER, List.of(everywhere), at(-500, 0), null)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("nothing of this field");
    assertThatThrownBy(() -> FlightPlanner.plan(job(QUARTER, List.of(), at(-30_000, 0), null)))
        .hasMessageContaining("battery does not last");
    Hazard atHome =
        hazard(MarkKind.HOUSE, PLANE.toGlobe(SHAPES.createPoint(new Coordinate(-50 * FT, 0))));
    assertThatThrownBy(() -> FlightPlanner.plan(job(QUARTER, List.of(atHome), at(-50, 0), null)))
        .hasMessageContaining("no way from the filling place");
    assertThatThrownBy(
            () ->
                new FlightJob(
                    Boundary.of("f", QUARTER),
                    List.of(),
                    at(0, 0),
                    Length.ofFeet(0),
                    Length.ofFeet(0),
                    Optional.empty(),
                    SeedRate.poundsPerAcre(90),
                    Mass.ofPounds(88),
                    Speed.feetPerSecond(20),
                    Duration.ofSeconds(4),
                    Duration.ofMinutes(9)))
        .hasMessageContaining("swath is 3–200 ft, got 0");
  }
}
