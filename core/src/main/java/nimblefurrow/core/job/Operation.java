package nimblefurrow.core.job;

import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.yard.MachineKind;

/**
 * What is done to a field, each at most once to a crop or in a cover's life: {@code HARVEST} brings
 * the crop in, {@code SEED} sows the cover, {@code ROLL} ends it. {@code OTHER} is work of the
 * farm's own that takes the same people. Not the machine that does it; see {@link MachineKind}.
 */
public enum Operation implements Coded {
  HARVEST("harvest", false),
  FIRST_DISC("first_disc", false),
  SECOND_DISC("second_disc", false),
  SEED("seed", false),
  SLURRY("slurry", false),
  PLANT("plant", true),
  SPRAY("spray", true),
  ROLL("roll", true),
  TILL("till", true),
  MOW("mow", true),
  OTHER("other", false);

  private final String code;
  private final boolean ends;

  Operation(String code, boolean ends) {
    this.code = code;
    this.ends = ends;
  }

  /** Its lasting name where it is kept, for example "first_disc". */
  @Override
  public String code() {
    return code;
  }

  /** Whether it belongs to the end of the cover rather than to its sowing. */
  public boolean ends() {
    return ends;
  }

  /**
   * A shallow disc pass before the last one.
   *
   * @param pass counted from 1 to 2; the last pass is part of the sowing
   */
  public static Operation disc(int pass) {
    return pass == 1 ? FIRST_DISC : SECOND_DISC;
  }
}
