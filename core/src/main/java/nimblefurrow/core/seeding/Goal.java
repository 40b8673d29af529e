package nimblefurrow.core.seeding;

/** What a cover is for, and with it how thickly small grains are sown (times the usual rate). */
public enum Goal {
  HOLD_SOIL("hold the soil", 0.75),
  KEEP_NITROGEN("keep nitrogen from leaching", 1.0),
  FIX_NITROGEN("fix nitrogen", 1.0),
  LOOSEN("loosen tight ground", 1.0),
  SMOTHER_WEEDS("smother weeds", 1.5);

  /** A mat that is to die under the roller alone wants this many times the usual rate. */
  public static final double ROLL_ONLY = 2.25;

  private final String words;
  private final double smallGrainRate;

  Goal(String words, double smallGrainRate) {
    this.words = words;
    this.smallGrainRate = smallGrainRate;
  }

  public String words() {
    return words;
  }

  public double smallGrainRate() {
    return smallGrainRate;
  }
}
