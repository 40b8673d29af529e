package nimblefurrow.server.applied;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.coverage.AppliedMap;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.HeavyWork;
import nimblefurrow.server.platform.web.Download;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** What was sown where: points brought in, coverage drawn. */
@RestController
@RequestMapping("/api/v1/log/{entryId}/applied")
class AppliedController {
  private static final int DRAWN_POINTS = 6000;

  /**
   * Shares in percent; track as longitude and latitude by turns, a break where nothing was laid.
   */
  record AppliedView(
      String field,
      String boundary,
      String source,
      double pounds,
      double coveredAcres,
      double fieldAcres,
      double skippedPercent,
      double overlappedPercent,
      double outsidePounds,
      double actualRate,
      double swathFt,
      List<AppliedMap.Block> blocks,
      List<double[]> track) {}

  private final AppliedLogs logs;
  private final Journal journal;
  private final Fields fields;
  private final FarmFigures figures;
  private final CurrentFarm current;
  private final HeavyWork heavy;

  AppliedController(
      AppliedLogs logs,
      Journal journal,
      Fields fields,
      FarmFigures figures,
      CurrentFarm current,
      HeavyWork heavy) {
    this.figures = figures;
    this.heavy = heavy;
    this.logs = logs;
    this.journal = journal;
    this.fields = fields;
    this.current = current;
  }

  @GetMapping
  AppliedView of(@PathVariable UUID entryId) {
    Entry entry = journal.one(current.id(), entryId);
    AppliedLogs.Log log = logs.of(current.id(), entryId);
    FieldView field = fields.one(current.id(), entry.field());
    AppliedMap map = AppliedMap.of(field.outline(), log.points(), figures.of(current.id()));
    return new AppliedView(
        field.name(),
        field.boundary(),
        log.source(),
        map.pounds().pounds(),
        map.covered().acres(),
        field.acres(),
        100 * map.skipped(),
        100 * map.overlapped(),
        map.outside().pounds(),
        map.actual().poundsPerAcre(),
        log.points().get(log.points().size() / 2).width().feet(),
        map.blocks(),
        track(log.points()));
  }

  @GetMapping("/points")
  ResponseEntity<byte[]> points(@PathVariable UUID entryId) {
    journal.one(current.id(), entryId);
    return Download.of(
        "as-applied.csv",
        "text/csv",
        AppliedCsv.write(logs.of(current.id(), entryId).points()).getBytes(StandardCharsets.UTF_8));
  }

  /** Brings in a machine's points for a sown entry. */
  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  AppliedView bring(@PathVariable UUID entryId, @RequestPart("file") MultipartFile file)
      throws IOException {
    Entry entry = journal.one(current.id(), entryId);
    if (!(entry.fact() instanceof Sown)) {
      throw new OutOfRange("entry", "points belong to an entry of sowing");
    }
    FieldView field = fields.one(current.id(), entry.field());
    InputStream content = file.getInputStream();
    List<AppliedPoint> points = heavy.run(() -> AppliedCsv.read(content));
    Figures own = figures.of(current.id());
    AppliedMap map = heavy.run(() -> AppliedMap.of(field.outline(), points, own));
    if (map.covered().acres() == 0) {
      throw new OutOfRange(
          "file",
          "none of these points lie in the field of this entry: is it another field's file?");
    }
    logs.keep(current.id(), entryId, "imported file", points);
    return of(entryId);
  }

  private static List<double[]> track(List<AppliedPoint> points) {
    int step = Math.max(1, points.size() / DRAWN_POINTS);
    List<double[]> lines = new ArrayList<>();
    List<Double> line = new ArrayList<>();
    for (int i = 0; i < points.size(); i++) {
      AppliedPoint p = points.get(i);
      boolean laid = p.pounds() > 0;
      if (laid && (i % step == 0 || line.isEmpty())) {
        line.add(p.longitude());
        line.add(p.latitude());
      }
      if (!laid && !line.isEmpty()) {
        lines.add(line.stream().mapToDouble(d -> d).toArray());
        line.clear();
      }
    }
    if (!line.isEmpty()) {
      lines.add(line.stream().mapToDouble(d -> d).toArray());
    }
    return lines;
  }
}
