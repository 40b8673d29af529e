package nimblefurrow.server.flight;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.flight.FlightDesk.Asked;
import nimblefurrow.server.flight.FlightDesk.Planned;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.GeoJson;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.platform.web.Maybe;
import org.locationtech.jts.geom.Coordinate;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Flight plans, and the same as GeoJSON and KML. */
@RestController
@RequestMapping("/api/v1/flight/plans/{fieldId}/{machineId}")
class FlightController {
  /** A leg as longitude and latitude by turns. */
  record LegView(boolean spreading, double[] line) {}

  record FlightView(
      int number,
      double pounds,
      double acres,
      double minutes,
      double[] endsAt,
      List<LegView> legs) {}

  record HazardView(String words, String name, double keepAwayFt, String shape) {}

  record PlanView(
      String field,
      String boundary,
      String machine,
      String seed,
      int pass,
      List<String> passes,
      double rate,
      double bearing,
      double flownAcres,
      double leftOutAcres,
      int lines,
      double apartFt,
      double pounds,
      double airMinutes,
      double dayHours,
      double[] home,
      String filling,
      List<HazardView> hazards,
      List<FlightView> flights,
      List<String> cautions) {}

  private final FlightDesk desk;
  private final CurrentFarm current;
  private final FarmFigures figures;
  private final FlightFiles files;

  FlightController(FlightDesk desk, CurrentFarm current, FlightFiles files, FarmFigures figures) {
    this.figures = figures;
    this.desk = desk;
    this.current = current;
    this.files = files;
  }

  @GetMapping
  PlanView plan(
      @PathVariable UUID fieldId,
      @PathVariable UUID machineId,
      @RequestParam(defaultValue = "1") int pass,
      @RequestParam(required = false) @Maybe Double bearing,
      @RequestParam(defaultValue = "0") double marginFt,
      @RequestParam(required = false) @Maybe Double longitude,
      @RequestParam(required = false) @Maybe Double latitude) {
    return view(
        desk.plan(
            current.id(),
            new Asked(fieldId, machineId, pass, bearing, marginFt, longitude, latitude)),
        pass,
        figures.of(current.id()));
  }

  /** The plan as a file: {@code geojson} or {@code kml}. */
  @GetMapping("/file")
  ResponseEntity<byte[]> file(
      @PathVariable UUID fieldId,
      @PathVariable UUID machineId,
      @RequestParam(defaultValue = "1") int pass,
      @RequestParam(required = false) @Maybe Double bearing,
      @RequestParam(defaultValue = "0") double marginFt,
      @RequestParam(required = false) @Maybe Double longitude,
      @RequestParam(required = false) @Maybe Double latitude,
      @RequestParam(defaultValue = "geojson") String format) {
    Planned planned =
        desk.plan(
            current.id(),
            new Asked(fieldId, machineId, pass, bearing, marginFt, longitude, latitude));
    return format.equals("kml")
        ? Download.of("flight-plan.kml", "application/vnd.google-earth.kml+xml", files.kml(planned))
        : Download.of("flight-plan.geojson", "application/geo+json", files.geoJson(planned));
  }

  private static PlanView view(Planned p, int pass, Figures figures) {
    FlightPlan plan = p.plan();
    List<FlightView> flights = new ArrayList<>();
    for (FlightPlan.Flight f : plan.flights()) {
      flights.add(
          new FlightView(
              flights.size() + 1,
              f.pounds().pounds(),
              f.area().acres(),
              Durations.inMinutes(f.time()),
              flat(List.of(f.endsAt())),
              f.legs().stream().map(l -> new LegView(l.spreading(), flat(l.points()))).toList()));
    }
    return new PlanView(
        p.field().field().name(),
        p.field().field().boundary(),
        p.machine().name(),
        p.blend().name(),
        pass,
        p.passes().stream().map(b -> b.name()).toList(),
        p.blend().rate().poundsPerAcre(),
        plan.bearing(),
        plan.flown().acres(),
        plan.leftOut().acres(),
        plan.lines(),
        plan.apart().feet(),
        plan.pounds().pounds(),
        Durations.inMinutes(plan.airborne()),
        Durations.inHours(plan.withRefills(p.craft().refill())),
        flat(List.of(plan.home())),
        p.filling(),
        p.hazards().stream()
            .map(
                h ->
                    new HazardView(
                        h.kind().words(), h.name(), h.keepAway().feet(), GeoJson.text(h.shape())))
            .toList(),
        flights,
        Cautions.of(MachineKind.DRONE, figures));
  }

  private static double[] flat(List<Coordinate> points) {
    double[] flat = new double[points.size() * 2];
    for (int i = 0; i < points.size(); i++) {
      flat[2 * i] = rounded(points.get(i).x);
      flat[2 * i + 1] = rounded(points.get(i).y);
    }
    return flat;
  }

  private static double rounded(double degrees) {
    return Math.round(degrees * 1e7) / 1e7;
  }
}
