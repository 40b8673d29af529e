package nimblefurrow.server.farm;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.farm.Chains.Link;
import nimblefurrow.server.farm.Fields.FieldView;
import nimblefurrow.server.farm.Fields.Land;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Fields, their land facts and their chain of crops. */
@RestController
@RequestMapping("/api/fields")
class FieldController {
  record FieldWithChain(FieldView field, List<Link> chain) {}

  record LandForm(
      @NotBlank @Size(max = 80) String name,
      @Maybe @Size(max = 80) String farmstead,
      @NotNull SoilTexture soil,
      @NotNull Drainage drainage,
      boolean tiled,
      boolean organic,
      double slopePercent,
      @Maybe @Size(max = 2000) String note,
      @Maybe @Size(max = 400) String access,
      int version) {}

  /** A null season takes the field in again. */
  record LeftOut(
      @Maybe @Min(2000) @Max(2100) Integer season, @Maybe @Size(max = 400) String reason) {}

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

    CropDetails details() {
      Map<CropStage, LocalDate> dates = new EnumMap<>(CropStage.class);
      put(dates, CropStage.HARVEST, harvest);
      put(dates, CropStage.CANOPY_CLOSED, canopyClosed);
      put(dates, CropStage.CANOPY_OPEN, canopyOpen);
      put(dates, CropStage.LEAF_DROP, kind == CropKind.SOYBEANS ? leafDrop : null);
      return new CropDetails(
          kind,
          maturity == null ? 0 : maturity,
          harvestMoisture == null ? 20 : harvestMoisture,
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

  FieldController(Fields fields, Chains chains, CurrentFarm current) {
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

  @PutMapping("/{id}")
  FieldView change(@PathVariable UUID id, @Valid @RequestBody LandForm form) {
    Land land =
        new Land(
            form.name(),
            form.farmstead(),
            form.soil(),
            form.drainage(),
            form.tiled(),
            form.organic(),
            form.slopePercent(),
            form.note(),
            form.access());
    return fields.change(current.id(), id, land, form.version());
  }

  @DeleteMapping("/{id}")
  Removed remove(@PathVariable UUID id) {
    return fields.remove(current.id(), id);
  }

  @PutMapping("/{id}/left-out")
  FieldView leaveOut(@PathVariable UUID id, @Valid @RequestBody LeftOut form) {
    return fields.leaveOut(current.id(), id, form.season(), form.reason());
  }

  @PostMapping("/{id}/crops")
  Link addCrop(@PathVariable UUID id, @Valid @RequestBody CropForm form) {
    return chains.addCrop(current.id(), id, form.planted(), form.details());
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
    return chains.changeCrop(current.id(), linkId, form.planted(), form.details(), version);
  }

  @DeleteMapping("/crops/{linkId}")
  Removed removeCrop(@PathVariable UUID linkId) {
    return chains.remove(current.id(), linkId);
  }
}
