package nimblefurrow.server.loads;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.price.Established;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.seeding.WindowRules;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.cover.SeedLine;
import nimblefurrow.server.cover.SeedNeeds;
import nimblefurrow.server.loads.LoadDesk.LoadsView;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.stereotype.Service;

/** Every machine that could sow a field's cover, by loads, hours, price and what comes up. */
@Service
class CompareDesk {
  /** A way in with a machine; each at its own rate. Cheapest by what is expected to come up. */
  record WayView(
      UUID machineId,
      String machine,
      SeedingMethod way,
      String wayWords,
      @Maybe String impossible,
      @Maybe LocalDate opens,
      @Maybe LocalDate best,
      int chancePercent,
      double bulkRate,
      int loads,
      double hours,
      double acresPerHour,
      double seedPerAcre,
      double passPerAcre,
      double perAcre,
      double plantsPerSquareFoot,
      @Maybe Double perThousandPlants,
      boolean likely,
      boolean planned,
      boolean cheapest) {}

  private final Seasons seasons;
  private final SeedNeeds covers;
  private final LoadDesk loads;
  private final Machines machines;

  CompareDesk(Seasons seasons, SeedNeeds covers, LoadDesk loads, Machines machines) {
    this.seasons = seasons;
    this.covers = covers;
    this.loads = loads;
    this.machines = machines;
  }

  List<WayView> compare(UUID farmId, UUID fieldId) {
    OneField one = seasons.one(farmId, fieldId);
    FarmDay farm = one.day();
    FieldSeasons field = one.running();
    CoverDetails planned =
        field
            .cover()
            .orElseThrow(
                () -> new OutOfRange("cover", "this field has no cover planned: choose one first"))
            .cover();
    LoadDesk.Yard yard = loads.yard(farmId);
    List<WayView> ways = new ArrayList<>();
    for (MachineView machine : machines.all(farmId)) {
      for (SeedingMethod way : SeedingMethod.values()) {
        if (way.machine() == machine.kind()) {
          ways.add(way(farm, field, planned, machine, way, yard));
        }
      }
    }
    Optional<Double> least =
        ways.stream()
            .filter(w -> w.impossible() == null && w.likely() && w.perThousandPlants() != null)
            .map(WayView::perThousandPlants)
            .min(Comparator.naturalOrder());
    return ways.stream()
        .map(
            w ->
                marked(
                    w,
                    least.isPresent()
                        && least.get().equals(w.perThousandPlants())
                        && w.impossible() == null))
        .sorted(
            Comparator.comparing((WayView w) -> w.impossible() != null || !w.likely())
                .thenComparing(w -> w.perThousandPlants() == null ? 1e9 : w.perThousandPlants()))
        .toList();
  }

  private WayView way(
      FarmDay farm,
      FieldSeasons field,
      CoverDetails planned,
      MachineView machine,
      SeedingMethod way,
      LoadDesk.Yard yard) {
    CoverDetails tried = planned.by(way);
    List<SeedLine> seed = covers.seed(farm, field, tried);
    SeedingWindow window =
        new WindowRules(
                field.now().crop(),
                tried.mix(farm.catalogue()),
                tried.termination() == nimblefurrow.core.termination.TerminationMethod.ROLL,
                farm.farm().rules(),
                farm.outlook(),
                field.clears())
            .window(way);
    String impossible = window.impossible().map(r -> r.in(farm.units())).orElse(null);
    LoadsView worked = null;
    try {
      worked = loads.loads(farm, field, LoadDesk.blend(farm, seed), machine, yard);
    } catch (OutOfRange notSetUp) {
      impossible = impossible == null ? notSetUp.in(farm.units()) : impossible;
    }
    if (worked != null && impossible == null) {
      impossible =
          worked.passes().stream()
              .map(LoadDesk.PassView::impossible)
              .filter(i -> i != null)
              .findFirst()
              .orElse(null);
    }
    Money seedCost = Money.of(seed.stream().mapToDouble(SeedLine::costPerAcre).sum());
    Money pass =
        Money.of(worked == null ? machine.costPerAcre().doubleValue() : worked.price().pass());
    Established up =
        new Established(
            seedCost,
            pass,
            seed.stream().mapToDouble(SeedLine::plantsPerSquareFoot).sum(),
            window.chanceFrom(farm.today()).fraction());
    double hours = worked == null ? 0 : worked.hours();
    return new WayView(
        machine.id(),
        machine.name(),
        way,
        way.words(),
        impossible,
        window.opens().median().orElse(null),
        window.pencilled().orElse(null),
        (int) Math.round(window.chanceFrom(farm.today()).percent()),
        seed.stream().mapToDouble(SeedLine::bulkRate).sum(),
        worked == null ? 0 : worked.passes().stream().mapToInt(LoadDesk.PassView::loads).sum(),
        hours,
        hours == 0 ? 0 : field.field().acres() / hours,
        seedCost.value(),
        pass.value(),
        up.perAcre().value(),
        up.plantsPerSquareFoot(),
        up.perThousandPlants().orElse(null),
        up.likely(farm.figures()),
        planned.way() == way,
        false);
  }

  private static WayView marked(WayView w, boolean cheapest) {
    return new WayView(
        w.machineId(),
        w.machine(),
        w.way(),
        w.wayWords(),
        w.impossible(),
        w.opens(),
        w.best(),
        w.chancePercent(),
        w.bulkRate(),
        w.loads(),
        w.hours(),
        w.acresPerHour(),
        w.seedPerAcre(),
        w.passPerAcre(),
        w.perAcre(),
        w.plantsPerSquareFoot(),
        w.perThousandPlants(),
        w.likely(),
        w.planned(),
        cheapest);
  }
}
