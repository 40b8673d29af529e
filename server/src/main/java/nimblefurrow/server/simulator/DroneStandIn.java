package nimblefurrow.server.simulator;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.land.LocalPlane;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.server.flight.DronePort;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.springframework.stereotype.Component;

/**
 * Stands in for a drone: flies a plan in steps of two seconds, drifts a little in the wind, doses
 * not quite evenly, waits out gusts, swaps batteries. The same seed flies the same way.
 */
@Component
class DroneStandIn implements DronePort {
  private static final double STEP_S = 2;
  private static final double METRES_PER_FOOT = 0.3048;
  private static final double DRIFT_M_PER_MPH = 0.035;
  private static final double DOSING_SD = 0.05;
  private static final double HOLD_S = 90;

  @Override
  public Flown fly(FlightPlan plan, Craft craft, Speed wind, long seed) {
    return new Flying(plan, craft, wind.mph(), seed).fly();
  }

  private static final class Flying {
    private final FlightPlan plan;
    private final Craft craft;
    private final double windMph;
    private final SplittableRandom random;
    private final LocalPlane plane;
    private final List<Moment> moments = new ArrayList<>();
    private final List<AppliedPoint> points = new ArrayList<>();
    private double seconds;
    private double pounds;
    private double gust;
    private double airborne;
    private int flight;

    Flying(FlightPlan plan, Craft craft, double windMph, long seed) {
      this.plan = plan;
      this.craft = craft;
      this.windMph = windMph;
      this.random = new SplittableRandom(seed);
      this.plane = LocalPlane.about(new GeometryFactory().createPoint(plan.home()));
      this.gust = windMph;
    }

    Flown fly() {
      for (FlightPlan.Flight next : plan.flights()) {
        flight++;
        airborne = 0;
        say(plan.home(), Doing.FERRY);
        holdForWind(plan.home());
        for (FlightPlan.Leg leg : next.legs()) {
          if (leg.spreading()) {
            rest(leg.points().get(0), Doing.TURNING, Durations.inSeconds(craft.turn()));
          }
          along(leg);
        }
        if (flight < plan.flights().size()) {
          seconds += Durations.inSeconds(craft.refill());
          say(plan.home(), Doing.REFILLING);
        }
      }
      say(plan.home(), Doing.LANDED);
      return new Flown(List.copyOf(moments), List.copyOf(points), seconds);
    }

    private void along(FlightPlan.Leg leg) {
      double metresPerStep = craft.speed().feetPerSecond() * METRES_PER_FOOT * STEP_S;
      Coordinate before = plane.toPlane(leg.points().get(0));
      mark(before, 0);
      for (int i = 1; i < leg.points().size(); i++) {
        Coordinate to = plane.toPlane(leg.points().get(i));
        double length = before.distance(to);
        int steps = Math.max(1, (int) Math.ceil(length / metresPerStep));
        for (int s = 1; s <= steps; s++) {
          double share = (double) s / steps;
          Coordinate at =
              new Coordinate(
                  before.x + (to.x - before.x) * share, before.y + (to.y - before.y) * share);
          double took = length / steps / (craft.speed().feetPerSecond() * METRES_PER_FOOT);
          seconds += took;
          airborne += took;
          blow();
          double laid = leg.spreading() ? dose(length / steps) : 0;
          mark(leg.spreading() ? drifted(at, before, to) : at, laid);
          say(plane.toGlobe(at), leg.spreading() ? Doing.SPREADING : Doing.FERRY);
        }
        before = to;
      }
    }

    private double dose(double metres) {
      double noise = 1 + DOSING_SD * (random.nextDouble() + random.nextDouble() - 1) * 2.4;
      double laid = metres / METRES_PER_FOOT * plan.poundsPerFoot() * noise;
      pounds += laid;
      return laid;
    }

    /** Pushed aside a little, steadily within a gust. */
    private Coordinate drifted(Coordinate at, Coordinate from, Coordinate to) {
      double length = Math.max(1e-6, from.distance(to));
      double aside = gust * DRIFT_M_PER_MPH * (random.nextDouble() * 0.6 + 0.4);
      return new Coordinate(
          at.x - (to.y - from.y) / length * aside, at.y + (to.x - from.x) / length * aside);
    }

    private void mark(Coordinate at, double laid) {
      Coordinate c = plane.toGlobe(at);
      points.add(new AppliedPoint(c.x, c.y, seconds, laid, craft.swath()));
    }

    private void blow() {
      gust = Math.max(0, gust + (windMph - gust) * 0.05 + (random.nextDouble() - 0.5) * 1.2);
    }

    private void holdForWind(Coordinate at) {
      int tries = 0;
      while (gust > craft.mostWind().mph() && tries++ < 40) {
        seconds += HOLD_S;
        say(at, Doing.HOLDING_FOR_WIND);
        for (int i = 0; i < 40; i++) {
          blow();
        }
      }
    }

    private void rest(Coordinate at, Doing doing, double s) {
      seconds += s;
      airborne += s;
      say(at, doing);
    }

    private void say(Coordinate at, Doing doing) {
      double battery = 100 * Math.max(0, 1 - airborne / Durations.inSeconds(craft.battery()) * 0.9);
      moments.add(
          new Moment(
              seconds,
              at.x,
              at.y,
              flight,
              doing,
              doing == Doing.REFILLING ? 100 : battery,
              pounds,
              gust));
    }
  }
}
