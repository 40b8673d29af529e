package nimblefurrow.server.platform.web;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file to keep. */
public final class Download {
  private Download() {}

  public static ResponseEntity<byte[]> of(String name, String type, byte[] content) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .contentType(MediaType.parseMediaType(type))
        .body(content);
  }
}
