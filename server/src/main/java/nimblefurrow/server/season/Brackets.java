package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.LaneView.Bracket;

/** When work on a lane can be done: how open its window is, day by day in steps. */
final class Brackets {
  private static final int STEP_DAYS = 3;

  private Brackets() {}

  static List<Bracket> of(FieldSeason now, CoverPlan plan, Figures figures) {
    List<Bracket> brackets = new ArrayList<>();
    SeedingWindow window = now.window().orElseThrow();
    if (plan.seeded() == null) {
      window
          .extent()
          .ifPresent(
              extent ->
                  brackets.add(
                      bracket(
                          "SEED",
                          window.way().words(),
                          extent[0],
                          extent[1],
                          window.bestFrom(),
                          window.bestTo(),
                          d -> window.chanceOpen(d).fraction())));
    }
    now.termination()
        .filter(
            r ->
                plan.ended() == null
                    && r.impossible().isEmpty()
                    && r.method() != TerminationMethod.WINTER_KILL)
        .ifPresent(
            r -> {
              Optional<LocalDate> from = r.opens().by(0.02).or(() -> r.opens().early());
              Optional<LocalDate> to = r.closes().late().or(() -> r.closes().median());
              if (from.isPresent() && to.isPresent() && !from.get().isAfter(to.get())) {
                JobWindow open = JobWindow.of(r.opens(), r.closes(), figures);
                DateForecast aim = r.aim().map(DateForecast::certain).orElse(r.opens());
                brackets.add(
                    bracket(
                        "END",
                        r.method().words(),
                        from.get(),
                        to.get(),
                        aim,
                        aim,
                        open::chanceOpen));
              }
            });
    return brackets;
  }

  private static Bracket bracket(
      String kind,
      String words,
      LocalDate from,
      LocalDate to,
      DateForecast bestFrom,
      DateForecast bestTo,
      java.util.function.ToDoubleFunction<LocalDate> chance) {
    int steps = (int) ((to.toEpochDay() - from.toEpochDay()) / STEP_DAYS) + 1;
    int[] chances = new int[steps];
    for (int i = 0; i < steps; i++) {
      chances[i] = Percent.of(chance.applyAsDouble(from.plusDays((long) i * STEP_DAYS)));
    }
    return new Bracket(
        kind,
        words,
        from,
        to,
        bestFrom.median().orElse(null),
        bestTo.median().orElse(null),
        STEP_DAYS,
        chances);
  }
}
