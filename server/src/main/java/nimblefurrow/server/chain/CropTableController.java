package nimblefurrow.server.chain;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.chain.Rotation;
import nimblefurrow.server.chain.CropTable.CropCell;
import nimblefurrow.server.chain.CropTable.CropRow;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Crops of many fields at once. */
@RestController
@RequestMapping("/api/v1/crops")
class CropTableController {
  private static final int MOST_CELLS = 4000;
  private static final int MOST_FIELDS = 1000;

  /** A cell as it was written, with the field's id or its name. */
  record CropCellForm(
      @Maybe UUID fieldId,
      @Maybe @Size(max = 120) String field,
      @NotNull Integer year,
      @NotNull @Size(max = 120) String text) {}

  record CropCellsForm(@NotNull @Size(max = MOST_CELLS) List<@NotNull @Valid CropCellForm> cells) {}

  record RotationForm(
      @NotEmpty @Size(max = MOST_FIELDS) List<@NotNull UUID> fields,
      @NotEmpty @Size(max = 10) List<@NotNull CropKind> crops,
      @NotNull Integer from,
      @NotNull Integer to) {}

  record CropsForm(@NotEmpty @Size(max = MOST_CELLS) List<@NotNull CropCell> cells) {}

  record CropLinksForm(@NotEmpty @Size(max = MOST_CELLS) List<@NotNull UUID> links) {}

  /** What was kept, to be taken back together. */
  record CropsKept(List<UUID> links) {}

  private final CropTable table;
  private final CurrentFarm current;

  CropTableController(CropTable table, CurrentFarm current) {
    this.table = table;
    this.current = current;
  }

  @GetMapping
  List<CropRow> rows(@RequestParam int from, @RequestParam(defaultValue = "3") int years) {
    return table.rows(current.id(), from, years);
  }

  @PostMapping("/read")
  @AskingOnly
  List<CropCell> read(@Valid @RequestBody CropCellsForm form) {
    return table.read(
        current.id(),
        form.cells().stream()
            .map(c -> new CropTable.WrittenCrop(c.fieldId(), c.field(), c.year(), c.text()))
            .toList());
  }

  @PostMapping("/rotation")
  @AskingOnly
  List<CropCell> rotation(@Valid @RequestBody RotationForm form) {
    return table.rotation(
        current.id(), form.fields(), new Rotation(form.crops()), form.from(), form.to());
  }

  @PostMapping
  CropsKept keep(@Valid @RequestBody CropsForm form) {
    return new CropsKept(table.keep(current.id(), form.cells()));
  }

  @PostMapping("/take-back")
  CropsKept takeBack(@Valid @RequestBody CropLinksForm form) {
    table.takeBack(current.id(), form.links());
    return new CropsKept(form.links());
  }
}
