package nimblefurrow.core.cover;

import java.util.EnumMap;
import java.util.Map;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.HeatBase;

/**
 * Stages of a cover that frost ends, by heat since its sowing: buckwheat blooms at 550 °F-days
 * above 50 °F. Empty for species without a figure.
 *
 * @param base of the heat
 * @param means heat at which half of the stems are there, °F-days
 */
record SummerStages(HeatBase base, Map<CoverStage, Double> means) {
  static SummerStages of(Species species) {
    Row row = species.figures().sheet("summer-stages").find(species.id()).orElse(null);
    Map<CoverStage, Double> means = new EnumMap<>(CoverStage.class);
    if (row == null) {
      return new SummerStages(HeatBase.BASE_40, means);
    }
    row.find("boot").ifPresent(heat -> means.put(CoverStage.BOOT, heat));
    row.find("first_bloom").ifPresent(heat -> means.put(CoverStage.HEADING, heat));
    row.find("heading").ifPresent(heat -> means.put(CoverStage.HEADING, heat));
    row.find("viable_seed").ifPresent(heat -> means.put(CoverStage.VIABLE_SEED, heat));
    return new SummerStages(HeatBase.valueOf(row.text("base")), means);
  }
}
