package nimblefurrow.server.catalogue;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.SheetWords;
import nimblefurrow.server.catalogue.FigureCsv.Read;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Every figure that the farm may change: read, set, put back, taken out and in as a table. */
@RestController
@RequestMapping("/api/v1/figures")
class FigureController {
  /** A sheet with its figures. */
  record SheetView(String sheet, String group, String title, List<FigureView> figures) {}

  /**
   * A figure's new value; none puts the starting value back.
   *
   * @param was the value that was changed; absent: whatever is kept
   */
  record FigureForm(
      @NotBlank String sheet,
      @NotBlank String row,
      @NotBlank String column,
      @Maybe Double value,
      @Maybe Double was) {}

  /** What a table would change, or has changed; lines that cannot be taken say why. */
  record ImportView(boolean saved, List<FigureView> changes, List<String> refused) {}

  private final FarmFigures figures;
  private final CurrentFarm current;

  FigureController(FarmFigures figures, CurrentFarm current) {
    this.figures = figures;
    this.current = current;
  }

  @GetMapping
  List<SheetView> all() {
    return view(figures.of(current.id()));
  }

  @PutMapping
  List<SheetView> change(@Valid @RequestBody FigureForm form) {
    FigureId id = new FigureId(form.sheet(), form.row(), form.column());
    Figures before = figures.of(current.id());
    before.figure(id);
    Conflict.refuseOther(before.find(id).orElse(null), form.was());
    return view(figures.change(current.id(), Map.of(id, Optional.ofNullable(form.value()))));
  }

  /** All figures as a table, in the units in which they are kept. */
  @GetMapping("/file")
  ResponseEntity<byte[]> file() {
    return Download.of("figures.csv", "text/csv", FigureCsv.write(figures.of(current.id())));
  }

  /** Reads such a table; nothing is kept unless {@code save} says so, and every line can be. */
  @PostMapping(path = "/file", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ImportView read(
      @RequestPart("file") MultipartFile file, @RequestParam(defaultValue = "false") boolean save)
      throws IOException {
    UUID farm = current.id();
    Figures before = figures.of(farm);
    Read read = FigureCsv.read(file.getInputStream(), before);
    boolean saved = save && read.refused().isEmpty() && !read.changes().isEmpty();
    Figures after = saved ? figures.change(farm, read.changes()) : FigureCsv.over(before, read);
    List<FigureView> changed = new ArrayList<>();
    read.changes().keySet().forEach(id -> changed.add(FigureView.of(after.figure(id), after)));
    return new ImportView(saved, changed, read.refused());
  }

  private static List<SheetView> view(Figures own) {
    Map<String, List<FigureView>> bySheet = new LinkedHashMap<>();
    for (Figure figure : own.all()) {
      bySheet
          .computeIfAbsent(figure.id().sheet(), s -> new ArrayList<>())
          .add(FigureView.of(figure, own));
    }
    List<SheetView> sheets = new ArrayList<>();
    for (SheetWords sheet : own.sheets()) {
      if (bySheet.containsKey(sheet.sheet())) {
        sheets.add(
            new SheetView(sheet.sheet(), sheet.group(), sheet.title(), bySheet.get(sheet.sheet())));
      }
    }
    return sheets;
  }
}
