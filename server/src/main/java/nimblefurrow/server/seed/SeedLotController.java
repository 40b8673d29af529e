package nimblefurrow.server.seed;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Removed;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.seed.SeedLots.LotView;
import nimblefurrow.server.seed.SeedLots.TypedLot;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Seed lots. */
@RestController
@RequestMapping("/api/v1/lots")
class SeedLotController {
  record LotForm(
      @NotBlank String species,
      @NotBlank @Size(max = 80) String name,
      @NotNull Double purity,
      @NotNull Double germination,
      @Maybe Double hardSeed,
      @Maybe LocalDate testedOn,
      @NotNull Double pounds,
      @Maybe Boolean binRun,
      @Maybe Boolean untreated,
      @Maybe Boolean organic,
      @Maybe @Size(max = 120) String dealer,
      @Maybe Integer version) {
    TypedLot typed() {
      return new TypedLot(
          species,
          name,
          purity,
          germination,
          hardSeed == null ? 0 : hardSeed,
          testedOn,
          pounds,
          Boolean.TRUE.equals(binRun),
          Boolean.TRUE.equals(untreated),
          Boolean.TRUE.equals(organic),
          dealer);
    }
  }

  private final SeedLots lots;
  private final CurrentFarm current;

  SeedLotController(SeedLots lots, CurrentFarm current) {
    this.lots = lots;
    this.current = current;
  }

  @GetMapping
  List<LotView> all() {
    return lots.all(current.id());
  }

  @PostMapping
  LotView add(@Valid @RequestBody LotForm form) {
    return lots.add(current.id(), form.typed());
  }

  @PutMapping("/{id}")
  LotView change(@PathVariable UUID id, @Valid @RequestBody LotForm form) {
    return lots.change(current.id(), id, form.typed(), form.version());
  }

  @DeleteMapping("/{id}")
  Removed remove(@PathVariable UUID id) {
    return lots.remove(current.id(), id);
  }
}
