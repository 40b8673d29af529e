package nimblefurrow.core.termination;

import java.util.List;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.yard.MachineKind;

/**
 * How a cover dies. The order is that in which the ways are shown: what most farms do comes first.
 */
public enum TerminationMethod implements Coded {
  EARLY_SPRAY(
      "early_spray",
      "early spray, plant into the brown",
      "spray",
      "spray",
      "sprayed",
      true,
      MachineKind.SPRAYER),
  PLANT_GREEN(
      "plant_green",
      "plant green, spray at planting",
      "plant green",
      "green",
      "planted green, sprayed",
      true,
      MachineKind.PLANTER,
      MachineKind.SPRAYER),
  ROLL("roll", "roll and crimp", "roll", "roll", "rolled", false, MachineKind.ROLLER),
  ROLL_AFTER(
      "roll_after",
      "plant green, roll over the crop",
      "roll",
      "roll after",
      "rolled over the crop",
      false,
      MachineKind.PLANTER,
      MachineKind.ROLLER),
  ROLL_AND_SPRAY(
      "roll_and_spray",
      "roll with a reduced spray",
      "roll",
      "roll, spray",
      "rolled and sprayed",
      true,
      MachineKind.ROLLER,
      MachineKind.SPRAYER),
  WINTER_KILL("winter_kill", "winter-kill", "dead", "winter", "winter-killed", false),
  TILLAGE("tillage", "till in", "till", "till", "tilled in", false, MachineKind.TILLAGE),
  MOWING("mowing", "mow", "mow", "mow", "mown", false, MachineKind.MOWER),
  BETWEEN_ROWS(
      "between_rows",
      "plant green, mow between the rows",
      "mow",
      "rows",
      "mown between the rows",
      false,
      MachineKind.PLANTER,
      MachineKind.MOWER),
  GRAZING("grazing", "graze off", "graze", "graze", "grazed off", false),
  HAY("hay", "cut for hay or silage", "cut", "hay", "cut for hay", false, MachineKind.MOWER),
  STRIPS(
      "strips",
      "strips at the rows, the rest planted green",
      "spray strips",
      "strips",
      "strips sprayed",
      true,
      MachineKind.SPRAYER,
      MachineKind.PLANTER);

  private final String code;
  private final String words;
  private final String act;
  private final String brief;
  private final String done;
  private final boolean herbicide;
  private final List<MachineKind> needs;

  TerminationMethod(
      String code,
      String words,
      String act,
      String brief,
      String done,
      boolean herbicide,
      MachineKind... needs) {
    this.code = code;
    this.words = words;
    this.act = act;
    this.brief = brief;
    this.done = done;
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

  /** What was done, as in "tilled in on 3 May". */
  public String done() {
    return done;
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
