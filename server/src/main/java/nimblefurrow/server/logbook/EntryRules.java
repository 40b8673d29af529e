package nimblefurrow.server.logbook;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.season.FieldSeasons;
import org.springframework.stereotype.Component;

/** What an entry must be like to be kept: refused by name before anything is written. */
@Component
class EntryRules {
  private final Machines machines;

  EntryRules(Machines machines) {
    this.machines = machines;
  }

  /** Refuses what cannot be, before anything is kept. */
  void check(
      UUID farm,
      Logbook.EntryForm form,
      Fact fact,
      boolean furtherPass,
      FieldSeasons field,
      LocalDate today,
      Figures figures) {
    if (form.on().isAfter(today)) {
      throw new OutOfRange("date", "date is %s or earlier, got %s".formatted(today, form.on()));
    }
    if (form.on().isBefore(field.crop().starts())) {
      throw new OutOfRange(
          "date",
          "date is after this crop was planted on %s, got %s"
              .formatted(field.crop().starts(), form.on()));
    }
    if (form.acres() != null) {
      Limits.positive(
          "area done (up to the field's size)",
          form.acres(),
          field.now().field().facts().mostWorked(figures).acres(),
          Unit.ACRE);
    }
    if (form.pounds() != null) {
      Limits.within("pounds used", form.pounds(), 0, 500_000, Unit.POUND);
      if (form.acres() != null) {
        SeedRate.used(Mass.ofPounds(form.pounds()), Area.ofAcres(form.acres()));
      }
    }
    if (form.machineId() != null
        && machines.all(farm).stream().noneMatch(m -> m.id().equals(form.machineId()))) {
      throw new OutOfRange("machine", "machine is one of the farm's");
    }
    Story story = field.story();
    fact.mayFollow(
        furtherPass ? story.without(Sown.class) : story,
        field.setting(),
        form.noted("", Optional.empty()),
        figures);
  }
}
