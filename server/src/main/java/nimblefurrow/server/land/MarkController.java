package nimblefurrow.server.land;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.server.land.Marks.MarkView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Marks on the map. */
@RestController
@RequestMapping("/api/v1/marks")
class MarkController {
  record MarkForm(
      @NotNull MarkKind kind,
      @Maybe @Size(max = 80) String name,
      @NotBlank @Size(max = 200_000) String shape,
      @Maybe Double keepAwayFt,
      @Maybe Integer version) {}

  private final Marks marks;
  private final CurrentFarm current;

  MarkController(Marks marks, CurrentFarm current) {
    this.marks = marks;
    this.current = current;
  }

  @GetMapping
  List<MarkView> all() {
    return marks.all(current.id());
  }

  @PostMapping
  MarkView add(@Valid @RequestBody MarkForm f) {
    return marks.add(current.id(), f.kind(), f.name(), Drawn.shape(f.shape()), f.keepAwayFt());
  }

  @PutMapping("/{id}")
  MarkView change(@PathVariable UUID id, @Valid @RequestBody MarkForm f) {
    return marks.change(
        current.id(), id, f.kind(), f.name(), Drawn.shape(f.shape()), f.keepAwayFt(), f.version());
  }

  @DeleteMapping("/{id}")
  void remove(@PathVariable UUID id) {
    marks.remove(current.id(), id);
  }
}
