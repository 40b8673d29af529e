package nimblefurrow.server.land;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.seeding.Restriction;
import nimblefurrow.server.land.Herbicides.UseView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Herbicides on a field, by active ingredient. */
@RestController
@RequestMapping("/api/v1/herbicides")
class HerbicideController {
  record UseForm(
      @NotBlank @Size(max = 80) String active,
      @NotNull LocalDate appliedOn,
      @NotNull Integer days,
      @Maybe Set<Family> families,
      @Maybe Set<String> species) {
    Restriction restriction() {
      return new Restriction(
          active,
          appliedOn,
          days,
          families == null ? Set.of() : families,
          species == null ? Set.of() : species);
    }
  }

  private final Herbicides herbicides;
  private final CurrentFarm current;

  HerbicideController(Herbicides herbicides, CurrentFarm current) {
    this.herbicides = herbicides;
    this.current = current;
  }

  @GetMapping("/fields/{fieldId}")
  List<UseView> of(@PathVariable UUID fieldId) {
    return herbicides.of(current.id(), fieldId);
  }

  @PostMapping("/fields/{fieldId}")
  UseView add(@PathVariable UUID fieldId, @Valid @RequestBody UseForm form) {
    return herbicides.add(current.id(), fieldId, form.restriction());
  }

  @DeleteMapping("/{id}")
  void remove(@PathVariable UUID id) {
    herbicides.remove(current.id(), id);
  }
}
