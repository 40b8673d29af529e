package nimblefurrow.server.start;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.seed.SeedLots;
import nimblefurrow.server.weather.Weathers;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a farm needs before its sheet says something, in the order in which it is entered. */
@RestController
@RequestMapping("/api/v1/first-steps")
class FirstSteps {
  /** What is to be there. */
  enum FirstStep {
    WEATHER,
    FIELDS,
    CROPS,
    MACHINES,
    SEED,
    COVER
  }

  /**
   * A step, ticked when the farm has it.
   *
   * @param says how far it is, for example "3 of 5 fields have a crop"
   */
  record FirstStepView(FirstStep step, String words, String says, boolean done) {}

  private final Farms farms;
  private final Weathers weathers;
  private final Fields fields;
  private final Chains chains;
  private final Machines machines;
  private final SeedLots lots;
  private final CurrentFarm current;

  FirstSteps(
      Farms farms,
      Weathers weathers,
      Fields fields,
      Chains chains,
      Machines machines,
      SeedLots lots,
      CurrentFarm current) {
    this.farms = farms;
    this.weathers = weathers;
    this.fields = fields;
    this.chains = chains;
    this.machines = machines;
    this.lots = lots;
    this.current = current;
  }

  @GetMapping
  List<FirstStepView> steps() {
    UUID farm = current.id();
    List<FieldView> land = fields.all(farm);
    Map<UUID, List<Link>> links = chains.all(farm);
    long cropped = having(land, links, LinkKind.CROP);
    long covered = having(land, links, LinkKind.COVER);
    int yard = machines.all(farm).size();
    int seed = lots.all(farm).size();
    boolean weather = weathers.of(farms.view(farm)).isPresent();
    return List.of(
        new FirstStepView(
            FirstStep.WEATHER,
            "Weather",
            weather ? "there is enough to count chances" : "years of daily weather, or the station",
            weather),
        new FirstStepView(
            FirstStep.FIELDS,
            "Fields",
            land.isEmpty() ? "boundaries from a file" : counted(land.size(), "field", "fields"),
            !land.isEmpty()),
        new FirstStepView(
            FirstStep.CROPS,
            "Crops",
            cropped + " of " + land.size() + " have one",
            !land.isEmpty() && cropped == land.size()),
        new FirstStepView(
            FirstStep.MACHINES,
            "Machines",
            yard == 0 ? "from the starter yard, or your own" : counted(yard, "machine", "machines"),
            yard > 0),
        new FirstStepView(
            FirstStep.SEED,
            "Seed",
            seed == 0 ? "lots in the shed; or later" : counted(seed, "lot", "lots"),
            seed > 0),
        new FirstStepView(
            FirstStep.COVER,
            "First cover",
            covered == 0 ? "choose what goes in" : counted((int) covered, "field", "fields"),
            covered > 0));
  }

  private static long having(List<FieldView> land, Map<UUID, List<Link>> links, LinkKind kind) {
    return land.stream()
        .filter(f -> links.getOrDefault(f.id(), List.of()).stream().anyMatch(l -> l.kind() == kind))
        .count();
  }

  private static String counted(int n, String one, String many) {
    return n + " " + (n == 1 ? one : many);
  }
}
