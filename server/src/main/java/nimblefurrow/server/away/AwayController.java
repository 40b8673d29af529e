package nimblefurrow.server.away;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Days on which a machine or somebody is away. */
@RestController
@RequestMapping("/api/v1/away")
class AwayController {
  record AwayForm(
      @NotNull UUID id,
      @Maybe UUID machineId,
      @Maybe @Size(max = 60) String person,
      @NotNull LocalDate first,
      @NotNull LocalDate last,
      @NotBlank @Size(max = 120) String why) {}

  private final Away away;
  private final CurrentFarm current;

  AwayController(Away away, CurrentFarm current) {
    this.away = away;
    this.current = current;
  }

  @GetMapping
  List<Away.Days> all() {
    return away.all(current.id());
  }

  @PostMapping
  List<Away.Days> note(@Valid @RequestBody AwayForm form) {
    away.note(
        current.id(),
        new Away.Days(
            form.id(), form.machineId(), form.person(), form.first(), form.last(), form.why()));
    return all();
  }

  @DeleteMapping("/{id}")
  List<Away.Days> remove(@PathVariable UUID id) {
    away.remove(current.id(), id);
    return all();
  }
}
