package nimblefurrow.core.termination;

import java.util.List;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.work.MachineKind;

/**
 * How a cover dies. The order is that in which the ways are shown: what most farms do comes first.
 */
public enum Route implements Coded {
  EARLY_SPRAY(
      "early_spray",
      "early spray, plant into the brown",
      "spray",
      "spray",
      true,
      MachineKind.SPRAYER),
  PLANT_GREEN(
      "plant_green",
      "plant green, spray at planting",
      "plant green",
      "green",
      true,
      MachineKind.PLANTER,
      MachineKind.SPRAYER),
  ROLL("roll", "roll and crimp", "roll", "roll", false, MachineKind.ROLLER),
  ROLL_AFTER(
      "roll_after",
      "plant green, roll over the crop",
      "roll",
      "roll after",
      false,
      MachineKind.PLANTER,
      MachineKind.ROLLER),
  ROLL_AND_SPRAY(
      "roll_and_spray",
      "roll with a reduced spray",
      "roll",
      "roll, spray",
      true,
      MachineKind.ROLLER,
      MachineKind.SPRAYER),
  WINTER_KILL("winter_kill", "winter-kill", "dead", "winter", false),
  TILLAGE("tillage", "till in", "till", "till", false, MachineKind.TILLAGE),
  MOWING("mowing", "mow", "mow", "mow", false, MachineKind.MOWER),
  BETWEEN_ROWS(
      "between_rows",
      "plant green, mow between the rows",
      "mow",
      "rows",
      false,
      MachineKind.PLANTER,
      MachineKind.MOWER),
  GRAZING("grazing", "graze off", "graze", "graze", false),
  HAY("hay", "cut for hay or silage", "cut", "hay", false, MachineKind.MOWER),
  STRIPS(
      "strips",
      "strips at the rows, the rest planted green",
      "spray strips",
      "strips",
      true,
      MachineKind.SPRAYER,
      MachineKind.PLANTER);

  private final String code;
  private final String words;
  private final String act;
  private final String brief;
  private final boolean herbicide;
  private final List<MachineKind> needs;

  Route(
      String code,
      String words,
      String act,
      String brief,
      boolean herbicide,
      MachineKind... needs) {
    this.code = code;
    this.words = words;
    this.act = act;
    this.brief = brief;
    this.herbicide = herbicide;
    this.needs = List.of(needs);
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
    return act;
  }

  /** In a word or two, to stand before a strip: "roll after". */
  public String brief() {
    return brief;
  }

  /** Whether a herbicide belongs to it, which rules it out for organic fields. */
  public boolean usesHerbicide() {
    return herbicide;
  }

  /** The machines that go over the field for it, in their order; none where the winter does it. */
  public List<MachineKind> needs() {
    return needs;
  }

  /** The machines that end the cover, without the planter that goes into it. */
  public List<MachineKind> killers() {
    return needs.stream().filter(kind -> kind != MachineKind.PLANTER).toList();
  }
}
