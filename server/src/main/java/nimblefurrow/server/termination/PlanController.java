package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.method.ExpectedKill;
import nimblefurrow.core.termination.plan.PlanLine;
import nimblefurrow.core.termination.plan.Rescue;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * What a crew and a planter have to know before a field's cover is ended, and what is left after.
 */
@RestController
@RequestMapping("/api/v1/termination")
class PlanController {
  /** A line under its heading. */
  record PlanLineView(String topic, String says, boolean warns) {}

  /** A kill as it was rated. */
  record RatedKill(LocalDate on, int days, int dead) {}

  /** What can still be done; $/ac and the share of the rest that it ends, in %. */
  record RescueView(String words, LocalDate from, LocalDate to, double dollars, int kills) {}

  /**
   * The plan of a way of ending.
   *
   * @param on the day that it is worked out for: when it was ended, else the day aimed at
   * @param runs how the longer side of the field lies
   * @param expected share that was expected to die, in %
   */
  record TerminationPlanView(
      String field,
      String boundary,
      double acres,
      String cover,
      TerminationMethod termination,
      String words,
      LocalDate on,
      boolean ended,
      String next,
      LocalDate planted,
      List<PlanLineView> lines,
      List<NotedSpot> ruts,
      @Maybe Integer expected,
      List<RatedKill> ratings,
      List<RescueView> rescues,
      List<String> cautions) {}

  private final Seasons seasons;
  private final TerminationPlans plans;
  private final CurrentFarm current;

  PlanController(Seasons seasons, TerminationPlans plans, CurrentFarm current) {
    this.seasons = seasons;
    this.plans = plans;
    this.current = current;
  }

  /**
   * @param termination the way it is asked for; else the one chosen
   */
  @GetMapping("/{fieldId}/plan")
  TerminationPlanView plan(
      @PathVariable UUID fieldId,
      @RequestParam(required = false) UUID zone,
      @RequestParam(required = false) TerminationMethod termination) {
    OneField one = seasons.one(current.id(), fieldId, zone);
    FarmDay day = one.day();
    FieldSeasons field =
        stands(one.running()) ? one.running() : one.running().lastEnded(day.today(), day.figures());
    TerminationPlans.Plan plan = plans.of(current.id(), day, field, termination);
    FieldSeason now = field.now();
    CoverPlan cover = now.field().cover().orElseThrow();
    Figures figures = day.figures();
    return new TerminationPlanView(
        field.field().name(),
        field.field().boundary(),
        field.field().acres(),
        cover.mix().name(),
        plan.termination(),
        plan.termination().words(),
        plan.on(),
        cover.ended() != null,
        field.next(),
        now.field().next().planned(),
        plan.lines().stream().map(l -> line(l, day)).toList(),
        NotedSpot.ruts(field),
        now.mat()
            .flatMap(mat -> ExpectedKill.day(mat, plan.termination(), plan.on()))
            .map(k -> Percent.of(k))
            .orElse(null),
        ratings(field, cover),
        cover.ended() == null
            ? List.of()
            : Rescue.after(
                    cover.ended(),
                    plan.termination(),
                    now.field().next().planned(),
                    now.field().facts().organic(),
                    day.today(),
                    figures)
                .stream()
                .map(
                    r ->
                        new RescueView(
                            r.words(), r.from(), r.to(), r.dollars(), Percent.of(r.kills())))
                .toList(),
        plan.termination().needs().stream()
            .flatMap(kind -> Cautions.of(kind, figures).stream())
            .distinct()
            .toList());
  }

  private static boolean stands(FieldSeasons field) {
    return field.now().field().cover().filter(c -> c.seeded() != null).isPresent();
  }

  private static PlanLineView line(PlanLine l, FarmDay day) {
    return new PlanLineView(l.topic(), l.says().in(day.units()), l.warns());
  }

  private static List<RatedKill> ratings(FieldSeasons field, CoverPlan cover) {
    Optional<UUID> link = field.cover().map(c -> c.id());
    return cover.ended() == null
        ? List.of()
        : link
            .map(Story.of(field.entries())::of)
            .orElse(Story.of(List.of()))
            .all(KillRated.class)
            .stream()
            .map(
                rating ->
                    new RatedKill(
                        rating.day(),
                        (int) (rating.day().toEpochDay() - cover.ended().toEpochDay()),
                        (int) Math.round(rating.fact().mean().mean())))
            .toList();
  }
}
