package nimblefurrow.server.simulator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.coverage.AppliedMap;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.flight.FlightJob;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.flight.FlightPlanner;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.server.flight.DronePort.Craft;
import nimblefurrow.server.flight.DronePort.Doing;
import nimblefurrow.server.flight.DronePort.Flown;
import nimblefurrow.server.flight.DronePort.Moment;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;

/** The stand-in flies as a drone would: the plan's pounds, within its battery, stopped by wind. */
class DroneStandInTest {
  private static final Boundary FIELD =
      Boundary.of(
          "forty", new GeometryFactory().toGeometry(new Envelope(-97.005, -97, 40, 40.0036)));
  private static final FlightPlan PLAN =
      FlightPlanner.plan(
          new FlightJob(
              FIELD,
              List.of(),
              new Coordinate(-97.0052, 40.001),
              Length.ofFeet(30),
              Length.ofFeet(0),
              Optional.empty(),
              SeedRate.poundsPerAcre(90),
              Mass.ofPounds(88),
              Speed.feetPerSecond(20),
              Duration.ofSeconds(4),
              Duration.ofMinutes(9)));
  private static final Craft CRAFT =
      new Craft(
          Speed.feetPerSecond(20),
          Duration.ofSeconds(4),
          Duration.ofMinutes(9),
          Duration.ofMinutes(2),
          Length.ofFeet(30),
          Speed.mph(14));

  private static Flown flown(double wind, long seed) {
    return new DroneStandIn().fly(PLAN, CRAFT, Speed.mph(wind), seed);
  }

  @Test
  void laysThePlannedPoundsNearEnough() {
    Flown flown = flown(5, 1);
    double laid = flown.points().stream().mapToDouble(AppliedPoint::pounds).sum();
    assertThat(laid).isCloseTo(PLAN.pounds().pounds(), within(0.02 * laid));
    Moment last = flown.moments().get(flown.moments().size() - 1);
    assertThat(last.doing()).isEqualTo(Doing.LANDED);
    assertThat(last.poundsDone()).isCloseTo(laid, within(1e-6));
    AppliedMap map = AppliedMap.of(FIELD, flown.points(), Figures.shipped());
    assertThat(map.skipped()).isLessThan(0.06);
    assertThat(map.actual().poundsPerAcre()).isBetween(84.0, 98.0);
  }

  @Test
  void timePoundsAndFlightsOnlyGoForward() {
    double seconds = -1;
    double pounds = 0;
    int flight = 0;
    for (Moment m : flown(6, 3).moments()) {
      assertThat(m.seconds()).isGreaterThanOrEqualTo(seconds);
      assertThat(m.poundsDone()).isGreaterThanOrEqualTo(pounds);
      assertThat(m.flight()).isGreaterThanOrEqualTo(flight);
      assertThat(m.batteryPercent()).isBetween(0.0, 100.0);
      seconds = m.seconds();
      pounds = m.poundsDone();
      flight = m.flight();
    }
    assertThat(flight).isEqualTo(PLAN.flights().size());
  }

  @Test
  void theSameSeedFliesTheSameAndAnotherDoesNot() {
    assertThat(flown(5, 7)).isEqualTo(flown(5, 7));
    assertThat(flown(5, 7).points()).isNotEqualTo(flown(5, 8).points());
  }

  @Test
  void strongWindHoldsItOnTheGroundForAWhile() {
    assertThat(flown(3, 2).moments()).noneMatch(m -> m.doing() == Doing.HOLDING_FOR_WIND);
    Flown windy = flown(14, 2);
    assertThat(windy.moments()).anyMatch(m -> m.doing() == Doing.HOLDING_FOR_WIND);
    assertThat(windy.seconds()).isGreaterThan(flown(3, 2).seconds());
  }

  @Test
  void aMomentIsFoundByItsSecond() {
    Flown flown = flown(5, 1);
    assertThat(flown.at(-5)).isEqualTo(flown.moments().get(0));
    assertThat(flown.at(1e9)).isEqualTo(flown.moments().get(flown.moments().size() - 1));
    Moment some = flown.moments().get(200);
    assertThat(flown.at(some.seconds()).seconds()).isEqualTo(some.seconds());
  }
}
