package nimblefurrow.core.termination.worth;

import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.yard.MachineKind;

/** Ways to end a cover as their money is set against each other. */
public enum ComparedMethod {
  SPRAYED(
      "spray early, plant into the brown",
      TerminationMethod.EARLY_SPRAY,
      MachineKind.SPRAYER,
      true),
  SPRAYED_TWICE(
      "spray early, and again before planting",
      TerminationMethod.EARLY_SPRAY,
      MachineKind.SPRAYER,
      true),
  GREEN("plant green, spray at planting", TerminationMethod.PLANT_GREEN, MachineKind.PLANTER, true),
  ROLLED("roll and plant in one pass", TerminationMethod.ROLL, MachineKind.ROLLER, false),
  ROLLED_TWICE("roll and plant, roll again", TerminationMethod.ROLL, MachineKind.ROLLER, false),
  ROLLED_AND_SPRAYED(
      "roll, plant, reduced spray", TerminationMethod.ROLL_AND_SPRAY, MachineKind.ROLLER, true),
  ROLLED_AFTER(
      "plant green, roll at first leaves", TerminationMethod.ROLL_AFTER, MachineKind.ROLLER, false),
  TILLED("till it in", TerminationMethod.TILLAGE, MachineKind.TILLAGE, false),
  HAYED("cut for hay, then plant", TerminationMethod.HAY, MachineKind.MOWER, false),
  GRAZED("graze off, then plant", TerminationMethod.GRAZING, MachineKind.TILLAGE, false);

  private final String words;
  private final TerminationMethod termination;
  private final MachineKind machine;
  private final boolean herbicide;

  ComparedMethod(
      String words, TerminationMethod termination, MachineKind machine, boolean herbicide) {
    this.words = words;
    this.termination = termination;
    this.machine = machine;
    this.herbicide = herbicide;
  }

  /** The plain way of a route that a machine does; empty for what has no trade-off. */
  public static Optional<ComparedMethod> of(TerminationMethod termination, MachineKind machine) {
    return Arrays.stream(values())
        .filter(w -> w.termination == termination && w.machine == machine)
        .findFirst();
  }

  /** As it is told. */
  public String words() {
    return words;
  }

  /** The route that it belongs to. */
  public TerminationMethod termination() {
    return termination;
  }

  /** What ends the cover. */
  public MachineKind machine() {
    return machine;
  }

  /** Whether it takes herbicide, which organic ground never gets. */
  public boolean herbicide() {
    return herbicide;
  }

  /** Whether a roller does the killing, or a good part of it. */
  public boolean rolls() {
    return rollsAlone() || this == ROLLED_AND_SPRAYED;
  }

  /** Whether nothing but a roller kills it. */
  boolean rollsAlone() {
    return this == ROLLED || this == ROLLED_TWICE || this == ROLLED_AFTER;
  }

  /** Whether the planter follows the roller in one pass. */
  boolean plantsAtOnce() {
    return this == ROLLED || this == ROLLED_TWICE || this == ROLLED_AND_SPRAYED;
  }

  /** Whether it feeds stock, which pays only where there is some, or a buyer. */
  boolean feeds() {
    return this == HAYED || this == GRAZED;
  }

  /** Whether the cover is gone from the field, so that no mat is left of it. */
  boolean leavesNoMat() {
    return this == TILLED || this == HAYED;
  }

  /** Whether the kill is told by the stage that the cover has reached. */
  boolean asksStage() {
    return feeds() || this == TILLED;
  }

  /** Whether the crop goes in while the cover lives. */
  boolean plantsGreen() {
    return this == GREEN || this == ROLLED_AFTER;
  }
}
