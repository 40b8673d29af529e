package nimblefurrow.server.termination;

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
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.plan.PlanCase;
import nimblefurrow.core.termination.plan.PlanLine;
import nimblefurrow.core.termination.plan.TerminationPlan;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import org.springframework.stereotype.Service;

/** Puts a field, its cover and the farm's roller together for the plan of a way of ending. */
@Service
public class TerminationPlans {
  /** A plan for a day. */
  public record Plan(TerminationMethod termination, LocalDate on, List<PlanLine> lines) {}

  private final Machines machines;

  TerminationPlans(Machines machines) {
    this.machines = machines;
  }

  /**
   * The plan of a field.
   *
   * @param asked the way; null: the one chosen
   */
  public Plan of(UUID farm, FarmDay day, FieldSeasons field, TerminationMethod asked) {
    FieldSeason now = field.now();
    CoverPlan cover =
        now.field()
            .cover()
            .filter(c -> c.seeded() != null)
            .orElseThrow(() -> new OutOfRange("cover", "no cover stands here"));
    MatForecast mat = now.mat().orElseThrow(() -> new OutOfRange("cover", "no cover stands here"));
    TerminationMethod termination = asked == null ? cover.termination() : asked;
    if (termination.usesHerbicide() && field.field().organic()) {
      throw new OutOfRange("termination", "this field is organic: herbicide is ruled out");
    }
    LocalDate on = cover.ended() != null ? cover.ended() : aimed(day, field, termination);
    PlanCase at =
        new PlanCase(
            mat,
            now.field().next(),
            on,
            day.weather().fit(),
            now.field().facts().ground(true),
            rollerWidth(farm),
            runs(field),
            now.field().facts().terminationDates());
    return new Plan(termination, on, TerminationPlan.of(at, termination));
  }

  private static LocalDate aimed(FarmDay day, FieldSeasons field, TerminationMethod termination) {
    TerminationOutlook told =
        day
            .composer()
            .everyTermination(field.now().field(), field.now().mat().orElseThrow())
            .stream()
            .filter(r -> r.method() == termination)
            .findFirst()
            .orElseThrow(() -> new OutOfRange("termination", "this cover makes room for another"));
    told.impossible()
        .ifPresent(
            why -> {
              throw new OutOfRange("termination", why);
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
