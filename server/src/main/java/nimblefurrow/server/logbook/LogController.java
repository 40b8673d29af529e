package nimblefurrow.server.logbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.journal.Sighting;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.applied.AppliedLogs;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.field.Zones;
import nimblefurrow.server.journal.CorrectionKind;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.FactForm;
import nimblefurrow.server.journal.FactForms;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The logbook: entries, newest first, and new ones with what they change. */
@RestController
@RequestMapping("/api/v1/log")
class LogController {
  /**
   * @param fact its figures; absent where they cannot be
   * @param seen whether it was seen rather than done, so that it is of its own field only
   * @param mine whether who asks may put it right: a planner may all, an operator what is his own
   */
  record EntryView(
      UUID id,
      UUID fieldId,
      @Maybe UUID zoneId,
      EntryKind kind,
      LocalDate on,
      @Maybe UUID machineId,
      @Maybe Double acres,
      @Maybe Double pounds,
      String lot,
      String note,
      String by,
      @Maybe Noted.DayWeather weather,
      @Maybe FactForm fact,
      boolean seen,
      String field,
      @Maybe String zone,
      String about,
      @Maybe String machine,
      @Maybe Double actualRate,
      boolean mapped,
      boolean mine,
      List<UUID> photos,
      @Maybe Unit yieldUnit) {}

  private final Journal journal;
  private final Logbook logbook;
  private final SameAgain again;
  private final AppliedLogs applied;
  private final Photos photos;
  private final Farms farms;
  private final Fields fields;
  private final Zones zones;
  private final Chains chains;
  private final Machines machines;
  private final CurrentFarm current;

  LogController(
      Journal journal,
      Logbook logbook,
      SameAgain again,
      AppliedLogs applied,
      Photos photos,
      Farms farms,
      Fields fields,
      Zones zones,
      Chains chains,
      Machines machines,
      CurrentFarm current) {
    this.journal = journal;
    this.logbook = logbook;
    this.again = again;
    this.applied = applied;
    this.photos = photos;
    this.farms = farms;
    this.fields = fields;
    this.zones = zones;
    this.chains = chains;
    this.machines = machines;
    this.current = current;
  }

  /**
   * Entries, newest first.
   *
   * @param from the first day of them; absent: all that were ever written
   */
  @GetMapping
  List<EntryView> all(@RequestParam(required = false) LocalDate from) {
    FarmView farm = farms.view(current.id());
    LocalDate today = farms.today(farm);
    Map<UUID, String> names = fields.names(current.id());
    Map<UUID, String> zoneNames = zones.names(current.id());
    Map<UUID, String> rigs = machines.names(current.id());
    Map<UUID, CropKind> crops = chains.crops(current.id());
    Map<UUID, List<UUID>> pictures = photos.all(current.id());
    Set<UUID> mapped = applied.entries(current.id());
    boolean planner = current.user().role() == FarmUser.Role.PLANNER;
    Set<UUID> written =
        planner ? Set.of() : journal.writtenBy(current.id(), current.user().userId());
    List<Entry> newestFirst =
        new ArrayList<>(
            journal.until(current.id(), today).stream()
                .filter(e -> from == null || !e.on().isBefore(from))
                .toList());
    Collections.reverse(newestFirst);
    return newestFirst.stream()
        .map(
            e ->
                new EntryView(
                    e.id(),
                    e.field(),
                    e.noted().part().orElse(null),
                    EntryKind.of(e.fact()),
                    e.on(),
                    e.noted().machine().orElse(null),
                    e.noted().acres().orElse(null),
                    e.noted().pounds().orElse(null),
                    e.noted().lot(),
                    e.noted().note(),
                    e.noted().by(),
                    e.noted().weather().orElse(null),
                    e.fact().to(new FactForms()),
                    e.fact() instanceof Sighting,
                    names.get(e.field()),
                    e.noted().part().map(zoneNames::get).orElse(null),
                    e.fact().says(farm.rules().figures()).in(farm.units()),
                    e.noted().machine().map(rigs::get).orElse(null),
                    actualRate(e.noted()),
                    mapped.contains(e.id()),
                    planner || written.contains(e.id()),
                    pictures.getOrDefault(e.id(), List.of()),
                    e.fact() instanceof Harvested harvested && harvested.yieldPerAcre().isPresent()
                        ? crops.getOrDefault(e.link(), CropKind.OTHER).yieldUnit()
                        : null))
        .toList();
  }

  @PostMapping
  Logbook.Saved add(@Valid @RequestBody Logbook.EntryForm form) {
    return logbook.add(current.id(), current.user(), form);
  }

  record CorrectionForm(
      @NotNull UUID id, @NotNull CorrectionKind kind, @Maybe @Size(max = 400) String reason) {}

  /** Says that an entry was a mistake, or takes that back; the entry itself is never rewritten. */
  @PostMapping("/{id}/corrections")
  void correct(@PathVariable UUID id, @Valid @RequestBody CorrectionForm form) {
    refuseOthers(id);
    journal.correct(
        current.id(),
        id,
        new Journal.NewCorrection(form.id(), form.kind(), form.reason(), current.user().name()));
  }

  /** A planner may put right what anybody wrote, an operator what is his own. */
  private void refuseOthers(UUID id) {
    FarmUser user = current.user();
    journal.one(user.farmId(), id);
    if (user.role() != FarmUser.Role.PLANNER
        && !journal.writtenBy(user.farmId(), user.userId()).contains(id)) {
      throw new AccessDeniedException("another's entry");
    }
  }

  record ReplacementForm(
      @NotNull @Valid Logbook.EntryForm entry, @Maybe @Size(max = 400) String reason) {}

  /** An entry in the place of a wrong one, which stays readable as a mistake. */
  @PostMapping("/{id}/replacement")
  Logbook.Saved replace(@PathVariable UUID id, @Valid @RequestBody ReplacementForm form) {
    refuseOthers(id);
    return logbook.replace(current.id(), current.user(), id, form.entry(), form.reason());
  }

  /** The same work on other fields on a day; of each field whether it was kept, and why not. */
  @PostMapping("/{id}/again")
  List<SameAgain.Told> again(@PathVariable UUID id, @Valid @RequestBody SameAgain.Form form) {
    return again.on(current.id(), current.user(), id, form);
  }

  /** Pounds per acre as sown, where pounds and acres were written down. */
  private static Double actualRate(Noted noted) {
    if (noted.pounds().isEmpty() || noted.acres().isEmpty()) {
      return null;
    }
    try {
      return SeedRate.used(Mass.ofPounds(noted.pounds().get()), Area.ofAcres(noted.acres().get()))
          .poundsPerAcre();
    } catch (OutOfRange cannotBe) {
      return null; // written down before such figures were refused
    }
  }
}
