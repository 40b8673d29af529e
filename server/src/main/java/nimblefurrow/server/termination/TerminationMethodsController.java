package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.TerminationDays;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.method.MethodEffects;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.Answers;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Every way of ending one field's cover, with what it needs, costs and leaves. */
@RestController
@RequestMapping("/api/v1/termination")
class TerminationMethodsController {
  /**
   * What a way costs and leaves.
   *
   * @param dollars $/ac of passes and products, before what they save
   * @param weedsDown share of weeds kept down three warm weeks after, in %
   * @param weeksToHalf warm weeks until half of the mat is gone; 0 without a mat
   */
  record EffectsView(
      double dollars,
      long matLbAc,
      int carbonToNitrogen,
      int nitrogenLbAc,
      int availableLbAc,
      int weedsDown,
      double weeksToHalf,
      boolean dryStems,
      List<String> products) {
    static EffectsView of(MethodEffects e, FarmDay day) {
      return new EffectsView(
          Math.round(10 * e.dollars()) / 10.0,
          Math.round(e.matLbAc()),
          (int) Math.round(e.carbonToNitrogen()),
          (int) Math.round(e.nitrogenLbAc()),
          (int) Math.round(e.availableLbAc()),
          Percent.of(e.weedsDown()),
          Math.round(10 * e.weeksToHalf()) / 10.0,
          e.dryStems(),
          e.products().stream().map(r -> r.in(day.units())).toList());
    }
  }

  /**
   * A way of ending.
   *
   * @param machines what goes over the field
   * @param chance in % that its aimed day is open and fit
   */
  record MethodOfTermination(
      Answers.TerminationAnswer answer,
      @Maybe EffectsView effects,
      List<String> machines,
      @Maybe Integer chance,
      List<String> cautions) {}

  private final Seasons seasons;
  private final CurrentFarm current;

  TerminationMethodsController(Seasons seasons, CurrentFarm current) {
    this.seasons = seasons;
    this.current = current;
  }

  @GetMapping("/{fieldId}/methods")
  List<MethodOfTermination> ways(
      @PathVariable UUID fieldId, @RequestParam(required = false) UUID zone) {
    OneField one = seasons.one(current.id(), fieldId, zone);
    FarmDay day = one.day();
    FieldSeason now = one.running().now();
    MatForecast mat =
        now.mat()
            .filter(m -> now.field().cover().filter(c -> c.ended() == null).isPresent())
            .orElseThrow(() -> new OutOfRange("cover", "there is no cover here to end"));
    TerminationMethod chosen = now.field().cover().orElseThrow().termination();
    return seasons.terminations(day, one.running()).stream()
        .map(termination -> way(termination, termination.method() == chosen, mat, now, day))
        .toList();
  }

  private static MethodOfTermination way(
      TerminationOutlook termination,
      boolean chosen,
      MatForecast mat,
      FieldSeason now,
      FarmDay day) {
    Figures figures = day.figures();
    Optional<LocalDate> aim = termination.aim();
    return new MethodOfTermination(
        Answers.TerminationAnswer.of(termination, chosen, day.units(), figures),
        MethodEffects.of(termination, mat, now.field().facts().weeds().kind(), figures)
            .map(e -> EffectsView.of(e, day))
            .orElse(null),
        termination.method().needs().stream().map(kind -> kind.words()).toList(),
        aim.filter(on -> !on.isBefore(day.today()))
            .map(
                on ->
                    TerminationDays.chances(
                        termination, now.field().facts().ground(true), day.weather().fit(), on, 1))
            .map(chances -> Percent.of(chances.get(0)))
            .orElse(null),
        termination.method().needs().stream()
            .flatMap(kind -> Cautions.of(kind, figures).stream())
            .distinct()
            .toList());
  }
}
