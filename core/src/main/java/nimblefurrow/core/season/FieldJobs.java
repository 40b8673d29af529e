package nimblefurrow.core.season;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.schedule.Job;
import nimblefurrow.core.schedule.JobWindow;
import nimblefurrow.core.schedule.MachineKind;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.RouteOutlook;

/** The jobs that a field's cover still asks for: its seeding, and what ends it. */
public final class FieldJobs {
  private FieldJobs() {}

  /**
   * @param key names the cover and stays the same over time
   * @param field the field's name
   */
  public static List<Job> of(String key, String field, FieldSeason season) {
    List<Job> jobs = new ArrayList<>();
    CoverPlan plan = season.field().cover().orElse(null);
    if (plan == null || plan.ended() != null) {
      return jobs;
    }
    season
        .window()
        .filter(w -> plan.seeded() == null && w.impossible().isEmpty())
        .ifPresent(w -> jobs.add(seeding(key, field, season, w)));
    season
        .route()
        .filter(r -> r.impossible().isEmpty() && r.route() != Route.WINTER_KILL)
        .ifPresent(r -> jobs.addAll(endings(key, field, season, r)));
    return jobs;
  }

  private static Job seeding(String key, String field, FieldSeason season, SeedingWindow window) {
    return job(
        key + ":seed",
        field,
        MachineKind.valueOf(window.way().name()),
        season,
        false,
        new JobWindow(window.opens(), window.closes()));
  }

  private static List<Job> endings(
      String key, String field, FieldSeason season, RouteOutlook route) {
    JobWindow window = new JobWindow(route.opens(), route.closes());
    return switch (route.route()) {
      case EARLY_SPRAY ->
          List.of(job(key + ":spray", field, MachineKind.SPRAYER, season, true, window));
      case ROLL -> List.of(job(key + ":roll", field, MachineKind.ROLLER, season, true, window));
      case PLANT_GREEN ->
          List.of(
              job(key + ":plant", field, MachineKind.PLANTER, season, true, window),
              job(key + ":spray", field, MachineKind.SPRAYER, season, true, window));
      case WINTER_KILL -> List.of();
    };
  }

  private static Job job(
      String id,
      String field,
      MachineKind kind,
      FieldSeason season,
      boolean living,
      JobWindow window) {
    FieldFacts facts = season.field().facts();
    return new Job(id, field, kind, facts.area(), facts.soil(), facts.tiled(), living, window);
  }
}
