package nimblefurrow.server.logbook;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Look;
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
      case STAND_COUNT -> {
        refuseUnless(sown, "a stand can be counted once the cover is sown");
        Limits.given("species", form.species());
        stand(form);
      }
      case WINTERED -> {
        refuseUnless(sown, "there is no sown cover that could have wintered");
        Limits.given("species", form.species());
        alive(form);
      }
      case HEIGHT,
          GROUND_COVER,
          CANOPY_LIGHT,
          SOIL_FEEL,
          RUTS,
          WEEDS,
          PESTS,
          KILL_RATING,
          NITROGEN ->
          LookRules.check(form, field, figures);
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

  static StemCount count(Logbook.EntryForm f) {
    return new StemCount(
        Limits.given("spots", f.spots()),
        Limits.given("stems", f.stems()),
        Limits.given("stems past flowering", f.past()));
  }

  static StandCount stand(Logbook.EntryForm f) {
    Look look = Limits.given("plants by spot", f.look());
    return new StandCount(
        Limits.given("plants by spot", look.plants()),
        Limits.given("ground of a spot", look.squareFeet()),
        Optional.ofNullable(look.stemsPerPlant()));
  }

  static Share alive(Logbook.EntryForm f) {
    Look look = Limits.given("plants looked at", f.look());
    int looked = Limits.given("plants looked at", look.looked());
    Limits.within("plants looked at", looked, 1, 2000, Unit.NONE);
    int alive = Limits.given("plants alive", look.alive());
    Limits.within("plants alive (of those looked at)", alive, 0, looked, Unit.NONE);
    return Share.of((double) alive / looked);
  }

  static Quadrats frames(Logbook.EntryForm f) {
    return new Quadrats(
        Limits.given("frame", f.frameSquareFeet()), Limits.given("dry grams", f.dryGrams()));
  }
}
