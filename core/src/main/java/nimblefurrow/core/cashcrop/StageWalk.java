package nimblefurrow.core.cashcrop;

import static nimblefurrow.core.cashcrop.CropStage.*;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Walks one crop through one way the weather may run. A stage seen in the field moves what follows.
 */
final class StageWalk {
  private static final double KILLING_FROST_F = 28;

  private final CropPlanting planting;
  private final WeatherTrace trace;
  private final Site site;
  private final Map<CropStage, LocalDate> stages = new EnumMap<>(CropStage.class);
  private boolean frosted;

  StageWalk(CropPlanting planting, WeatherTrace trace, Site site) {
    this.planting = planting;
    this.trace = trace;
    this.site = site;
    stages.put(PLANTED, planting.planted());
    switch (planting.kind()) {
      case CORN_GRAIN, CORN_SILAGE -> corn();
      case SOYBEANS -> soybeans();
      case WINTER_WHEAT -> wheat();
      case OATS -> oats();
      default -> {}
    }
    planting.dates().forEach(stages::put);
    planting.seen().forEach(o -> stages.put(o.stage(), o.seen()));
  }

  Map<CropStage, LocalDate> stages() {
    return stages;
  }

  boolean frostedBeforeMaturity() {
    return frosted;
  }

  private void corn() {
    CornHeat heat = CornHeat.of(planting.planted(), planting.maturity(), site);
    Map<CropStage, Double> goals = new LinkedHashMap<>();
    goals.put(EMERGED, CornHeat.EMERGENCE);
    goals.put(V3, CornHeat.collar(3));
    goals.put(V4, CornHeat.collar(4));
    goals.put(V6, CornHeat.collar(6));
    goals.put(V7, CornHeat.collar(7));
    goals.put(SILKING, heat.silking());
    goals.put(R5, heat.blackLayer() - 560);
    goals.put(HALF_MILK, heat.blackLayer() - 280);
    goals.put(BLACK_LAYER, heat.blackLayer());
    goals.put(LEAVES_GOING, heat.blackLayer() + 60);
    goals.put(HALF_LEAVES, heat.blackLayer() + 150);
    goals.put(LEAVES_GONE, heat.blackLayer() + 200);
    byHeat(goals, HeatBase.CORN_86_50, planting.planted());
    holdAtFrost(BLACK_LAYER, HALF_MILK, R5);
    LocalDate mature = stages.get(BLACK_LAYER);
    if (mature == null) {
      return;
    }
    // Leaves killed by frost are gone within days, whatever the heat.
    for (CropStage leaf : new CropStage[] {LEAVES_GOING, HALF_LEAVES, LEAVES_GONE}) {
      int days = leaf == LEAVES_GOING ? 3 : leaf == HALF_LEAVES ? 7 : 10;
      if (frosted) {
        stages.put(leaf, mature.plusDays(days));
      }
    }
    LocalDate harvest =
        planting.kind() == CropKind.CORN_SILAGE
            ? stages.get(HALF_MILK)
            : DryDown.reaches(trace, site, mature, planting.harvestMoisture());
    if (harvest != null) {
      stages.put(HARVEST, harvest);
    }
  }

  private void soybeans() {
    if (planting.dates().containsKey(HARVEST)) {
      return;
    }
    LocalDate brown = SoybeanDays.brownPods(planting.planted(), planting.maturity(), site);
    LocalDate drop = brown.minusDays(11);
    Map<CropStage, LocalDate> days = new LinkedHashMap<>();
    days.put(R6_SEED, brown.minusDays(30));
    days.put(FIRST_YELLOW, brown.minusDays(21));
    days.put(LEAF_DROP, drop);
    days.put(BROWN_PODS, brown);
    days.put(HARVEST, brown.plusDays(7));
    LocalDate frost = trace.firstNightAtOrBelow(KILLING_FROST_F, days.get(R6_SEED), drop);
    long shift = 0;
    for (Observation o : planting.seen()) {
      if (days.containsKey(o.stage())) {
        shift = o.seen().toEpochDay() - days.get(o.stage()).toEpochDay();
      }
    }
    if (frost != null && shift == 0) {
      frosted = true;
      shift = frost.toEpochDay() - drop.toEpochDay();
      days.computeIfPresent(FIRST_YELLOW, (s, d) -> d.isAfter(frost) ? frost : d);
    }
    for (Map.Entry<CropStage, LocalDate> day : days.entrySet()) {
      boolean follows = !frosted || day.getKey().compareTo(LEAF_DROP) >= 0;
      stages.put(day.getKey(), day.getValue().plusDays(follows ? shift : 0));
    }
  }

  private void wheat() {
    LocalDate spring = site.springStart(planting.planted());
    Map<CropStage, Double> goals = new LinkedHashMap<>();
    goals.put(JOINTING, 330.0);
    goals.put(BOOT, 720.0);
    goals.put(HEADING, 900.0);
    goals.put(FLOWERING, 1050.0);
    goals.put(RIPE, 2250.0);
    byHeat(goals, HeatBase.BASE_40, spring);
    harvestWhenRipe();
  }

  private void oats() {
    Map<CropStage, Double> goals = new LinkedHashMap<>();
    goals.put(HEADING, 1200.0);
    goals.put(RIPE, 2400.0);
    byHeat(goals, HeatBase.BASE_40, planting.planted());
    harvestWhenRipe();
  }

  private void harvestWhenRipe() {
    if (stages.containsKey(RIPE)) {
      stages.put(HARVEST, stages.get(RIPE));
    }
  }

  /** Heat stages from a start; the latest stage seen shifts every later goal by its difference. */
  private void byHeat(Map<CropStage, Double> goals, HeatBase base, LocalDate start) {
    double shift =
        planting.seen().stream()
            .filter(o -> goals.containsKey(o.stage()) && o.seen().isAfter(start))
            .max(Comparator.comparing(Observation::seen))
            .map(o -> trace.degreeDays(base, start, o.seen()) - goals.get(o.stage()))
            .orElse(0.0);
    goals.forEach(
        (stage, goal) -> {
          LocalDate day = trace.reaches(start, Heat.of(Math.max(0, goal + shift), base));
          if (day != null) {
            stages.put(stage, day);
          }
        });
  }

  /** Frost ends filling: maturity and what precedes it never come later than the killing night. */
  private void holdAtFrost(CropStage mature, CropStage... before) {
    LocalDate summer = site.season(planting.planted().getYear(), 7, 1);
    LocalDate frost = trace.firstNightAtOrBelow(KILLING_FROST_F, summer, summer.plusDays(183));
    if (frost == null || stages.containsKey(mature) && !stages.get(mature).isAfter(frost)) {
      return;
    }
    frosted = true;
    stages.put(mature, frost);
    for (CropStage stage : before) {
      stages.merge(stage, frost, (a, b) -> a.isBefore(b) ? a : b);
    }
  }
}
