package nimblefurrow.server.field;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.field.Fields.Land;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Removed;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Fields: their land facts, left out and taken in, taken away. */
@RestController
@RequestMapping("/api/v1/fields")
class FieldController {
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
      @Maybe @Min(2000) @Max(2100) Integer season,
      @Maybe @Size(max = 400) String reason,
      @Maybe Integer version) {}

  private final Fields fields;
  private final CurrentFarm current;

  FieldController(Fields fields, CurrentFarm current) {
    this.fields = fields;
    this.current = current;
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
    return fields.leaveOut(current.id(), id, form.season(), form.reason(), form.version());
  }
}
