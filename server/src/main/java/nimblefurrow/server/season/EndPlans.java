package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.land.FieldShape;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.RouteOutlook;
import nimblefurrow.core.termination.plan.EndPlan;
import nimblefurrow.core.termination.plan.PlanCase;
import nimblefurrow.core.termination.plan.PlanLine;
import nimblefurrow.core.work.MachineKind;
import nimblefurrow.server.machine.Machines;
import org.springframework.stereotype.Service;

/** Puts a field, its cover and the farm's roller together for the plan of a way of ending. */
@Service
public class EndPlans {
  /** A plan for a day. */
  public record Plan(Route route, LocalDate on, List<PlanLine> lines) {}

  private final Machines machines;

  EndPlans(Machines machines) {
    this.machines = machines;
  }

  /**
   * The plan of a field.
   *
   * @param asked the way; null: the one chosen
   */
  public Plan of(UUID farm, FarmDay day, FieldSeasons field, Route asked) {
    FieldSeason now = field.now();
    CoverPlan cover =
        now.field()
            .cover()
            .filter(c -> c.seeded() != null)
            .orElseThrow(() -> new OutOfRange("cover", "no cover stands here"));
    MatForecast mat = now.mat().orElseThrow(() -> new OutOfRange("cover", "no cover stands here"));
    Route route = asked == null ? cover.route() : asked;
    if (route.usesHerbicide() && field.field().organic()) {
      throw new OutOfRange("route", "this field is organic: herbicide is ruled out");
    }
    LocalDate on = cover.ended() != null ? cover.ended() : aimed(day, field, route);
    PlanCase at =
        new PlanCase(
            mat,
            now.field().next(),
            on,
            day.weather().fit(),
            now.field().facts().ground(true),
            rollerWidth(farm),
            runs(field),
            now.field().facts().killDates());
    return new Plan(route, on, EndPlan.of(at, route));
  }

  private static LocalDate aimed(FarmDay day, FieldSeasons field, Route route) {
    RouteOutlook told =
        day.composer().everyRoute(field.now().field(), field.now().mat().orElseThrow()).stream()
            .filter(r -> r.route() == route)
            .findFirst()
            .orElseThrow(() -> new OutOfRange("route", "this cover makes room for another"));
    told.impossible()
        .ifPresent(
            why -> {
              throw new OutOfRange("route", why);
            });
    LocalDate on = told.aim().orElse(field.now().field().next().planned());
    return on.isBefore(day.today()) ? day.today() : on;
  }

  private Optional<Length> rollerWidth(UUID farm) {
    return machines.all(farm).stream()
        .filter(m -> m.kind() == MachineKind.ROLLER && m.setup().widthFt() != null)
        .map(m -> Length.ofFeet(m.setup().widthFt()))
        .findFirst();
  }

  private static Optional<String> runs(FieldSeasons field) {
    return field.field().boundary() == null
        ? Optional.empty()
        : Optional.of(FieldShape.runs(field.field().outline()));
  }
}
