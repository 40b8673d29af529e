package nimblefurrow.server.logbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.journal.EntryDetails;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.journal.Journal.Entry;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.Maybe;
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
    if (entry.kind().seen()) {
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
    EntryDetails details = entry.details();
    Double pounds =
        entry.pounds() == null || entry.acres() == null
            ? null
            : SeedRate.used(Mass.ofPounds(entry.pounds()), Area.ofAcres(entry.acres()))
                .over(Area.ofAcres(field.acres()))
                .pounds();
    return new Logbook.EntryForm(
        id,
        field.id(),
        null,
        entry.kind(),
        on,
        null,
        entry.machineId(),
        entry.acres() == null ? null : field.acres(),
        pounds,
        entry.lot(),
        entry.note(),
        details.route(),
        details.stage(),
        null,
        null,
        null,
        null,
        null,
        null,
        null,
        null);
  }
}
