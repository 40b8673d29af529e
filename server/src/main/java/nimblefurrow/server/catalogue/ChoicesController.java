package nimblefurrow.server.catalogue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.platform.CurrentFarm;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What can be chosen, in words: goals, ways in, ways to end, kinds of machine. */
@RestController
@RequestMapping("/api/v1/choices")
class ChoicesController {
  record Choice(String value, String title) {}

  record Choices(
      List<Choice> goals,
      List<Choice> ways,
      List<Choice> terminations,
      List<Choice> machines,
      Map<CropKind, Unit> yields,
      Map<CropKind, Double> maturities,
      double harvestMoisture) {}

  private final FarmFigures figures;
  private final CurrentFarm current;

  ChoicesController(FarmFigures figures, CurrentFarm current) {
    this.figures = figures;
    this.current = current;
  }

  @GetMapping
  Choices all() {
    Figures own = figures.of(current.id());
    return new Choices(
        Arrays.stream(Goal.values()).map(g -> choice(g, g.words())).toList(),
        Arrays.stream(SeedingMethod.values()).map(w -> choice(w, w.words())).toList(),
        Arrays.stream(TerminationMethod.values()).map(r -> choice(r, r.words())).toList(),
        Arrays.stream(MachineKind.values()).map(m -> choice(m, m.words())).toList(),
        Arrays.stream(CropKind.values()).collect(Collectors.toMap(k -> k, CropKind::yieldUnit)),
        Arrays.stream(CropKind.values())
            .collect(Collectors.toMap(k -> k, k -> k.usualMaturity(own))),
        CropKind.CORN_GRAIN.usualMoisture(own));
  }

  private static Choice choice(Enum<?> value, String words) {
    return new Choice(value.name(), Character.toUpperCase(words.charAt(0)) + words.substring(1));
  }
}
