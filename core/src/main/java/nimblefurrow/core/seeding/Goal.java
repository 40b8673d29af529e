package nimblefurrow.core.seeding;

import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Coded;

/** What a cover is for, and with it how thickly small grains are sown (times the usual rate). */
public enum Goal implements Coded {
  HOLD_SOIL("hold_soil", "hold the soil"),
  KEEP_NITROGEN("keep_nitrogen", "keep nitrogen from leaching"),
  FIX_NITROGEN("fix_nitrogen", "fix nitrogen"),
  LOOSEN("loosen", "loosen tight ground"),
  SMOTHER_WEEDS("smother_weeds", "smother weeds"),
  STOP_CRUSTING("stop_crusting", "stop crusting"),
  CARRY_TRAFFIC("carry_traffic", "dry out and carry traffic in spring"),
  FEED_CATTLE("feed_cattle", "feed cattle"),
  BUILD_ORGANIC("build_organic", "build organic matter"),
  BREAK_PESTS("break_pests", "break pest cycles"),
  COST_SHARE("cost_share", "meet a cost-share contract"),
  BREAK_RESIDUE("break_residue", "break down residue"),
  REPLACE_CARBON("replace_carbon", "replace carbon where stalks are sold");

  /** A mat that is to die under the roller alone wants this many times the usual rate. */
  public static final FigureKey ROLL_ONLY = FigureKey.of("seeding", "roll_only_rate");

  private static final FigureKey BEST = FigureKey.of("seeding", "goal_best");

  private final String code;
  private final String words;

  Goal(String code, String words) {
    this.code = code;
    this.words = words;
  }

  /** What it is for, as told: "keep nitrogen from leaching". */
  public String words() {
    return words;
  }

  /** Its name on the sheets of figures, for example "hold_soil". */
  @Override
  public String code() {
    return code;
  }

  /** How thickly small grains are sown for it, times the usual rate. */
  public double smallGrainRate(Figures figures) {
    return figures.sheet("goal-rates").row(code).number("small_grain");
  }

  /** How well a species serves this goal when it does well, 0 not at all to 1 best. */
  public double servedBy(Species species) {
    return species.figures().sheet("goals").row(species.id()).number(code)
        / species.figures().of(BEST);
  }
}
