package nimblefurrow.core.cashcrop;

import static nimblefurrow.core.cashcrop.CropStage.*;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Walks one crop through one way the weather may run. A stage seen in the field moves what follows.
 */
final class StageWalk {
  private static final FigureKey OATS_RIPE = FigureKey.of("crops", "oats_ripe");
  private static final FigureKey OATS_HEADING = FigureKey.of("crops", "oats_heading");
  private static final FigureKey WHEAT_RIPE = FigureKey.of("crops", "wheat_ripe");
  private static final FigureKey WHEAT_FLOWERING = FigureKey.of("crops", "wheat_flowering");
  private static final FigureKey WHEAT_HEADING = FigureKey.of("crops", "wheat_heading");
  private static final FigureKey WHEAT_BOOT = FigureKey.of("crops", "wheat_boot");
  private static final FigureKey WHEAT_JOINTING = FigureKey.of("crops", "wheat_jointing");
  private static final FigureKey LEAVES_GONE_AFTER =
      FigureKey.of("crops", "corn_leaves_gone_after");
  private static final FigureKey HALF_LEAVES_AFTER =
      FigureKey.of("crops", "corn_half_leaves_after");
  private static final FigureKey LEAVES_GOING_AFTER =
      FigureKey.of("crops", "corn_leaves_going_after");
  private static final FigureKey HALF_MILK_BEFORE = FigureKey.of("crops", "corn_half_milk_before");
  private static final FigureKey R5_BEFORE = FigureKey.of("crops", "corn_dent_before");
  private static final FigureKey KILLING_FROST_F = FigureKey.of("crops", "killing_frost");
  private static final FigureKey LEAVES_GONE_AFTER_FROST =
      FigureKey.of("crops", "leaves_gone_after_frost");

  private final CropPlanting planting;
  private final WeatherTrace trace;
  private final Site site;
  private final Figures figures;
  private final Map<CropStage, LocalDate> stages = new EnumMap<>(CropStage.class);
  private boolean frosted;

  StageWalk(CropPlanting planting, WeatherTrace trace, Site site, Figures figures) {
    this.figures = figures;
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
    planting.seen().stream()
        .filter(o -> o.beyond() == 0)
        .forEach(o -> stages.put(o.stage(), o.seen()));
  }

  Map<CropStage, LocalDate> stages() {
    return stages;
  }

  boolean frostedBeforeMaturity() {
    return frosted;
  }

  private void corn() {
    CornHeat heat = CornHeat.of(planting.planted(), planting.maturity(), site, figures);
    Map<CropStage, Double> goals = new LinkedHashMap<>();
    goals.put(EMERGED, heat.emergence());
    goals.put(V3, heat.collar(3));
    goals.put(V4, heat.collar(4));
    goals.put(V6, heat.collar(6));
    goals.put(V7, heat.collar(7));
    goals.put(SILKING, heat.silking());
    goals.put(R5, heat.blackLayer() - figures.of(R5_BEFORE));
    goals.put(HALF_MILK, heat.blackLayer() - figures.of(HALF_MILK_BEFORE));
    goals.put(BLACK_LAYER, heat.blackLayer());
    goals.put(LEAVES_GOING, heat.blackLayer() + figures.of(LEAVES_GOING_AFTER));
    goals.put(HALF_LEAVES, heat.blackLayer() + figures.of(HALF_LEAVES_AFTER));
    goals.put(LEAVES_GONE, heat.blackLayer() + figures.of(LEAVES_GONE_AFTER));
    byHeat(goals, HeatBase.CORN_86_50, planting.planted());
    holdAtFrost(BLACK_LAYER, HALF_MILK, R5);
    LocalDate mature = stages.get(BLACK_LAYER);
    if (mature == null) {
      return;
    }
    // Leaves killed by frost are gone within days, whatever the heat.
    for (CropStage leaf : new CropStage[] {LEAVES_GOING, HALF_LEAVES, LEAVES_GONE}) {
      int days =
          leaf == LEAVES_GOING
              ? 1
              : leaf == HALF_LEAVES ? 2 : figures.whole(LEAVES_GONE_AFTER_FROST);
      if (frosted) {
        stages.put(leaf, mature.plusDays(days));
      }
    }
    LocalDate harvest =
        planting.kind() == CropKind.CORN_SILAGE
            ? stages.get(HALF_MILK)
            : DryDown.reaches(trace, site, mature, planting.harvestMoisture(), figures);
    if (harvest != null) {
      stages.put(HARVEST, harvest);
    }
  }

  /**
   * Soybeans ripen by day length. A stage seen or entered moves what follows; a harvest day says
   * when the crop is ripe where nothing else does, or where it comes before the reckoned ripeness.
   */
  private void soybeans() {
    LocalDate harvest = planting.dates().get(HARVEST);
    LocalDate ripe =
        harvest == null ? null : harvest.minusDays(figures.whole(SoybeanDays.RIPE_TO_HARVEST));
    LocalDate brown =
        SoybeanDays.holds(planting.maturity(), site, figures) || ripe == null
            ? SoybeanDays.brownPods(planting.planted(), planting.maturity(), site, figures)
            : ripe;
    if (ripe != null && ripe.isBefore(brown)) {
      brown = ripe;
    }
    Map<CropStage, LocalDate> days = SoybeanDays.before(brown, figures);
    Observation last = lastKnown(days.keySet());
    long shift =
        last == null
            ? 0
            : ChronoUnit.DAYS.between(
                days.get(last.stage()).plusDays(Math.round(last.beyond())), last.seen());
    LocalDate drop = days.get(LEAF_DROP).plusDays(shift);
    LocalDate summer = site.season(planting.planted().getYear(), 7, 1);
    boolean leavesDown = last != null && last.stage().compareTo(LEAF_DROP) >= 0;
    LocalDate frost =
        leavesDown
            ? null
            : trace.firstNightAtOrBelow(figures.of(KILLING_FROST_F), summer, drop.minusDays(1));
    frosted = frost != null;
    for (Map.Entry<CropStage, LocalDate> day : days.entrySet()) {
      LocalDate moved = day.getValue().plusDays(shift);
      if (frosted && day.getKey().compareTo(LEAF_DROP) >= 0) {
        moved = moved.minusDays(ChronoUnit.DAYS.between(frost, drop));
      } else if (frosted && moved.isAfter(frost)) {
        moved = frost;
      }
      stages.put(day.getKey(), moved);
    }
  }

  /** The latest of these stages that was seen, or entered by its day; null when none was. */
  private Observation lastKnown(Set<CropStage> among) {
    List<Observation> known = new ArrayList<>(planting.seen());
    planting
        .dates()
        .forEach(
            (stage, day) -> {
              if (stage != HARVEST) {
                known.add(new Observation(stage, day));
              }
            });
    return known.stream()
        .filter(o -> among.contains(o.stage()))
        .max(Comparator.comparing(Observation::seen).thenComparing(Observation::stage))
        .orElse(null);
  }

  private void wheat() {
    LocalDate spring = site.springStart(planting.planted());
    Map<CropStage, Double> goals = new LinkedHashMap<>();
    goals.put(JOINTING, figures.of(WHEAT_JOINTING));
    goals.put(BOOT, figures.of(WHEAT_BOOT));
    goals.put(HEADING, figures.of(WHEAT_HEADING));
    goals.put(FLOWERING, figures.of(WHEAT_FLOWERING));
    goals.put(RIPE, figures.of(WHEAT_RIPE));
    byHeat(goals, HeatBase.BASE_40, spring);
    harvestWhenRipe();
  }

  private void oats() {
    Map<CropStage, Double> goals = new LinkedHashMap<>();
    goals.put(HEADING, figures.of(OATS_HEADING));
    goals.put(RIPE, figures.of(OATS_RIPE));
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
            .map(o -> trace.degreeDays(base, start, o.seen()) - goals.get(o.stage()) - o.beyond())
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
    LocalDate frost =
        trace.firstNightAtOrBelow(figures.of(KILLING_FROST_F), summer, summer.plusDays(183));
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
