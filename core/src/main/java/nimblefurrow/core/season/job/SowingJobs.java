package nimblefurrow.core.season.job;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.DayWorth;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.Verdict;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.seeding.WorkSequence;
import nimblefurrow.core.yard.MachineKind;

/**
 * The sowing of a field with what goes before and after it: disc passes with days between, slurry
 * over the sown ground. Each is a job that waits for the one before.
 */
record SowingJobs(
    UUID cover,
    String field,
    FieldSeason season,
    CoverPlan plan,
    SeedingWindow window,
    Figures figures) {

  List<Job> all() {
    List<Job> jobs = new ArrayList<>();
    if (plan.seeded() == null) {
      Optional<After> before = Optional.empty();
      int passes = plan.way() == SeedingMethod.DISC_PASSES ? plan.side().discPasses() : 1;
      for (int pass = 1; pass < passes; pass++) {
        Operation step = Operation.disc(pass);
        Optional<LocalDate> done = plan.side().done(step);
        if (done.isEmpty()) {
          jobs.add(disc(step, passes - pass, before));
        }
        before =
            Optional.of(
                new After(
                    new JobId(cover, step),
                    "disc pass " + pass,
                    figures.whole(WorkSequence.DISC_WAIT),
                    figures.whole(WorkSequence.DISC_WAIT_AT_MOST),
                    done));
      }
      jobs.add(sowing(before));
    }
    if (plan.side().slurryOver() && plan.side().done(Operation.SLURRY).isEmpty()) {
      jobs.add(slurry());
    }
    return jobs;
  }

  /** A pass must leave the passes after it their waits before the window closes. */
  private Job disc(Operation step, int after, Optional<After> before) {
    int early = after * figures.whole(WorkSequence.DISC_WAIT);
    JobWindow open =
        new JobWindow(window.opens(), useful().plusDays(-early), by().minusDays(early));
    return job(step, MachineKind.DISC_PASSES, "shallow disc pass", open, 1, before);
  }

  private Job sowing(Optional<After> before) {
    boolean small = plan.mix().members().stream().allMatch(m -> m.species().smallSeeded());
    double goes =
        plan.way() == SeedingMethod.DISC_PASSES ? WorkSequence.sowingGoes(small, figures) : 1;
    MachineKind kind = window.way().machine();
    JobWindow open = new JobWindow(window.opens(), useful(), by());
    return job(Operation.SEED, kind, kind.words(), open, goes, before);
  }

  private Job slurry() {
    DateForecast from =
        plan.seeded() == null ? window.opens() : DateForecast.certain(plan.seeded());
    DateForecast to =
        (plan.seeded() == null ? useful() : DateForecast.certain(plan.seeded()))
            .plusDays(figures.whole(WorkSequence.SLURRY_WITHIN));
    LocalDate end =
        (plan.seeded() == null ? by() : plan.seeded())
            .plusDays(figures.whole(WorkSequence.SLURRY_WITHIN));
    After sown =
        new After(
            new JobId(cover, Operation.SEED),
            "sowing",
            0,
            figures.whole(WorkSequence.SLURRY_WITHIN),
            Optional.ofNullable(plan.seeded()));
    return job(
        Operation.SLURRY,
        MachineKind.SLURRY,
        "slurry over the seed",
        new JobWindow(from, to, end),
        1,
        Optional.of(sown));
  }

  /** Until when it is worth sowing: to be useful, or once that is past, to live or lie dormant. */
  private DateForecast useful() {
    return switch (season.verdict().map(Verdict::kind).orElse(Verdict.Kind.OPEN)) {
      case LATE -> window.lives();
      case DORMANT, SHUT -> window.shuts();
      default -> window.closes();
    };
  }

  /** The verdict's day, or the last day at all where there is none. */
  private LocalDate by() {
    return season
        .verdict()
        .flatMap(Verdict::by)
        .or(() -> window.shuts().median())
        .orElse(season.field().crop().planted());
  }

  private Job job(
      Operation step,
      MachineKind kind,
      String words,
      JobWindow open,
      double goes,
      Optional<After> after) {
    return Job.of(
            new JobId(cover, step),
            field,
            kind,
            season.field().facts().area(),
            season.field().facts().grounds(false),
            open)
        .with(
            j ->
                j.words(words)
                    .goes(goes)
                    .after(after.stream().toList())
                    .value(DayWorth.of(step, open, figures)));
  }
}
