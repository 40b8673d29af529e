package nimblefurrow.core.flight;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.flight.FlightPlan.Flight;
import nimblefurrow.core.flight.FlightPlan.Leg;
import nimblefurrow.core.land.LocalPlane;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** Lays swath lines over a field and cuts them into flights. */
public final class FlightPlanner {
  static final double METRES_PER_FOOT = 0.3048;
  private static final double SHORTEST_M = 0.5;

  private final FlightJob job;
  private final LocalPlane plane;
  private final Coordinate home;
  private final FlyZone zone;
  private final double metresPerMinute;
  private double poundsPerMetre;
  private Homeward ferry;

  private FlightPlanner(FlightJob job) {
    this.job = job;
    this.plane = LocalPlane.about(job.field().shape());
    this.home = plane.toPlane(job.home());
    this.zone = new FlyZone(job.field().shape(), job.hazards(), job.margin(), home, plane);
    this.metresPerMinute = job.speed().feetPerSecond() * METRES_PER_FOOT * 60;
  }

  /**
   * @throws OutOfRange when hazards leave nothing to fly, the filling place lies in a hazard's
   *     reach or the battery does not last there and back
   */
  public static FlightPlan plan(FlightJob job) {
    return new FlightPlanner(job).plan();
  }

  private FlightPlan plan() {
    if (zone.parts().isEmpty()) {
      throw new OutOfRange("hazards", "nothing of this field lies far enough from its hazards");
    }
    double swath = job.swath().metres();
    Swaths swaths =
        job.bearing()
            .map(b -> Swaths.at(zone.parts(), swath, b % 180))
            .orElseGet(() -> Swaths.fewestTurns(zone.parts(), swath));
    double metres = swaths.metres();
    double flownAcres = zone.squareMetres() / Area.ofAcres(1).hectares() / 10_000;
    poundsPerMetre = job.rate().poundsPerAcre() * flownAcres / metres;
    ferry = new Homeward(new SafePath(zone.around()), home);
    List<Flight> flights = new ArrayList<>();
    for (int part : nearestFirst()) {
      flights.addAll(fly(zone.parts().get(part), swaths.byPart().get(part)));
    }
    double left = job.field().area().acres() - flownAcres;
    return new FlightPlan(
        swaths.bearing(),
        Area.ofAcres(flownAcres),
        Area.ofAcres(Math.max(0, left)),
        swaths.count(),
        Length.ofMetres(zone.squareMetres() / metres),
        poundsPerMetre * METRES_PER_FOOT,
        job.home(),
        flights);
  }

  private SafePath around() {
    return new SafePath(zone.around());
  }

  private List<Integer> nearestFirst() {
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < zone.parts().size(); i++) {
      order.add(i);
    }
    order.sort(
        (a, b) ->
            Double.compare(
                zone.parts().get(a).getCentroid().getCoordinate().distance(home),
                zone.parts().get(b).getCentroid().getCoordinate().distance(home)));
    return order;
  }

  /** Flies one part: always on to the nearest line's end, home when load or battery is spent. */
  private List<Flight> fly(Polygon part, List<LineSegment> lines) {
    SafePath within = new SafePath(part);
    List<LineSegment> left = new ArrayList<>(lines);
    List<Flight> flights = new ArrayList<>();
    Trip trip = null;
    LineSegment rest = null;
    while (rest != null || !left.isEmpty()) {
      Coordinate at = trip == null ? home : trip.at();
      LineSegment line = rest != null ? rest : takeNearest(left, at);
      rest = null;
      boolean fresh = trip == null;
      if (fresh) {
        trip = new Trip(line.p0);
      } else {
        trip.turnTo(line.p0, within);
      }
      double fits = trip.fits(line);
      if (fits < Math.min(SHORTEST_M, line.getLength())) {
        if (fresh) {
          throw new OutOfRange(
              "battery",
              "the battery does not last to the far lines and back: fill nearer to the field");
        }
        trip.dropTurn();
        flights.add(trip.home());
        trip = null;
        rest = line;
      } else if (fits < line.getLength() - 1e-6) {
        Coordinate stop = line.pointAlong(fits / line.getLength());
        trip.spread(new LineSegment(line.p0, stop));
        flights.add(trip.home());
        trip = null;
        rest = new LineSegment(stop, line.p1);
      } else {
        trip.spread(line);
      }
    }
    if (trip != null) {
      flights.add(trip.home());
    }
    return flights;
  }

  /** Takes out the line with the end nearest to a point, turned so that it starts there. */
  private static LineSegment takeNearest(List<LineSegment> left, Coordinate at) {
    int best = 0;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < left.size(); i++) {
      LineSegment line = left.get(i);
      double d = Math.min(at.distance(line.p0), at.distance(line.p1));
      if (d < least - 1e-9) {
        least = d;
        best = i;
      }
    }
    LineSegment line = left.remove(best);
    return at.distance(line.p0) <= at.distance(line.p1) ? line : new LineSegment(line.p1, line.p0);
  }

  /** One flight as it grows. */
  private final class Trip {
    private final List<Leg> legs = new ArrayList<>();
    private double minutes;
    private double metresSpread;
    private double turnMinutes;
    private Coordinate at;

    Trip(Coordinate start) {
      move(known(ferry.to(start)), false);
      at = start;
    }

    Coordinate at() {
      return at;
    }

    void turnTo(Coordinate start, SafePath within) {
      List<Coordinate> way = within.between(at, start);
      move(way == null ? known(around().between(at, start)) : way, false);
      turnMinutes = Durations.inMinutes(job.turn());
      minutes += turnMinutes;
      at = start;
    }

    /** Takes back the last turn, when nothing of the line it led to fits any more. */
    void dropTurn() {
      Leg last = legs.remove(legs.size() - 1);
      minutes -= last.length().metres() / metresPerMinute + turnMinutes;
      at = plane.toPlane(last.points().get(0));
    }

    /** Metres of a line that load and battery still allow, the way home kept back. */
    double fits(LineSegment line) {
      double byLoad = job.load().pounds() / poundsPerMetre - metresSpread;
      double most = Math.min(line.getLength(), byLoad);
      if (inTime(line, most)) {
        return most;
      }
      double low = 0;
      double high = most;
      for (int i = 0; i < 30; i++) {
        double middle = (low + high) / 2;
        if (inTime(line, middle)) {
          low = middle;
        } else {
          high = middle;
        }
      }
      return low;
    }

    private boolean inTime(LineSegment line, double metres) {
      Coordinate end = line.pointAlong(metres / line.getLength());
      double back = SafePath.length(known(ferry.from(end))) / metresPerMinute;
      return minutes + metres / metresPerMinute + back <= Durations.inMinutes(job.battery()) + 1e-9;
    }

    void spread(LineSegment line) {
      move(List.of(line.p0, line.p1), true);
      metresSpread += line.getLength();
      at = line.p1;
    }

    Flight home() {
      move(known(ferry.from(at)), false);
      double pounds = metresSpread * poundsPerMetre;
      return new Flight(
          List.copyOf(legs),
          Mass.ofPounds(pounds),
          Area.ofAcres(pounds / job.rate().poundsPerAcre()),
          Durations.minutes(minutes));
    }

    private void move(List<Coordinate> way, boolean spreading) {
      double metres = SafePath.length(way);
      minutes += metres / metresPerMinute;
      legs.add(
          new Leg(way.stream().map(plane::toGlobe).toList(), spreading, Length.ofMetres(metres)));
    }

    private List<Coordinate> known(List<Coordinate> way) {
      if (way == null) {
        throw new OutOfRange(
            "filling place",
            "there is no way from the filling place that keeps clear of every hazard: move it");
      }
      return way;
    }
  }
}
