package nimblefurrow.core.termination;

import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.work.MachineKind;

/** How a cover dies. */
public enum Route implements Coded {
  EARLY_SPRAY("early_spray", "early spray, plant into the brown", true, true, MachineKind.SPRAYER),
  PLANT_GREEN(
      "plant_green",
      "plant green, spray at planting",
      true,
      true,
      MachineKind.PLANTER,
      MachineKind.SPRAYER),
  ROLL("roll", "roll and crimp", true, false, MachineKind.ROLLER),
  WINTER_KILL("winter_kill", "winter-kill", true, false),
  ROLL_AND_SPRAY(
      "roll_and_spray",
      "roll with a reduced spray",
      false,
      true,
      MachineKind.ROLLER,
      MachineKind.SPRAYER),
  TILLAGE("tillage", "till in", false, false),
  MOWING("mowing", "mow", false, false),
  GRAZING("grazing", "graze off", false, false),
  HAY("hay", "cut for hay or silage", false, false),
  STRIPS("strips", "strips at the rows", false, true, MachineKind.SPRAYER);

  private final String code;
  private final String words;
  private final boolean offered;
  private final boolean herbicide;
  private final List<MachineKind> needs;

  Route(String code, String words, boolean offered, boolean herbicide, MachineKind... needs) {
    this.code = code;
    this.words = words;
    this.offered = offered;
    this.herbicide = herbicide;
    this.needs = List.of(needs);
  }

  /** The ways that can be chosen, in the order in which they are shown. */
  public static List<Route> chosenFrom() {
    return Arrays.stream(values()).filter(Route::offered).toList();
  }

  @Override
  public String code() {
    return code;
  }

  /** The way as told: "roll and crimp". */
  public String words() {
    return words;
  }

  /** What is done, as in "roll about 20 May". */
  public String act() {
    return switch (this) {
      case EARLY_SPRAY -> "spray";
      case PLANT_GREEN -> "plant green";
      case ROLL -> "roll";
      case WINTER_KILL -> "dead";
      default -> words;
    };
  }

  /** Whether it can be chosen; the others have their place only. */
  public boolean offered() {
    return offered;
  }

  /** Whether a herbicide belongs to it, which rules it out for organic fields. */
  public boolean usesHerbicide() {
    return herbicide;
  }

  /** The machines that go over the field for it, in their order; none where the winter does it. */
  public List<MachineKind> needs() {
    return needs;
  }
}
