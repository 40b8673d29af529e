package nimblefurrow.server.logbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Sighting;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.journal.FactForms;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.stereotype.Service;

/**
 * Work that was written down once, written down for further fields: the whole of each, at the same
 * rate, with the same machine. Fields are kept one by one, so that one which cannot have it does
 * not take the others down. Not for what was counted or clipped: that is of one field only.
 */
@Service
class SameAgain {
  private static final int MOST = 200;

  /** A field, with the name under which its entry is kept. */
  record Place(@NotNull UUID id, @NotNull UUID fieldId) {}

  record Form(@NotNull LocalDate on, @NotEmpty @Size(max = MOST) List<@Valid Place> fields) {}

  /**
   * @param refused why nothing was kept for the field
   */
  record Told(UUID fieldId, String field, @Maybe String refused) {}

  private final Logbook logbook;
  private final Journal journal;
  private final Fields fields;
  private final Farms farms;

  SameAgain(Logbook logbook, Journal journal, Fields fields, Farms farms) {
    this.logbook = logbook;
    this.journal = journal;
    this.fields = fields;
    this.farms = farms;
  }

  List<Told> on(UUID farm, FarmUser by, UUID entryId, Form form) {
    Entry entry = journal.one(farm, entryId);
    if (entry.fact() instanceof Sighting) {
      throw new OutOfRange("entry", "what was counted or clipped is of its own field only");
    }
    UnitSystem units = farms.view(farm).units();
    List<FieldView> places =
        form.fields().stream().map(p -> fields.one(farm, p.fieldId())).toList();
    List<Told> told = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      FieldView field = places.get(i);
      told.add(
          new Told(
              field.id(),
              field.name(),
              refusal(farm, by, copy(entry, form.fields().get(i).id(), field, form.on()), units)));
    }
    return told;
  }

  private String refusal(UUID farm, FarmUser by, Logbook.EntryForm form, UnitSystem units) {
    try {
      logbook.write(farm, by, logbook.settling(farm, form), false);
      return null;
    } catch (OutOfRange refused) {
      return refused.in(units);
    } catch (Conflict refused) {
      return refused.getMessage();
    }
  }

  private static Logbook.EntryForm copy(Entry entry, UUID id, FieldView field, LocalDate on) {
    Optional<Double> acres = entry.noted().acres();
    Double pounds =
        entry
            .noted()
            .pounds()
            .flatMap(lb -> acres.map(a -> SeedRate.used(Mass.ofPounds(lb), Area.ofAcres(a))))
            .map(rate -> rate.over(Area.ofAcres(field.acres())).pounds())
            .orElse(null);
    return new Logbook.EntryForm(
        id,
        field.id(),
        null,
        on,
        null,
        entry.noted().machine().orElse(null),
        acres.map(a -> field.acres()).orElse(null),
        pounds,
        entry.noted().lot(),
        entry.noted().note(),
        entry.fact().to(new FactForms()));
  }
}
