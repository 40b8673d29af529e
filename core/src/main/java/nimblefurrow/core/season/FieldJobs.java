package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.schedule.Job;
import nimblefurrow.core.schedule.JobWindow;
import nimblefurrow.core.schedule.MachineKind;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.RouteOutlook;

/** The jobs that a field's cover still asks for: its seeding, and what ends it. */
public final class FieldJobs {
  private static final FigureKey CLEARING_DAYS = FigureKey.of("season", "clearing_days");

  private FieldJobs() {}

  /**
   * @param key names the cover and stays the same over time
   * @param field the field's name
   */
  public static List<Job> of(String key, String field, FieldSeason season, Figures figures) {
    List<Job> jobs = new ArrayList<>();
    CoverPlan plan = season.field().cover().orElse(null);
    if (plan == null || plan.ended() != null) {
      return jobs;
    }
    season
        .window()
        .filter(w -> w.impossible().isEmpty())
        .ifPresent(w -> jobs.addAll(new SowingJobs(key, field, season, plan, w, figures).all()));
    clearing(key, field, season, plan, figures).ifPresent(jobs::add);
    season
        .route()
        .filter(r -> r.impossible().isEmpty() && r.route() != Route.WINTER_KILL)
        .ifPresent(r -> jobs.addAll(endings(key, field, season, r, figures)));
    return jobs;
  }

  /** Spraying or rolling a cover that makes room for another; a forage cut is no job of ours. */
  private static Optional<Job> clearing(
      String key, String field, FieldSeason season, CoverPlan plan, Figures figures) {
    if (plan.clearing() == null || plan.clearing().how() != Clearing.How.ENDED) {
      return Optional.empty();
    }
    LocalDate day = plan.clearing().day();
    JobWindow window =
        JobWindow.of(
            DateForecast.certain(day.minusDays(figures.whole(CLEARING_DAYS))),
            DateForecast.certain(day),
            figures);
    return switch (plan.route()) {
      case EARLY_SPRAY, PLANT_GREEN ->
          Optional.of(job(key + ":spray", field, MachineKind.SPRAYER, season, true, window));
      case ROLL -> Optional.of(job(key + ":roll", field, MachineKind.ROLLER, season, true, window));
      case WINTER_KILL -> Optional.empty();
    };
  }

  private static List<Job> endings(
      String key, String field, FieldSeason season, RouteOutlook route, Figures figures) {
    JobWindow window = JobWindow.of(route.opens(), route.closes(), figures);
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
