package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.StandConditions;
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
   *
   * @param given what the field gives the cover to grow with
   */
  public CoverPlan anchor(CoverPlan plan, StandConditions given, Outlook outlook) {
    if (plan.seeded() == null || stems.isEmpty() && samples.isEmpty()) {
      return plan;
    }
    Map<String, StageBelief> beliefs = new HashMap<>(plan.seen().stages());
    for (Stems counted : stems) {
      anchorStages(plan, outlook, beliefs, counted);
    }
    MatBelief belief = plan.seen().mat();
    MatForecast curve =
        new MatForecast(CoverStand.sown(plan.mix(), plan.seeded()).with(given), outlook);
    for (Sample sample : samples) {
      LocalDate day = sample.date();
      belief =
          belief.after(
              day,
              curve.curveOn(day),
              curve.groundCoverOn(day),
              sample.frames().mean(),
              sample.frames().cv(outlook.figures()),
              outlook.figures());
    }
    return plan.with(new CoverSeen(beliefs, belief, plan.seen().plants()));
  }

  private static void anchorStages(
      CoverPlan plan, Outlook outlook, Map<String, StageBelief> beliefs, Stems counted) {
    Species species =
        plan.mix().members().stream()
            .map(m -> m.species())
            .filter(s -> s.id().equals(counted.species()))
            .findFirst()
            .orElse(null);
    if (species == null || !species.stages().containsKey(CoverStage.FLOWERING)) {
      return;
    }
    CoverStand stand =
        CoverStand.sown(plan.mix(), plan.seeded())
            .with(new CoverSeen(beliefs, MatBelief.UNSEEN, Map.of()));
    StageForecast stages = new StageForecast(species, stand, outlook);
    double mean = stages.mean(CoverStage.FLOWERING).orElseThrow();
    double heat = stages.middleHeatOn(counted.date());
    beliefs.put(
        species.id(), counted.count().anchored(stages.belief(), mean, heat, outlook.figures()));
  }
}
