package nimblefurrow.server.advice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.advice.Advice;
import nimblefurrow.core.advice.WhyNot;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.advice.AdviceDesk.Yard;
import nimblefurrow.server.land.Herbicides;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Species and mixes ranked for a field, and why not the rest. */
@RestController
@RequestMapping("/api/v1/advice")
class AdviceController {
  /**
   * Goals with their weights; the place of the cover in its season, 0 for the running one; without
   * ways in, those for which the farm has a machine.
   */
  record AdviceForm(
      @NotNull UUID fieldId,
      @NotEmpty Map<Goal, @NotNull Double> goals,
      @Maybe Set<SeedingMethod> ways,
      @NotNull TerminationMethod termination,
      @Maybe @Min(1) @Max(3) Integer mostSpecies,
      @Maybe Integer place) {}

  record WhyNotView(
      String species,
      String name,
      SeedingMethod way,
      String wayWords,
      WhyNot.Kind kind,
      String reason) {}

  record AdviceView(List<OptionView> ranked, List<WhyNotView> whyNot, List<SeedingMethod> ways) {}

  private final Seasons seasons;
  private final AdviceDesk desk;
  private final Herbicides herbicides;
  private final CurrentFarm current;

  AdviceController(Seasons seasons, AdviceDesk desk, Herbicides herbicides, CurrentFarm current) {
    this.seasons = seasons;
    this.desk = desk;
    this.herbicides = herbicides;
    this.current = current;
  }

  @PostMapping
  @AskingOnly
  AdviceView advice(@Valid @RequestBody AdviceForm form) {
    UUID farmId = current.id();
    OneField one = seasons.one(farmId, form.fieldId());
    FarmDay farm = one.day();
    FieldSeasons field = one.cover(form.place() == null ? 0 : form.place());
    Yard yard = desk.yard(farmId);
    Set<SeedingMethod> ways = desk.ways(form.ways(), yard);
    Advice advice =
        desk.advice(
            farm,
            field,
            new AdviceDesk.Wish(form.goals(), ways, form.termination(), form.mostSpecies()),
            yard,
            herbicides.of(farmId, form.fieldId()));
    UnitSystem units = farm.units();
    return new AdviceView(
        advice.ranked().stream().map(o -> OptionView.of(o, units)).toList(),
        advice.whyNot().stream().map(w -> view(w, units)).toList(),
        ways.stream().sorted().toList());
  }

  private static WhyNotView view(WhyNot w, UnitSystem units) {
    return new WhyNotView(
        w.species().id(),
        w.species().name(),
        w.way(),
        w.way().words(),
        w.kind(),
        w.reason().in(units));
  }
}
