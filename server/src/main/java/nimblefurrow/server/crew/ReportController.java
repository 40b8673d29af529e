package nimblefurrow.server.crew;

import jakarta.validation.Valid;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.PlainPicture;
import nimblefurrow.server.platform.web.InSteps;
import nimblefurrow.server.report.Reports;
import org.springframework.http.CacheControl;
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

/** What the farm's own people say from the field. */
@RestController
@RequestMapping("/api/v1/reports")
class ReportController {
  private final ReportDesk desk;
  private final Reports reports;
  private final PlainPicture pictures;
  private final CurrentFarm current;

  ReportController(ReportDesk desk, Reports reports, PlainPicture pictures, CurrentFarm current) {
    this.pictures = pictures;
    this.desk = desk;
    this.reports = reports;
    this.current = current;
  }

  @PostMapping
  void say(@Valid @RequestBody ReportForm form) {
    desk.take(current.id(), current.user().name(), Optional.empty(), form);
  }

  @InSteps
  @PostMapping(path = "/{id}/photo", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  void picture(@PathVariable UUID id, @RequestPart("file") MultipartFile file) throws IOException {
    reports.must(current.id(), id);
    reports.picture(current.id(), id, pictures.drawnAnew(file.getBytes()));
  }

  @GetMapping(path = "/{id}/photo", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> picture(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.noCache().cachePrivate())
        .header("Content-Disposition", "inline; filename=photo.jpg")
        .body(reports.picture(current.id(), id));
  }
}
