package nimblefurrow.server.terminationdates;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Days that insurers and programmes set, as the farm has them from its agent. */
@RestController
@RequestMapping("/api/v1/termination-dates")
class TerminationDateController {
  private static final int MOST_FIELDS = 2000;

  /**
   * A day of each year.
   *
   * @param everyField whether it is for all fields of the farm; else for {@code fieldIds}
   */
  record KillDateView(
      UUID id,
      String name,
      TerminationDate.Kind kind,
      int month,
      int day,
      boolean everyField,
      List<UUID> fieldIds,
      int version) {
    static KillDateView of(TerminationDates.Kept kept) {
      TerminationDate date = kept.date();
      return new KillDateView(
          kept.id(),
          date.name(),
          date.kind(),
          date.day().getMonthValue(),
          date.day().getDayOfMonth(),
          kept.everyField(),
          kept.fields(),
          kept.version());
    }
  }

  /** A day as typed, for all fields where none is named; its year says nothing. */
  record KillDateForm(
      @NotBlank @Size(max = 80) String name,
      @NotNull TerminationDate.Kind kind,
      @NotNull LocalDate on,
      @NotNull @Size(max = MOST_FIELDS) List<@NotNull UUID> fieldIds,
      @Maybe Integer version) {}

  private final TerminationDates dates;
  private final CurrentFarm current;

  TerminationDateController(TerminationDates dates, CurrentFarm current) {
    this.dates = dates;
    this.current = current;
  }

  @GetMapping
  List<KillDateView> all() {
    return dates.set(current.id()).all().stream().map(KillDateView::of).toList();
  }

  @PutMapping("/{id}")
  List<KillDateView> keep(@PathVariable UUID id, @Valid @RequestBody KillDateForm form) {
    dates.keep(
        current.id(),
        id,
        new TerminationDate(form.name().strip(), form.kind(), MonthDay.from(form.on())),
        form.fieldIds(),
        form.version());
    return all();
  }

  @DeleteMapping("/{id}")
  List<KillDateView> remove(@PathVariable UUID id) {
    dates.remove(current.id(), id);
    return all();
  }
}
