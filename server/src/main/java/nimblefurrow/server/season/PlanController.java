package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.RutsRead;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.plan.PlanLine;
import nimblefurrow.core.termination.plan.Rescue;
import nimblefurrow.core.termination.route.KillOn;
import nimblefurrow.core.work.Cautions;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import nimblefurrow.server.platform.Percent;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * What a crew and a planter have to know before a field's cover is ended, and what is left after.
 */
@RestController
@RequestMapping("/api/ending")
class PlanController {
  /** A line under its heading. */
  record PlanLineView(String topic, String says, boolean warns) {}

  /** A place in a field where something was noted. */
  record NotedSpot(double longitude, double latitude, LocalDate on) {}

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
  record EndPlanView(
      String field,
      String boundary,
      double acres,
      String cover,
      Route route,
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
  private final EndPlans plans;
  private final CurrentFarm current;

  PlanController(Seasons seasons, EndPlans plans, CurrentFarm current) {
    this.seasons = seasons;
    this.plans = plans;
    this.current = current;
  }

  /**
   * @param route the way it is asked for; else the one chosen
   */
  @GetMapping("/{fieldId}/plan")
  EndPlanView plan(
      @PathVariable UUID fieldId,
      @RequestParam(required = false) UUID zone,
      @RequestParam(required = false) Route route) {
    OneField one = seasons.one(current.id(), fieldId, zone);
    FarmDay day = one.day();
    FieldSeasons field =
        stands(one.running()) ? one.running() : one.running().lastEnded(day.today(), day.figures());
    EndPlans.Plan plan = plans.of(current.id(), day, field, route);
    FieldSeason now = field.now();
    CoverPlan cover = now.field().cover().orElseThrow();
    Figures figures = day.figures();
    return new EndPlanView(
        field.field().name(),
        field.field().boundary(),
        field.field().acres(),
        cover.mix().name(),
        plan.route(),
        plan.route().words(),
        plan.on(),
        cover.ended() != null,
        field.next(),
        now.field().next().planned(),
        plan.lines().stream().map(l -> line(l, day)).toList(),
        ruts(field),
        now.mat()
            .flatMap(mat -> KillOn.day(mat, plan.route(), plan.on()))
            .map(k -> Percent.of(k))
            .orElse(null),
        ratings(field, cover),
        cover.ended() == null
            ? List.of()
            : Rescue.after(
                    cover.ended(),
                    plan.route(),
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
        plan.route().needs().stream()
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

  static List<NotedSpot> ruts(FieldSeasons field) {
    return Story.of(field.entries()).all(RutsRead.class).stream()
        .flatMap(
            ruts ->
                ruts.fact().readings().where().stream()
                    .filter(s -> s.latitude().isPresent() && s.longitude().isPresent())
                    .map(s -> new NotedSpot(s.longitude().get(), s.latitude().get(), ruts.day())))
        .toList();
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
