package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;

/** How calls are worded. */
final class CallWords {
  private CallWords() {}

  static String opening(CropKind crop, SeedingMethod way, boolean one) {
    return switch (way.place()) {
      case AFTER_HARVEST, WITH_HARVEST ->
          (one ? "comes " : "come ")
              + (crop == CropKind.FREE_GROUND ? "free" : "off")
              + " for the "
              + wayWords(way)
              + " about";
      case BETWEEN_ROWS, INTO_WHEAT ->
          (one ? "opens for the " : "open for the ") + wayWords(way) + " about";
      case OVER_THE_TOP ->
          (crop == CropKind.SOYBEANS
                  ? (one ? "reaches" : "reach") + " first yellow"
                  : (one ? "opens" : "open") + " for seeding over the top")
              + " about";
    };
  }

  /** The machine's name alone, as in "drone window". */
  static String wayWords(SeedingMethod way) {
    return switch (way) {
      case DRILL, INTERSEEDER, DRONE, AIRPLANE, HELICOPTER, SLURRY ->
          way.name().toLowerCase(java.util.Locale.ROOT);
      case PRECISION_PLANTER -> "planter";
      case BROADCAST_TILLAGE, BROADCAST -> "spreader";
      case DISC_PASSES -> "disc";
      case COMBINE_SEEDER -> "combine seeder";
      case HARVEST_SPREADER -> "harvest spreader";
      case ROW_AIR_SEEDER -> "air seeder";
      case HIGH_CLEARANCE -> "high-clearance spreader";
      case FROST_SEEDING -> "frost seeding";
    };
  }

  static String endWords(TerminationMethod termination) {
    return switch (termination) {
      case EARLY_SPRAY -> "spray early by";
      case PLANT_GREEN -> "plant green about";
      case ROLL -> "roll about";
      case WINTER_KILL -> "check after the winter";
      default -> termination.act() + " about";
    };
  }

  static String words(CropKind kind) {
    return switch (kind) {
      case CORN_GRAIN -> "corn ";
      case CORN_SILAGE -> "silage corn ";
      case SOYBEANS -> "soybean ";
      case WINTER_WHEAT -> "wheat ";
      case OATS -> "oat ";
      case OTHER, FREE_GROUND -> "";
    };
  }

  static Reason span(LocalDate first, LocalDate last) {
    return first.equals(last) ? Reason.of("{}", first) : Reason.of("{} to {}", first, last);
  }

  static String counted(int n, String one, String many) {
    return n == 1 ? "1 " + one : n + " " + many;
  }

  static String sentence(Reason reason) {
    String text = reason.text();
    return Character.toUpperCase(text.charAt(0))
        + text.substring(1)
        + (text.endsWith(".") ? "" : ".");
  }

  static Object[] joined(Reason a, Reason b) {
    List<Object> all = new ArrayList<>(a.figures());
    all.addAll(b.figures());
    return all.toArray();
  }
}
