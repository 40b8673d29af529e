package nimblefurrow.server.seed;

import java.io.IOException;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.seed.LotPapers.Paper;
import nimblefurrow.server.seed.LotPapers.PaperView;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Papers of seed lots. They are only ever handed out as files to keep, never shown in the page. */
@RestController
@RequestMapping("/api/v1/lot-papers")
class LotPaperController {
  private final LotPapers papers;
  private final CurrentFarm current;

  LotPaperController(LotPapers papers, CurrentFarm current) {
    this.papers = papers;
    this.current = current;
  }

  @GetMapping("/lots/{lotId}")
  List<PaperView> of(@PathVariable UUID lotId) {
    return papers.of(current.id(), lotId);
  }

  @PostMapping(path = "/lots/{lotId}", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  List<PaperView> add(@PathVariable UUID lotId, @RequestPart("file") MultipartFile file)
      throws IOException {
    String name = file.getOriginalFilename() == null ? "paper" : file.getOriginalFilename();
    String plain = name.replaceAll("[\\\\/\\p{Cntrl}\\p{Cs}]", "_");
    return papers.add(
        current.id(), lotId, plain.substring(0, Math.min(120, plain.length())), file.getBytes());
  }

  @GetMapping("/{id}")
  ResponseEntity<byte[]> one(@PathVariable UUID id) {
    Paper paper = papers.one(current.id(), id);
    return Download.of(paper.name(), paper.type(), paper.content());
  }

  @DeleteMapping("/{id}")
  void remove(@PathVariable UUID id) {
    papers.remove(current.id(), id);
  }
}
