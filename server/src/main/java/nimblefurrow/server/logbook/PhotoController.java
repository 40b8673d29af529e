package nimblefurrow.server.logbook;

import java.io.IOException;
import java.util.UUID;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.PlainPicture;
import nimblefurrow.server.platform.web.InSteps;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Photos that belong to entries. */
@RestController
@RequestMapping("/api/v1/log")
class PhotoController {
  private final Photos photos;
  private final PlainPicture pictures;
  private final CurrentFarm current;

  PhotoController(Photos photos, PlainPicture pictures, CurrentFarm current) {
    this.photos = photos;
    this.pictures = pictures;
    this.current = current;
  }

  @InSteps
  @PostMapping(path = "/{entryId}/photos/{id}", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  void add(
      @PathVariable UUID entryId, @PathVariable UUID id, @RequestPart("file") MultipartFile file)
      throws IOException {
    if (photos.wanted(current.id(), entryId, id)) {
      photos.keep(current.id(), entryId, id, pictures.drawnAnew(file.getBytes()));
    }
  }

  @GetMapping(path = "/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> one(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.noCache().cachePrivate())
        .header("Content-Disposition", "inline; filename=photo.jpg")
        .body(photos.one(current.id(), id));
  }
}
