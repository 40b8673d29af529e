package nimblefurrow.server.crew;

import jakarta.validation.Valid;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.CrewVisit;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.CountedView;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.dispatch.DoingView;
import nimblefurrow.server.dispatch.SheetSeed;
import nimblefurrow.server.dispatch.SheetSeeds;
import nimblefurrow.server.exchange.OutlineFiles;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.files.PlainPicture;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.platform.web.InSteps;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.report.Reports;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.workorder.WorkOrders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/**
 * A hired crew's own list, by its private word alone: what it is asked to do, with answers,
 * outlines and work orders. Nothing of the farm but this machine's jobs is told.
 */
@RestController
@RequestMapping("/api/v1/crew/{word}")
class OpenCrewController {
  /**
   * @param until the last day on which this list opens
   * @param acres of all its fields
   * @param least acres that are paid for however few are done
   */
  record CrewList(
      String farm,
      String machine,
      LocalDate today,
      LocalDate until,
      double acres,
      @Maybe Double least,
      double shortBy,
      List<CrewJob> jobs,
      List<String> cautions) {}

  record CrewJob(
      JobId id,
      String field,
      String farmstead,
      @Maybe String boundary,
      String words,
      @Maybe String cover,
      double acres,
      double left,
      LocalDate first,
      LocalDate last,
      int fitChance,
      List<SheetSeed> seed,
      String note,
      @Maybe DoingView doing,
      @Maybe CountedView counted) {}

  private final CrewLinks links;
  private final Dispatch dispatch;
  private final ReportDesk desk;
  private final Reports reports;
  private final SheetSeeds seeds;
  private final OutlineFiles outlines;
  private final WorkOrders orders;
  private final PlainPicture pictures;

  OpenCrewController(
      CrewLinks links,
      Dispatch dispatch,
      ReportDesk desk,
      Reports reports,
      SheetSeeds seeds,
      OutlineFiles outlines,
      WorkOrders orders,
      PlainPicture pictures) {
    this.pictures = pictures;
    this.links = links;
    this.dispatch = dispatch;
    this.desk = desk;
    this.reports = reports;
    this.seeds = seeds;
    this.outlines = outlines;
    this.orders = orders;
  }

  /** What a word opens: its link with the board of the farm and its machine. */
  private record Opened(CrewLinks.CrewLink link, Board board, MachineView machine) {
    List<Placement> places() {
      return board.placed().placed().stream()
          .filter(p -> p.machineId().equals(machine.id().toString()))
          .toList();
    }
  }

  private Opened open(String word) {
    CrewLinks.CrewLink link = links.opened(word).orElseThrow(() -> new NotOnThisFarm("list"));
    Board board = dispatch.board(link.farmId());
    if (board.season().day().today().isAfter(link.until())) {
      throw new NotOnThisFarm("list any more: ask the farm for a new link");
    }
    MachineView machine =
        board.machines().stream()
            .filter(m -> m.id().equals(link.machineId()))
            .findFirst()
            .orElseThrow(() -> new NotOnThisFarm("machine any more"));
    return new Opened(link, board, machine);
  }

  @GetMapping
  CrewList list(@PathVariable String word) {
    return list(open(word));
  }

  private CrewList list(Opened open) {
    Board board = open.board();
    Optional<CrewVisit> visit =
        CrewVisit.of(board.problem(), board.placed()).stream()
            .filter(v -> v.machine().id().equals(open.machine().id().toString()))
            .findFirst();
    return new CrewList(
        board.season().day().farm().name(),
        open.machine().name(),
        board.season().day().today(),
        open.link().until(),
        open.places().stream().mapToDouble(p -> board.whole().get(p.jobId()).acres()).sum(),
        open.machine().setup().leastAcres(),
        visit.map(v -> v.shortBy().acres()).orElse(0.0),
        open.places().stream().map(p -> job(board, p)).toList(),
        Cautions.of(open.machine().kind(), board.season().day().figures()));
  }

  private CrewJob job(Board board, Placement place) {
    Job job = board.job(place.jobId());
    Optional<FieldView> field = board.field(job).map(FieldSeasons::field);
    return new CrewJob(
        job.id(),
        job.field(),
        job.place(),
        field.map(FieldView::boundary).orElse(null),
        job.words(),
        board.cover(job).orElse(null),
        board.whole().get(job.id()).acres(),
        job.area().acres(),
        place.start(),
        place.finish(),
        Percent.of(place.fitChance()),
        seeds.of(board, job, job.area().acres()),
        field.map(FieldView::note).orElse(""),
        DoingView.of(board.doing().get(job.id())),
        CountedView.of(board, job));
  }

  /** The crew says something; its machine's name stands for it. */
  @PostMapping("/reports")
  CrewList say(@PathVariable String word, @Valid @RequestBody ReportForm form) {
    Opened open = open(word);
    desk.take(open.link().farmId(), open.machine().name(), Optional.of(open.machine().id()), form);
    return list(open(word));
  }

  @InSteps
  @PostMapping(path = "/reports/{id}/photo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  void picture(
      @PathVariable String word, @PathVariable UUID id, @RequestPart("file") MultipartFile file)
      throws IOException {
    Opened open = open(word);
    boolean own =
        reports.all(open.link().farmId()).stream()
            .anyMatch(
                s ->
                    s.id().equals(id)
                        && s.report().machineId().equals(open.machine().id().toString()));
    if (!own) {
      throw new NotOnThisFarm("report on this list");
    }
    reports.picture(open.link().farmId(), id, pictures.drawnAnew(file.getBytes()));
  }

  @GetMapping(path = "/fields.geojson", produces = "application/geo+json")
  ResponseEntity<byte[]> geoJson(@PathVariable String word) {
    return Download.of("fields.geojson", "application/geo+json", outlines.geoJson(fields(word)));
  }

  @GetMapping(path = "/fields.kml", produces = "application/vnd.google-earth.kml+xml")
  ResponseEntity<byte[]> kml(@PathVariable String word) {
    return Download.of(
        "fields.kml", "application/vnd.google-earth.kml+xml", outlines.kml(fields(word)));
  }

  @GetMapping(path = "/fields.zip", produces = "application/zip")
  ResponseEntity<byte[]> shapefile(@PathVariable String word) {
    return Download.of("fields.zip", "application/zip", outlines.shapefile(fields(word)));
  }

  private List<OutlineFiles.Outline> fields(String word) {
    Opened open = open(word);
    return open.places().stream()
        .flatMap(p -> open.board().field(open.board().job(p.jobId())).stream())
        .map(FieldSeasons::field)
        .distinct()
        .map(OpenCrewController::outline)
        .toList();
  }

  private static OutlineFiles.Outline outline(FieldView field) {
    return new OutlineFiles.Outline(field.name(), field.acres(), field.outline().shape());
  }

  @GetMapping(path = "/work-orders.pdf", produces = "application/pdf")
  ResponseEntity<byte[]> workOrders(@PathVariable String word) {
    Opened open = open(word);
    return Download.of(
        "work-orders.pdf",
        "application/pdf",
        orders.printSome(
            open.link().farmId(),
            open.machine().id(),
            open.places().stream().map(Placement::jobId).toList()));
  }
}
