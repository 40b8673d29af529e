package nimblefurrow.server.advice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.advice.Advice;
import nimblefurrow.core.advice.Ask;
import nimblefurrow.core.advice.Option;
import nimblefurrow.core.advice.WhyNot;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.Restriction;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.core.termination.Route;
import nimblefurrow.server.chain.CoverDetails.MemberDetails;
import nimblefurrow.server.land.Herbicides;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.AskingOnly;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
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
@RequestMapping("/api/advice")
class AdviceController {
  /**
   * Goals with their weights; the place of the cover in its season, 0 for the running one; without
   * ways in, those for which the farm has a machine.
   */
  record AdviceForm(
      @NotNull UUID fieldId,
      @NotEmpty Map<Goal, @NotNull Double> goals,
      @Maybe Set<WayIn> ways,
      @NotNull Route route,
      @Maybe @Min(1) @Max(3) Integer mostSpecies,
      @Maybe Integer place) {}

  record OptionView(
      String name,
      List<MemberDetails> members,
      WayIn way,
      String wayWords,
      LocalDate sowing,
      int score,
      int servedPercent,
      int chancePercent,
      double costPerAcre,
      List<String> reasons) {}

  record WhyNotView(
      String species, String name, WayIn way, String wayWords, WhyNot.Kind kind, String reason) {}

  record AdviceView(List<OptionView> ranked, List<WhyNotView> whyNot, List<WayIn> ways) {}

  private final Seasons seasons;
  private final Lores lores;
  private final Machines machines;
  private final Herbicides herbicides;
  private final CurrentFarm current;

  AdviceController(
      Seasons seasons, Lores lores, Machines machines, Herbicides herbicides, CurrentFarm current) {
    this.seasons = seasons;
    this.lores = lores;
    this.machines = machines;
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
    Map<WayIn, Double> least = new EnumMap<>(WayIn.class);
    Set<WayIn> owned = EnumSet.noneOf(WayIn.class);
    for (MachineView machine : machines.all(farmId)) {
      WayIn.of(machine.kind())
          .ifPresent(
              way -> {
                owned.add(way);
                Double meterable = machine.setup().leastRateLbAc();
                least.merge(way, meterable == null ? 0 : meterable, Math::min);
              });
    }
    Set<WayIn> ways =
        form.ways() == null || form.ways().isEmpty()
            ? owned.isEmpty() ? EnumSet.of(WayIn.DRILL) : owned
            : form.ways();
    List<Restriction> restrictions =
        herbicides.of(farmId, form.fieldId()).stream()
            .map(Herbicides.UseView::restriction)
            .toList();
    var now = field.now().field();
    Ask ask =
        new Ask(
            field.now().crop(),
            form.goals(),
            ways,
            form.route(),
            now.next(),
            now.facts().soil(),
            now.facts().organic(),
            restrictions,
            least,
            farm.farm().rules(),
            form.mostSpecies() == null ? 3 : form.mostSpecies(),
            field.clears());
    Advice advice = Advice.of(ask, farm.catalogue(), lores.of(farm.outlook()));
    UnitSystem units = farm.units();
    return new AdviceView(
        advice.ranked().stream().map(o -> view(o, units)).toList(),
        advice.whyNot().stream().map(w -> view(w, units)).toList(),
        ways.stream().sorted().toList());
  }

  private static OptionView view(Option o, UnitSystem units) {
    return new OptionView(
        o.mix().name(),
        o.mix().members().stream()
            .map(m -> new MemberDetails(m.species().id(), m.share(), null))
            .toList(),
        o.way(),
        o.way().words(),
        o.sowing(),
        (int) Math.round(o.score()),
        (int) Math.round(100 * o.served()),
        (int) Math.round(100 * o.chance()),
        o.costPerAcre().value(),
        o.reasons().stream().map(r -> r.in(units)).toList());
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
