package nimblefurrow.server.logbook;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.work.JobId;
import nimblefurrow.server.chain.Chains.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.journal.EntryDetails;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Journal;
import nimblefurrow.server.journal.Journal.Entry;
import nimblefurrow.server.journal.Journal.NewEntry;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.Maybe;
import nimblefurrow.server.season.FieldSeasons;
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
      @NotNull EntryKind kind,
      @NotNull LocalDate on,
      @Maybe JobId job,
      @Maybe UUID machineId,
      @Maybe Double acres,
      @Maybe Double pounds,
      @Maybe @Size(max = 120) String lot,
      @Maybe @Size(max = 2000) String note,
      @Maybe Route route,
      @Maybe CropStage stage,
      @Maybe String species,
      @Maybe Integer spots,
      @Maybe Integer stems,
      @Maybe Integer past,
      @Maybe Double frameSquareFeet,
      @Maybe @Size(max = 60) List<Double> dryGrams,
      @Maybe Double yieldPerAcre) {}

  /** A forecast before and after an entry. */
  public record Change(
      String what,
      @Maybe LocalDate beforeDay,
      @Maybe LocalDate afterDay,
      @Maybe Integer beforePounds,
      @Maybe Integer afterPounds) {}

  /** What was kept, with what it changed and what it means. */
  public record Saved(Entry entry, List<Change> changes, @Maybe String verdict) {}

  private final Journal journal;
  private final Seasons seasons;
  private final Machines machines;
  private final Placements placements;
  private final Fields fields;
  private final JobsOfEntries jobs;

  Logbook(
      Journal journal,
      Seasons seasons,
      Machines machines,
      Placements placements,
      Fields fields,
      JobsOfEntries jobs) {
    this.fields = fields;
    this.jobs = jobs;
    this.journal = journal;
    this.seasons = seasons;
    this.machines = machines;
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
    fields.hold(farm, form.fieldId());
    Optional<Entry> sentBefore = journal.find(farm, form.id());
    if (sentBefore.isPresent()) {
      return again(farm, sentBefore.get(), form);
    }
    Seasons.FarmSeason before = seasons.one(farm, form.fieldId());
    FieldSeasons field = before.onlyField();
    check(farm, form, furtherPass, field, before.weather().today());
    if (form.job() != null) {
      jobs.check(farm, by, form, field, before.farm().rules().figures());
    }
    Link link = linkOf(form.kind(), field);
    EntryDetails details =
        new EntryDetails(
                form.job() == null ? null : form.job().operation().code(),
                form.route(),
                form.stage(),
                form.species(),
                form.spots(),
                form.stems(),
                form.past(),
                form.frameSquareFeet(),
                form.dryGrams(),
                form.yieldPerAcre(),
                null)
            .with(weather(before, form.on()));
    Entry entry =
        journal.add(
            farm,
            new NewEntry(
                form.id(),
                form.fieldId(),
                link.id(),
                form.kind(),
                form.on(),
                form.machineId(),
                form.acres(),
                form.pounds(),
                form.lot(),
                form.note(),
                by.name(),
                details));
    if (form.job() != null) {
      placements.change(farm, "log " + field.field().name(), List.of(), List.of(form.job()));
    }
    return saved(farm, entry, form);
  }

  /** What an entry changed: the season with it against the season without it. */
  private Saved saved(UUID farm, Entry entry, EntryForm form) {
    Seasons.FarmSeason before = seasons.one(farm, form.fieldId(), e -> !e.id().equals(entry.id()));
    Seasons.FarmSeason after = seasons.one(farm, form.fieldId());
    return new Saved(
        entry,
        changes(before, after),
        verdict(form, after.farm().units(), after.farm().rules().figures()));
  }

  /** The same entry sent once more is answered as the first time. */
  private Saved again(UUID farm, Entry kept, EntryForm form) {
    boolean same =
        kept.fieldId().equals(form.fieldId())
            && kept.kind() == form.kind()
            && kept.on().equals(form.on());
    if (!same) {
      throw new Conflict("another entry bears this id: write it anew");
    }
    return saved(farm, kept, form);
  }

  /** Refuses what cannot be, before anything is kept. */
  private void check(
      UUID farm, EntryForm form, boolean furtherPass, FieldSeasons field, LocalDate today) {
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
          field.field().acres() * 1.05,
          Unit.ACRE);
    }
    if (form.pounds() != null) {
      Limits.within("pounds used", form.pounds(), 0, 500_000, Unit.POUND);
      if (form.acres() != null) {
        SeedRate.used(Mass.ofPounds(form.pounds()), Area.ofAcres(form.acres()));
      }
    }
    if (form.yieldPerAcre() != null) {
      Limits.within("yield", form.yieldPerAcre(), 0, 1000, yieldUnit(field));
    }
    if (form.machineId() != null
        && machines.all(farm).stream().noneMatch(m -> m.id().equals(form.machineId()))) {
      throw new OutOfRange("machine", "machine is one of the farm's");
    }
    boolean sown = field.now().field().cover().filter(c -> c.seeded() != null).isPresent();
    switch (form.kind()) {
      case SEEDED -> {
        if (field.cover().isEmpty()) {
          throw new OutOfRange("cover", "choose a cover for this field first");
        }
        if (sown && !furtherPass) {
          throw new OutOfRange("cover", "this cover is logged as sown already");
        }
      }
      case DISCED -> {
        if (field.cover().isEmpty()) {
          throw new OutOfRange("cover", "choose a cover for this field first");
        }
        if (sown) {
          throw new OutOfRange("cover", "this cover is sown: disc passes come before");
        }
      }
      case CUT -> {
        refuseUnless(sown, "this cover is not logged as sown yet");
        refuseUnless(
            field.now().field().cover().filter(c -> c.clearing() != null).isPresent(),
            "a cut after which another cover follows: put it into the field's chain first");
      }
      case SLURRY_SPREAD ->
          refuseUnless(sown, "slurry goes over seeded ground: log the sowing first");
      case ENDED -> {
        Limits.given("how it was ended", form.route());
        refuseUnless(sown, "this cover is not logged as sown yet");
        if (field.field().organic() && form.route().usesHerbicide()) {
          throw new OutOfRange("how it was ended", "this field is organic: herbicide is ruled out");
        }
      }
      case STEM_COUNT -> {
        refuseUnless(sown, "stems can be counted once the cover is sown");
        count(form);
        Limits.given("species", form.species());
      }
      case BIOMASS -> {
        refuseUnless(sown, "there is no sown cover to clip");
        frames(form);
      }
      case CROP_STAGE -> {
        refuseFreedGround(field);
        Limits.given("stage", form.stage());
      }
      case HARVESTED -> {
        refuseFreedGround(field);
        if (field.entries().stream()
            .anyMatch(
                e -> e.kind() == EntryKind.HARVESTED && e.linkId().equals(field.crop().id()))) {
          throw new OutOfRange("crop", "this crop is logged as harvested already");
        }
      }
    }
  }

  private static Unit yieldUnit(FieldSeasons field) {
    return field.crop().crop() == null ? Unit.NONE : field.crop().crop().kind().yieldUnit();
  }

  private static void refuseFreedGround(FieldSeasons field) {
    if (field.crop().kind() == LinkKind.CUT) {
      throw new OutOfRange("crop", "no crop stands here: a cut has freed the ground");
    }
  }

  private static void refuseUnless(boolean holds, String why) {
    if (!holds) {
      throw new OutOfRange("cover", why);
    }
  }

  private static StemCount count(EntryForm f) {
    return new StemCount(
        Limits.given("spots", f.spots()),
        Limits.given("stems", f.stems()),
        Limits.given("stems past flowering", f.past()));
  }

  private static Quadrats frames(EntryForm f) {
    return new Quadrats(
        Limits.given("frame", f.frameSquareFeet()), Limits.given("dry grams", f.dryGrams()));
  }

  private static Link linkOf(EntryKind kind, FieldSeasons field) {
    boolean ofCrop = kind == EntryKind.HARVESTED || kind == EntryKind.CROP_STAGE;
    return ofCrop
        ? field.crop()
        : field
            .cover()
            .orElseThrow(() -> new OutOfRange("cover", "choose a cover for this field first"));
  }

  private static EntryDetails.DayWeather weather(Seasons.FarmSeason season, LocalDate day) {
    var measured = season.weather().measured();
    if (!measured.covers(day)) {
      return null;
    }
    var w = measured.on(day);
    return new EntryDetails.DayWeather(w.maxF(), w.minF(), w.rainIn(), w.windMph());
  }

  private static String verdict(EntryForm form, UnitSystem units, Figures figures) {
    if (form.kind() == EntryKind.STEM_COUNT) {
      return switch (count(form).verdict(figures)) {
        case READY -> "Ready: 80 % or more are past flowering.";
        case WAIT -> "Wait: not enough are past flowering yet.";
        case COUNT_ON -> "Undecided: count more spots.";
      };
    }
    if (form.kind() == EntryKind.BIOMASS) {
      Quadrats frames = frames(form);
      return frames.clipMore(figures)
          ? "Clip more frames: the interval is wider than ± 25 %, or cannot be told."
          : "Enough frames: the 90 %% interval is within ± %s."
              .formatted(units.say(DryMatter.poundsPerAcre(frames.halfWidth().orElseThrow())));
    }
    return null;
  }

  private static List<Change> changes(Seasons.FarmSeason before, Seasons.FarmSeason after) {
    FieldSeason was = before.fields().get(0).now();
    FieldSeason is = after.fields().get(0).now();
    List<Change> changes = new ArrayList<>();
    day(
        changes,
        "harvest",
        median(was.crop().when(CropStage.HARVEST)),
        median(is.crop().when(CropStage.HARVEST)));
    day(
        changes,
        "sowing",
        was.stand().map(s -> s.seeded()).orElse(null),
        is.stand().map(s -> s.seeded()).orElse(null));
    day(changes, "flowering", stage(was, CoverStage.FLOWERING), stage(is, CoverStage.FLOWERING));
    day(
        changes,
        "viable seed",
        stage(was, CoverStage.VIABLE_SEED),
        stage(is, CoverStage.VIABLE_SEED));
    day(changes, "the day to end it", aim(was), aim(is));
    LocalDate weighed = Optional.ofNullable(aim(was)).orElse(aim(is));
    if (weighed != null && was.stand().isPresent() && is.stand().isPresent()) {
      Spread a = new MatForecast(was.stand().get(), before.weather().outlook()).on(weighed);
      Spread b = new MatForecast(is.stand().get(), after.weather().outlook()).on(weighed);
      changes.add(
          new Change(
              "mat on " + before.farm().units().say(weighed),
              null,
              null,
              (int) Math.round(a.middle()),
              (int) Math.round(b.middle())));
    }
    return changes;
  }

  private static void day(List<Change> changes, String what, LocalDate before, LocalDate after) {
    if (before != null || after != null) {
      changes.add(new Change(what, before, after, null, null));
    }
  }

  private static LocalDate median(DateForecast forecast) {
    return forecast.median().orElse(null);
  }

  private static LocalDate stage(FieldSeason season, CoverStage stage) {
    return Optional.ofNullable(season.stages().get(stage))
        .flatMap(DateForecast::median)
        .orElse(null);
  }

  private static LocalDate aim(FieldSeason season) {
    return season.route().flatMap(r -> r.aim()).orElse(null);
  }
}
