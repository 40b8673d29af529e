package nimblefurrow.server.simulator;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.core.flight.FlightJob;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.flight.FlightPlanner;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.applied.AppliedCsv;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Download;
import org.locationtech.jts.geom.Coordinate;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stands in for a drill's monitor: the points it would have written on a field, as CSV. */
@RestController
@RequestMapping("/api/v1/simulator/drill-monitor")
class DrillMonitorController {
  private static final double STEP_FT = 15;

  private final Fields fields;
  private final CurrentFarm current;

  DrillMonitorController(Fields fields, CurrentFarm current) {
    this.fields = fields;
    this.current = current;
  }

  @GetMapping("/{fieldId}")
  ResponseEntity<byte[]> points(
      @PathVariable UUID fieldId,
      @RequestParam(defaultValue = "15") double widthFt,
      @RequestParam(defaultValue = "5") double mph,
      @RequestParam(defaultValue = "72") double rateLbAc,
      @RequestParam(defaultValue = "1") long seed) {
    FieldView field = fields.one(current.id(), fieldId);
    Limits.within("width", widthFt, 3, 120, Unit.FOOT);
    Limits.within("speed", mph, 1, 15, Unit.MILE_PER_HOUR);
    Coordinate corner = field.outline().shape().getCoordinate();
    FlightPlan rows =
        FlightPlanner.plan(
            new FlightJob(
                field.outline(),
                List.of(),
                corner,
                Length.ofFeet(widthFt),
                Length.ofFeet(0),
                java.util.Optional.empty(),
                SeedRate.poundsPerAcre(rateLbAc),
                Mass.ofPounds(20_000),
                Speed.mph(mph),
                Duration.ofSeconds(15),
                Duration.ofHours(10)));
    return Download.of(
        "drill-points.csv",
        "text/csv",
        AppliedCsv.write(points(rows, Length.ofFeet(widthFt), Speed.mph(mph), seed))
            .getBytes(StandardCharsets.UTF_8));
  }

  private static List<AppliedPoint> points(FlightPlan rows, Length width, Speed speed, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    double seconds = 0;
    List<AppliedPoint> points = new ArrayList<>();
    for (FlightPlan.Flight flight : rows.flights()) {
      for (FlightPlan.Leg leg : flight.legs()) {
        if (leg.spreading()) {
          Coordinate a = leg.points().get(0);
          Coordinate b = leg.points().get(1);
          int steps = Math.max(1, (int) Math.ceil(leg.length().feet() / STEP_FT));
          double drift = 1 + (random.nextDouble() - 0.5) * 0.12;
          for (int i = 0; i <= steps; i++) {
            double share = (double) i / steps;
            double noise = drift * (1 + (random.nextDouble() - 0.5) * 0.08);
            double laid = i == 0 ? 0 : leg.length().feet() / steps * rows.poundsPerFoot() * noise;
            seconds += leg.length().feet() / steps / speed.feetPerSecond();
            points.add(
                new AppliedPoint(
                    a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share, seconds, laid, width));
          }
          seconds += 15;
        }
      }
    }
    return points;
  }
}
