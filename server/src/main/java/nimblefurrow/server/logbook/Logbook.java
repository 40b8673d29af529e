package nimblefurrow.server.logbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.applied.AppliedLogs;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.journal.CorrectionKind;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.FactForm;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.journal.Journal.NewEntry;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.practice.Eyes;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes entries and tells what they change. */
@Service
public class Logbook {
  /**
   * An entry as typed, as far as its kind needs it.
   *
   * @param id the name that its writer gives it; sent twice it is kept once and answered alike
   */
  public record EntryForm(
      @NotNull UUID id,
      @NotNull UUID fieldId,
      @Maybe UUID zoneId,
      @NotNull LocalDate on,
      @Maybe JobId job,
      @Maybe UUID machineId,
      @Maybe Double acres,
      @Maybe Double pounds,
      @Maybe @Size(max = 120) String lot,
      @Maybe @Size(max = 2000) String note,
      @NotNull @Valid FactForm fact) {

    /** The same entry, as the one that settles a job. */
    EntryForm settling(JobId settled) {
      return new EntryForm(
          id, fieldId, zoneId, on, settled, machineId, acres, pounds, lot, note, fact);
    }

    EntryKind kind() {
      return EntryKind.of(fact.fact());
    }

    /** When, where and by whom. */
    Noted noted(String by, Optional<Noted.DayWeather> weather) {
      return new Noted(
          on,
          Optional.ofNullable(zoneId),
          Optional.ofNullable(machineId),
          Optional.ofNullable(acres),
          Optional.ofNullable(pounds),
          lot == null ? "" : lot,
          note == null ? "" : note,
          by,
          weather);
    }
  }

  /** A forecast before and after an entry. */
  public record Change(
      String what,
      @Maybe LocalDate beforeDay,
      @Maybe LocalDate afterDay,
      @Maybe Integer beforePounds,
      @Maybe Integer afterPounds) {}

  /** What was kept, with what it changed and what it means. */
  public record Saved(
      UUID id, @Maybe Noted.DayWeather weather, List<Change> changes, @Maybe String verdict) {}

  private final Eyes eyes;
  private final Journal journal;
  private final Seasons seasons;
  private final EntryRules rules;
  private final Placements placements;
  private final Fields fields;
  private final JobsOfEntries jobs;
  private final AppliedLogs applied;

  Logbook(
      Eyes eyes,
      Journal journal,
      Seasons seasons,
      EntryRules rules,
      Placements placements,
      Fields fields,
      JobsOfEntries jobs,
      AppliedLogs applied) {
    this.eyes = eyes;
    this.applied = applied;
    this.fields = fields;
    this.jobs = jobs;
    this.journal = journal;
    this.seasons = seasons;
    this.rules = rules;
    this.placements = placements;
  }

  /**
   * Writes an entry and says what it changed; refuses what cannot be, before anything is kept.
   *
   * @param by who writes it
   */
  @Transactional
  public Saved add(UUID farm, FarmUser by, EntryForm form) {
    return add(farm, by, form, false);
  }

  /**
   * @param furtherPass whether this sowing goes over a field that is logged as sown, as when unlike
   *     seeds are flown one after the other
   */
  @Transactional
  public Saved add(UUID farm, FarmUser by, EntryForm form, boolean furtherPass) {
    return write(farm, by, form, furtherPass);
  }

  /**
   * Writes within the caller's transaction. What is refused is refused before anything is kept, so
   * that a caller with many entries can go on with the next.
   */
  Saved write(UUID farm, FarmUser by, EntryForm form, boolean furtherPass) {
    fields.hold(farm, form.fieldId());
    Optional<Entry> sentBefore = journal.find(farm, form.id());
    if (sentBefore.isPresent()) {
      return again(farm, sentBefore.get(), form);
    }
    Fact typed = form.fact().fact();
    OneField before = seasons.one(farm, form.fieldId());
    FieldSeasons field = part(before, form, typed);
    rules.check(
        farm, form, typed, furtherPass, field, before.day().today(), before.day().figures());
    if (form.job() != null) {
      jobs.check(farm, by, form, field, before.day().figures());
    }
    Fact fact =
        typed instanceof StemsCounted stems ? stems.by(eyes.taken(by, before.day())) : typed;
    Noted noted = form.noted(by.name(), weather(before.day(), form.on()));
    Entry entry =
        journal.add(
            farm,
            new NewEntry(
                form.id(),
                form.fieldId(),
                linkOf(fact, field).id(),
                field.zone().map(noted::in).orElse(noted),
                fact,
                by.userId(),
                form.job() == null ? null : form.job().operation().code()));
    if (form.job() != null) {
      placements.change(farm, "log " + field.field().name(), List.of(), List.of(form.job()));
    }
    return saved(entry, form, before, seasons.one(farm, form.fieldId()));
  }

  /**
   * Writes an entry in the place of a wrong one: the wrong one is marked as a mistake and stays
   * readable, the new one counts. Both or neither is kept.
   *
   * @param reason why, in the writer's words; may be empty
   */
  @Transactional
  public Saved replace(UUID farm, FarmUser by, UUID wrong, EntryForm form, String reason) {
    fields.hold(farm, form.fieldId());
    Optional<Entry> sentBefore = journal.find(farm, form.id());
    if (sentBefore.isPresent()) {
      return again(farm, sentBefore.get(), form);
    }
    Entry mistake = journal.counting(farm, wrong);
    // Of several sowings of one cover one may be put right; no other act may sow it again.
    boolean sowing =
        form.kind() == EntryKind.SEEDED
            && mistake.fact() instanceof Sown
            && mistake.field().equals(form.fieldId());
    journal.correct(
        farm,
        wrong,
        new Journal.NewCorrection(UUID.randomUUID(), CorrectionKind.WITHDRAWN, reason, by.name()));
    Saved saved = add(farm, by, settling(farm, form), sowing);
    if (sowing) {
      applied.carry(farm, wrong, form.id());
    }
    return saved;
  }

  /** An entry that names no job settles the one that is open for its kind, if there is one. */
  EntryForm settling(UUID farm, EntryForm form) {
    if (form.job() != null) {
      return form;
    }
    OneField field = seasons.one(farm, form.fieldId());
    return jobs.settledBy(form.kind(), field.part(form.zoneId(), null), field.day().figures())
        .map(form::settling)
        .orElse(form);
  }

  /** What an entry changed: the season with it against the season without it. */
  private static Saved saved(Entry entry, EntryForm form, OneField before, OneField after) {
    return new Saved(
        entry.id(),
        entry.noted().weather().orElse(null),
        EntryEffect.changes(before, after, form.zoneId(), form.job()),
        Verdicts.of(
                entry,
                part(after, form, entry.fact()).now(),
                after.day().units(),
                after.day().figures())
            .orElse(null));
  }

  /** The same entry sent once more is answered as the first time. */
  private Saved again(UUID farm, Entry kept, EntryForm form) {
    boolean same =
        kept.field().equals(form.fieldId())
            && EntryKind.of(kept.fact()) == form.kind()
            && kept.on().equals(form.on());
    if (!same) {
      throw new Conflict("another entry bears this id: write it anew");
    }
    OneField before = seasons.one(farm, form.fieldId(), e -> !e.id().equals(kept.id()));
    return saved(kept, form, before, seasons.one(farm, form.fieldId()));
  }

  /** The part that an entry is about; a kill is rated of the cover that was ended last. */
  private static FieldSeasons part(OneField field, EntryForm form, Fact fact) {
    FieldSeasons part = field.part(form.zoneId(), form.job());
    return fact instanceof KillRated
        ? part.lastEnded(field.day().today(), field.day().figures())
        : part;
  }

  private static Link linkOf(Fact fact, FieldSeasons field) {
    Optional<Link> cover = field.cover();
    return switch (fact.of()) {
      case CROP -> field.crop();
      case GROUND -> cover.orElse(field.crop());
      case COVER ->
          cover.orElseThrow(() -> new OutOfRange("cover", "choose a cover for this field first"));
    };
  }

  private static Optional<Noted.DayWeather> weather(FarmDay farm, LocalDate day) {
    var measured = farm.weather().measured();
    return measured.covers(day)
        ? Optional.of(measured.on(day))
            .map(w -> new Noted.DayWeather(w.maxF(), w.minF(), w.rainIn(), w.windMph()))
        : Optional.empty();
  }
}
