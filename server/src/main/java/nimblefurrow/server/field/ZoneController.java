package nimblefurrow.server.field;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.field.Zones.Said;
import nimblefurrow.server.field.Zones.ZoneView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Zones cut into fields. */
@RestController
@RequestMapping("/api/v1/fields")
class ZoneController {
  /** Drawn, or a share of the field; one of the two. */
  record ZoneForm(
      @NotBlank @Size(max = 40) String name,
      @Maybe String boundary,
      @Maybe Double share,
      @Maybe SoilTexture soil,
      @Maybe Boolean tiled,
      @Maybe Integer version) {
    Said said() {
      return new Said(name, boundary, share, soil, tiled);
    }
  }

  private final Zones zones;
  private final CurrentFarm current;

  ZoneController(Zones zones, CurrentFarm current) {
    this.zones = zones;
    this.current = current;
  }

  @PostMapping("/{id}/zones")
  ZoneView add(@PathVariable UUID id, @Valid @RequestBody ZoneForm form) {
    return zones.add(current.id(), id, form.said());
  }

  @PutMapping("/zones/{zoneId}")
  ZoneView change(@PathVariable UUID zoneId, @Valid @RequestBody ZoneForm form) {
    return zones.change(current.id(), zoneId, form.said(), form.version());
  }

  @DeleteMapping("/zones/{zoneId}")
  void remove(@PathVariable UUID zoneId) {
    zones.remove(current.id(), zoneId);
  }
}
