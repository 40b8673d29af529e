package nimblefurrow.server.advice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.advice.Advice;
import nimblefurrow.core.advice.CommonChoice;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.advice.AdviceDesk.Yard;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.land.Herbicides;
import nimblefurrow.server.land.Herbicides.UseView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What to sow on many fields for one goal and one end, and on which fields it differs. */
@RestController
@RequestMapping("/api/v1/advice/many")
class ManyFieldsController {
  private static final int MOST_FIELDS = 1000;
  private static final int OFFERED = 5;

  record ManyFieldsForm(
      @NotEmpty @Size(max = MOST_FIELDS) List<@NotNull UUID> fields,
      @NotEmpty Map<Goal, @NotNull Double> goals,
      @NotNull TerminationMethod termination,
      @Maybe @Min(1) @Max(3) Integer mostSpecies) {}

  /**
   * One field's ranking.
   *
   * @param version of the cover that the field has, to be told when another is kept; none where it
   *     has none
   * @param differs why the common choice does not rank first here
   * @param trouble why nothing can be offered
   */
  record FieldOptions(
      UUID fieldId,
      @Maybe Integer version,
      List<OptionView> options,
      @Maybe String differs,
      @Maybe String trouble) {}

  record CommonView(String name, String wayWords, int fields) {}

  record ManyFieldsView(@Maybe CommonView common, List<FieldOptions> fields) {}

  private final Seasons seasons;
  private final AdviceDesk desk;
  private final Herbicides herbicides;
  private final CurrentFarm current;

  ManyFieldsController(
      Seasons seasons, AdviceDesk desk, Herbicides herbicides, CurrentFarm current) {
    this.seasons = seasons;
    this.desk = desk;
    this.herbicides = herbicides;
    this.current = current;
  }

  @PostMapping
  @AskingOnly
  ManyFieldsView many(@Valid @RequestBody ManyFieldsForm form) {
    UUID farmId = current.id();
    FarmSeason farm = seasons.needed(farmId);
    Yard yard = desk.yard(farmId);
    Map<UUID, List<UseView>> sprayed = herbicides.all(farmId);
    AdviceDesk.Wish wish =
        new AdviceDesk.Wish(
            form.goals(), desk.ways(null, yard), form.termination(), form.mostSpecies());
    Map<UUID, Advice> advice = new LinkedHashMap<>();
    for (UUID id : form.fields()) {
      FieldSeasons field = farm.field(id);
      advice.put(
          id, desk.advice(farm.day(), field, wish, yard, sprayed.getOrDefault(id, List.of())));
    }
    UnitSystem units = farm.day().units();
    Optional<CommonChoice> common = CommonChoice.of(List.copyOf(advice.values()));
    return new ManyFieldsView(
        common.map(c -> new CommonView(c.mix().name(), c.way().words(), c.fields())).orElse(null),
        advice.entrySet().stream()
            .map(e -> options(farm.field(e.getKey()), e.getValue(), common, units))
            .toList());
  }

  private static FieldOptions options(
      FieldSeasons field, Advice advice, Optional<CommonChoice> common, UnitSystem units) {
    return new FieldOptions(
        field.field().id(),
        field.kept().map(Link::version).orElse(null),
        advice.ranked().stream().limit(OFFERED).map(o -> OptionView.of(o, units)).toList(),
        common.flatMap(c -> c.whyNotIn(advice)).map(r -> r.in(units)).orElse(null),
        advice.ranked().isEmpty()
            ? advice.whyNot().stream()
                .findFirst()
                .map(w -> w.species().name() + ": " + w.reason().in(units))
                .orElse("nothing fits")
            : null);
  }
}
