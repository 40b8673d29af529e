package nimblefurrow.core.season.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.YieldDrag;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.DayWorth;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.worth.ComparedMethod;
import nimblefurrow.core.termination.worth.WorthCase;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.yard.MachineKind;

/** The jobs that a field's cover still asks for: its seeding, and what ends it. */
public final class FieldJobs {
  private static final FigureKey CLEARING_DAYS = FigureKey.of("season", "clearing_days");

  private static final FigureKey GREEN_DAYS = FigureKey.of("termination", "plant_green_spray");

  private FieldJobs() {}

  /**
   * All jobs of a cover that are still to be done, their days as such work's days go: what they
   * cost in this field takes a while to work out, see {@link #valued}.
   *
   * @param cover the cover's link in the field's chain
   * @param field the field's name
   */
  public static List<Job> of(UUID cover, String field, FieldSeason season, Figures figures) {
    List<Job> jobs = new ArrayList<>();
    CoverPlan plan = season.field().cover().orElse(null);
    if (plan == null || plan.ended() != null) {
      return jobs;
    }
    season
        .window()
        .filter(w -> w.impossible().isEmpty())
        .ifPresent(w -> jobs.addAll(new SowingJobs(cover, field, season, plan, w, figures).all()));
    clearing(cover, field, season, plan, figures).ifPresent(jobs::add);
    season
        .termination()
        .filter(r -> r.impossible().isEmpty())
        .ifPresent(r -> jobs.addAll(terminations(cover, field, season, r, figures)));
    return jobs;
  }

  /** Ending a cover that makes room for another; a forage cut is no job of ours. */
  private static Optional<Job> clearing(
      UUID cover, String field, FieldSeason season, CoverPlan plan, Figures figures) {
    if (plan.clearing() == null || plan.clearing().how() != Clearing.How.ENDED) {
      return Optional.empty();
    }
    LocalDate day = plan.clearing().day();
    JobWindow window =
        JobWindow.of(
            DateForecast.certain(day.minusDays(figures.whole(CLEARING_DAYS))),
            DateForecast.certain(day),
            figures);
    List<MachineKind> needs = plan.termination().needs();
    return needs.isEmpty()
        ? Optional.empty()
        : Optional.of(job(cover, field, needs.get(needs.size() - 1), season, window, figures));
  }

  private static List<Job> terminations(
      UUID cover,
      String field,
      FieldSeason season,
      TerminationOutlook termination,
      Figures figures) {
    JobWindow ends = JobWindow.of(termination.opens(), termination.closes(), figures);
    LocalDate planted = season.field().next().planned();
    JobWindow plants =
        JobWindow.of(
            DateForecast.certain(planted),
            DateForecast.certain(planted.plusDays(figures.whole(GREEN_DAYS))),
            figures);
    return termination.method().needs().stream()
        .map(
            kind ->
                job(
                    cover,
                    field,
                    kind,
                    season,
                    kind == MachineKind.PLANTER ? plants : ends,
                    figures))
        .toList();
  }

  /**
   * A job with what its days cost by the field's own season; the same where that tells nothing of
   * such work.
   */
  public static Job valued(Job job, FieldSeason season, Figures figures) {
    WorkValue value =
        switch (job.id().operation()) {
          case SEED -> season.costs().map(c -> c.sowing(job.window())).orElse(job.value());
          case PLANT, SPRAY, ROLL, TILL, MOW -> value(job, season, figures);
          default -> job.value();
        };
    return job.with(j -> j.value(value));
  }

  /** What the field's trade-off says; where it says nothing, planting by the crop's own drag. */
  private static WorkValue value(Job job, FieldSeason season, Figures figures) {
    MachineKind kind = job.kind();
    JobWindow window = job.window();
    WorkValue usual = job.value();
    Optional<WorkValue> own =
        season
            .termination()
            .flatMap(r -> ComparedMethod.of(r.method(), kind))
            .flatMap(way -> season.costs().flatMap(c -> c.ending(way, window, usual.lost())));
    if (own.isPresent()) {
      return own.get();
    }
    if (kind != MachineKind.PLANTER || season.mat().isEmpty()) {
      return usual;
    }
    NextCrop next = season.field().next();
    Site site = season.mat().get().outlook().site();
    WorthCase worth =
        WorthCase.of(
            next.kind(),
            next.planned(),
            season.field().facts().organic(),
            season.field().facts().weeds(),
            1,
            1,
            season.field().facts().grainSoon(),
            site,
            figures);
    List<WorkValue.Point> points = new ArrayList<>();
    double most = 0;
    for (LocalDate day = next.planned(); !day.isAfter(window.end()); day = day.plusDays(1)) {
      double drag = YieldDrag.bushels(next.kind(), next.planned(), day, site, figures);
      most = Math.max(most, Math.max(0, drag) * worth.price());
      points.add(new WorkValue.Point(day, Money.of(most)));
    }
    return new WorkValue(points, Money.of(Math.max(most, usual.lost().value())));
  }

  private static Operation operation(MachineKind kind) {
    return switch (kind) {
      case PLANTER -> Operation.PLANT;
      case SPRAYER -> Operation.SPRAY;
      case TILLAGE -> Operation.TILL;
      case MOWER -> Operation.MOW;
      default -> Operation.ROLL;
    };
  }

  private static Job job(
      UUID cover,
      String field,
      MachineKind kind,
      FieldSeason season,
      JobWindow window,
      Figures figures) {
    FieldFacts facts = season.field().facts();
    return Job.of(
            new JobId(cover, operation(kind)),
            field,
            kind,
            facts.area(),
            facts.grounds(true),
            window)
        .with(j -> j.value(DayWorth.of(operation(kind), window, figures)));
  }
}
