package nimblefurrow.server.chain;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Removed;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The years of each field: its crops, covers and cuts. */
@RestController
@RequestMapping("/api/v1/fields")
class ChainController {
  record FieldWithChain(FieldView field, List<Link> chain) {}

  record CropForm(
      @NotNull CropKind kind,
      @NotNull LocalDate planted,
      @Maybe Double maturity,
      @Maybe Double harvestMoisture,
      @Maybe LocalDate harvest,
      @Maybe LocalDate canopyClosed,
      @Maybe LocalDate canopyOpen,
      @Maybe LocalDate leafDrop,
      @Maybe @Size(max = 60) String name,
      @Maybe Integer version) {

    CropDetails details(Figures figures) {
      Map<CropStage, LocalDate> dates = new EnumMap<>(CropStage.class);
      put(dates, CropStage.HARVEST, harvest);
      put(dates, CropStage.CANOPY_CLOSED, canopyClosed);
      put(dates, CropStage.CANOPY_OPEN, canopyOpen);
      put(dates, CropStage.LEAF_DROP, kind == CropKind.SOYBEANS ? leafDrop : null);
      return new CropDetails(
          kind,
          maturity == null ? 0 : maturity,
          harvestMoisture == null ? kind.usualMoisture(figures) : harvestMoisture,
          dates,
          kind == CropKind.OTHER && name != null && !name.isBlank() ? name.strip() : null);
    }
  }

  private static void put(Map<CropStage, LocalDate> dates, CropStage stage, LocalDate day) {
    if (day != null) {
      dates.put(stage, day);
    }
  }

  /** Told by nobody, so that a change without a version is always refused. */
  private static final int NO_VERSION = -1;

  private final Fields fields;
  private final Chains chains;
  private final CurrentFarm current;
  private final FarmFigures figures;

  ChainController(Fields fields, Chains chains, CurrentFarm current, FarmFigures figures) {
    this.figures = figures;
    this.fields = fields;
    this.chains = chains;
    this.current = current;
  }

  @GetMapping
  List<FieldWithChain> all() {
    Map<UUID, List<Link>> all = chains.all(current.id());
    return fields.all(current.id()).stream()
        .map(f -> new FieldWithChain(f, all.getOrDefault(f.id(), List.of())))
        .toList();
  }

  @GetMapping("/{id}")
  FieldWithChain one(@PathVariable UUID id) {
    return new FieldWithChain(fields.one(current.id(), id), chains.of(current.id(), id));
  }

  @PostMapping("/{id}/crops")
  Link addCrop(@PathVariable UUID id, @Valid @RequestBody CropForm form) {
    return chains.addCrop(current.id(), id, form.planted(), form.details(figures.of(current.id())));
  }

  record CutForm(@NotNull LocalDate day, @NotNull @Valid CutDetails cut) {}

  /** A forage cut, or the end of a cover, after which another cover follows. */
  @PostMapping("/{id}/cuts")
  Link addCut(@PathVariable UUID id, @Valid @RequestBody CutForm form) {
    return chains.addCut(current.id(), id, form.day(), form.cut());
  }

  @PutMapping("/crops/{linkId}")
  Link changeCrop(@PathVariable UUID linkId, @Valid @RequestBody CropForm form) {
    int version = form.version() == null ? NO_VERSION : form.version();
    return chains.changeCrop(
        current.id(), linkId, form.planted(), form.details(figures.of(current.id())), version);
  }

  @DeleteMapping("/crops/{linkId}")
  Removed removeCrop(@PathVariable UUID linkId) {
    return chains.remove(current.id(), linkId);
  }
}
