package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.CurveScale;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.weather.Outlook;

/** What was counted and clipped in one cover, in the order of the days. */
public record Sightings(List<Stems> stems, List<Sample> samples) {
  /** Stems of one species counted on a day. */
  public record Stems(LocalDate date, String species, StemCount count) {}

  /** Frames clipped on a day. */
  public record Sample(LocalDate date, Quadrats frames) {}

  /** Nothing seen yet. */
  public static final Sightings NONE = new Sightings(List.of(), List.of());

  public Sightings {
    stems = List.copyOf(stems);
    samples = List.copyOf(samples);
  }

  /**
   * The plan with its stages and its growth anchored in what was seen; unsown plans stay as they
   * are.
   */
  public CoverPlan anchor(CoverPlan plan, Outlook outlook) {
    if (plan.seeded() == null || stems.isEmpty() && samples.isEmpty()) {
      return plan;
    }
    Map<String, Double> shift = new HashMap<>(plan.stageShift());
    for (Stems counted : stems) {
      anchorStages(plan, outlook, shift, counted);
    }
    CurveScale scale = plan.scale();
    MatForecast curve = new MatForecast(CoverStand.sown(plan.mix(), plan.seeded()), outlook);
    for (Sample sample : samples) {
      scale =
          scale.after(
              curve.curveOn(sample.date()),
              sample.frames().mean(),
              sample.frames().cv(outlook.figures()));
    }
    return plan.seen(shift, scale);
  }

  private static void anchorStages(
      CoverPlan plan, Outlook outlook, Map<String, Double> shift, Stems counted) {
    Species species =
        plan.mix().members().stream()
            .map(m -> m.species())
            .filter(s -> s.id().equals(counted.species()))
            .findFirst()
            .orElse(null);
    if (species == null || !species.stages().containsKey(CoverStage.FLOWERING)) {
      return;
    }
    CoverStand stand = new CoverStand(plan.mix(), plan.seeded(), 1, shift, CurveScale.UNSAMPLED);
    StageForecast stages = new StageForecast(species, stand, outlook);
    double before = stages.mean(CoverStage.FLOWERING).orElseThrow();
    double heat = stages.middleHeatOn(counted.date());
    double after = counted.count().anchoredMean(heat, before, outlook.figures());
    shift.merge(species.id(), after - before, Double::sum);
  }
}
