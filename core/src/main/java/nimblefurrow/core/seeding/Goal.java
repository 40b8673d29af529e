package nimblefurrow.core.seeding;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureTable;

/** What a cover is for, and with it how thickly small grains are sown (times the usual rate). */
public enum Goal {
  HOLD_SOIL("hold the soil", 1.0),
  KEEP_NITROGEN("keep nitrogen from leaching", 1.0),
  FIX_NITROGEN("fix nitrogen", 1.0),
  LOOSEN("loosen tight ground", 1.0),
  SMOTHER_WEEDS("smother weeds", 1.5),
  STOP_CRUSTING("stop crusting", 0.75),
  CARRY_TRAFFIC("dry out and carry traffic in spring", 1.0),
  FEED_CATTLE("feed cattle", 1.0),
  BUILD_ORGANIC("build organic matter", 1.0),
  BREAK_PESTS("break pest cycles", 1.0),
  COST_SHARE("meet a cost-share contract", 0.75),
  BREAK_RESIDUE("break down residue", 1.0),
  REPLACE_CARBON("replace carbon where stalks are sold", 1.0);

  /** A mat that is to die under the roller alone wants this many times the usual rate. */
  public static final double ROLL_ONLY = 2.25;

  private static final double BEST = 3;
  private static final Map<String, Map<Goal, Double>> SERVED = load();

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

  /** How well a species serves this goal when it does well, 0 not at all to 1 best. */
  public double servedBy(Species species) {
    return SERVED.get(species.id()).get(this) / BEST;
  }

  private static Map<String, Map<Goal, Double>> load() {
    Map<String, Map<Goal, Double>> served = new HashMap<>();
    FigureTable.shipped(Goal.class, "goals.csv")
        .byKey()
        .forEach(
            (id, row) -> {
              Map<Goal, Double> scores = new EnumMap<>(Goal.class);
              for (Goal goal : values()) {
                scores.put(goal, FigureTable.number(row, goal.name()));
              }
              served.put(id, scores);
            });
    return served;
  }
}
