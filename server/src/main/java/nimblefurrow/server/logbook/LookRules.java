package nimblefurrow.server.logbook;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.journal.Look;
import nimblefurrow.server.season.FieldSeasons;

/** What is read spot by spot must be of something that stands there, and within its limits. */
final class LookRules {
  private LookRules() {}

  /** Whether it can be seen on any ground, with a cover or without. */
  static boolean ofAnyGround(EntryKind kind) {
    return switch (kind) {
      case SOIL_FEEL, RUTS, WEEDS, PESTS, NITROGEN -> true;
      default -> false;
    };
  }

  static void check(Logbook.EntryForm form, FieldSeasons field, Figures figures) {
    CoverPlan plan = field.now().field().cover().orElse(null);
    boolean stands = plan != null && plan.seeded() != null && plan.ended() == null;
    switch (form.kind()) {
      case HEIGHT, GROUND_COVER -> {
        if (!stands) {
          throw new OutOfRange("cover", "there is no living cover to measure");
        }
      }
      case KILL_RATING -> {
        if (plan == null || plan.ended() == null) {
          throw new OutOfRange("cover", "this cover is not logged as ended: log that first");
        }
        if (form.on().isBefore(plan.ended())) {
          throw new OutOfRange(
              "date",
              "date is after the cover was ended on %s, got %s".formatted(plan.ended(), form.on()));
        }
      }
      case CANOPY_LIGHT -> {
        if (LeavesLost.full(field.now().field().crop().kind(), figures).isEmpty()) {
          throw new OutOfRange("crop", "light under the crop tells of corn and soybeans only");
        }
      }
      default -> {}
    }
    Look look = Limits.given("what was read", form.look());
    if (form.kind() == EntryKind.SOIL_FEEL) {
      Limits.given("how the soil feels", look.feel());
    } else if (form.kind() == EntryKind.PESTS) {
      Limits.given("pest", look.pest()).checked(look.readings(), figures);
    } else {
      LookSheet.of(form.kind().read().orElseThrow(), figures).checked(look.readings());
    }
  }
}
