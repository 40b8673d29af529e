package nimblefurrow.server.loads;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.loads.Combine;
import nimblefurrow.core.loads.LoadPlan;
import nimblefurrow.core.loads.OnField;
import nimblefurrow.core.loads.SetUp;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.season.SideWork;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.WorkSequence;
import nimblefurrow.server.cover.SeedLine;
import nimblefurrow.server.cover.SeedNeeds;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.land.Marks;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.stereotype.Service;

/** Works out a machine's loads on a field with the cover that is planned there. */
@Service
public class LoadDesk {
  /** Seed that goes in one filling, worked out; rates lb/ac, weights lb. */
  public record PassView(
      String seed,
      double bulkRate,
      double poundsPerCubicFoot,
      @Maybe String impossible,
      int loads,
      double loadPounds,
      double acresPerLoad,
      double lastAcres,
      double lastPounds,
      double acresPerHour,
      double hours,
      double minutesPerLoad,
      String limits,
      List<LoadPlan.Need> needs,
      List<Double> refillsAtAcres,
      List<String> notes) {}

  public record StepView(String what, int afterDays, int withinDays, double hours) {}

  /** A machine on a field: one pass or several. */
  public record LoadsView(
      String field,
      double acres,
      String machine,
      String cover,
      List<PassView> passes,
      double hours,
      double poundsInAll,
      @Maybe Integer unloadsPerFill,
      @Maybe Double acresPerUnload,
      double runFeet,
      @Maybe Double ferryFeet,
      List<StepView> steps,
      List<String> cautions,
      PriceDesk.PriceView price) {}

  /** What lies about the farm: its marks and farmsteads. */
  public record Yard(List<Marks.MarkView> marks, List<Fields.Stead> steads) {}

  public Yard yard(UUID farm) {
    return new Yard(marks.all(farm), fields.farmsteads(farm));
  }

  private final Seasons seasons;
  private final SeedNeeds desk;
  private final Machines machines;
  private final Marks marks;
  private final Fields fields;
  private final PriceDesk prices;

  LoadDesk(
      Seasons seasons,
      SeedNeeds desk,
      Machines machines,
      Marks marks,
      Fields fields,
      PriceDesk prices) {
    this.seasons = seasons;
    this.desk = desk;
    this.machines = machines;
    this.marks = marks;
    this.fields = fields;
    this.prices = prices;
  }

  /** A field's planned seed as it lies in the hopper. */
  public SeedBlend blend(FarmDay farm, FieldSeasons field) {
    return blend(farm, desk.seed(farm, field));
  }

  public static SeedBlend blend(FarmDay farm, List<SeedLine> seed) {
    if (seed.isEmpty()) {
      throw new OutOfRange("cover", "this field has no cover planned: choose one first");
    }
    return new SeedBlend(
        seed.stream()
            .map(
                m ->
                    new SeedBlend.Part(
                        farm.catalogue().species(m.species()),
                        SeedRate.poundsPerAcre(m.bulkRate())))
            .toList());
  }

  /**
   * @param setup tried instead of the machine's own; null for its own
   * @param rateFactor the planned rates times this, for trying heavier and lighter ones
   */
  public LoadsView loads(
      UUID farmId, UUID fieldId, UUID machineId, MachineSetup setup, double rateFactor) {
    OneField one = seasons.one(farmId, fieldId);
    FarmDay farm = one.day();
    FieldSeasons field = one.running();
    SeedBlend blend = blend(farm, field).times(rateFactor);
    return loads(farm, field, blend, tried(machines.one(farmId, machineId), setup, farm.figures()));
  }

  private static MachineView tried(MachineView m, MachineSetup setup, Figures figures) {
    if (setup == null) {
      return m;
    }
    setup.checked();
    double rate =
        setup.fieldCapacity(m.kind(), figures).map(WorkRate::acresPerHour).orElse(m.acresPerHour());
    return new MachineView(
        m.id(), m.name(), m.kind(), rate, m.hired(), m.costPerAcre(), setup, m.version());
  }

  /** The loads of a blend with a machine as it is set up. */
  public LoadsView loads(FarmDay farm, FieldSeasons field, SeedBlend blend, MachineView machine) {
    return loads(farm, field, blend, machine, yard(farm.farm().id()));
  }

  /**
   * @param yard asked once for many fields or machines
   */
  public LoadsView loads(
      FarmDay farm, FieldSeasons field, SeedBlend blend, MachineView machine, Yard yard) {
    FieldView land = field.field();
    SeedingMethod way = way(machine);
    OnField on = FillingPlace.of(yard, land).on(land);
    List<SeedBlend> passes = passes(way, blend);
    UnitSystem units = farm.units();
    SetUp setUp = Rigs.of(machine, blend.figures());
    List<LoadPlan> plans = setUp.plans(on, passes);
    List<PassView> views = new ArrayList<>();
    for (int i = 0; i < plans.size(); i++) {
      views.add(view(passes.get(i), plans.get(i), units));
    }
    double hours = LoadPlan.hours(plans);
    MachineSetup s = machine.setup();
    Optional<Combine> combine = setUp instanceof Combine at ? Optional.of(at) : Optional.empty();
    Integer unloads =
        combine.flatMap(c -> plans.get(0).loads().map(c::unloadsPerFill)).orElse(null);
    double least = s.leastRateLbAc() == null ? 0 : s.leastRateLbAc();
    return new LoadsView(
        land.name(),
        land.acres(),
        machine.name(),
        blend.name(),
        views,
        hours,
        views.stream().mapToDouble(v -> v.bulkRate() * land.acres()).sum(),
        unloads,
        combine.map(c -> c.acresPerUnload().acres()).orElse(null),
        on.run().feet(),
        way == SeedingMethod.DRONE ? on.ferry().feet() : null,
        steps(way, field, blend, on.area(), machine, farm.figures()),
        blend.cautions(way, least).stream().map(r -> r.in(units)).toList(),
        prices.price(farm, blend, machine, passes, plans, on));
  }

  private static List<StepView> steps(
      SeedingMethod way,
      FieldSeasons field,
      SeedBlend blend,
      Area area,
      MachineView machine,
      Figures figures) {
    SideWork side = field.now().field().cover().map(c -> c.side()).orElse(SideWork.USUAL);
    boolean small = blend.parts().stream().allMatch(p -> p.species().smallSeeded());
    return WorkSequence.of(
            way,
            side.discPasses(),
            side.slurryOver(),
            small,
            area,
            machine.machine().rate(),
            figures)
        .stream()
        .map(t -> new StepView(t.what(), t.afterDays(), t.withinDays(), t.hours()))
        .toList();
  }

  static SeedingMethod way(MachineView machine) {
    return SeedingMethod.of(machine.kind())
        .orElseThrow(
            () -> new OutOfRange("machine", machine.name() + " does not sow: take one that does"));
  }

  static List<SeedBlend> passes(SeedingMethod way, SeedBlend blend) {
    return way == SeedingMethod.DRONE ? blend.passes() : List.of(blend);
  }

  /** What machines that sow do in an hour on each field, with its seed: as their loads tell. */
  public SowingRates rates(FarmDay farm, List<MachineView> machines) {
    return new SowingRates(desk, farm, machines, yard(farm.farm().id()));
  }

  private static PassView view(SeedBlend blend, LoadPlan plan, UnitSystem units) {
    var loads = plan.loads();
    return new PassView(
        blend.name(),
        blend.rate().poundsPerAcre(),
        blend.poundsPerCubicFoot(),
        plan.impossible().map(r -> r.in(units)).orElse(null),
        loads.map(l -> l.count()).orElse(0),
        loads.map(l -> l.full().pounds()).orElse(0.0),
        loads.map(l -> l.acresPerLoad().acres()).orElse(0.0),
        loads.map(l -> l.lastAcres().acres()).orElse(0.0),
        loads.map(l -> l.lastPounds().pounds()).orElse(0.0),
        plan.rate().map(r -> r.acresPerHour()).orElse(0.0),
        Durations.inHours(plan.time()),
        Durations.inMinutes(plan.perLoad()),
        plan.limits(),
        plan.needs(),
        loads
            .map(l -> l.refillsAt().stream().limit(400).map(Area::acres).toList())
            .orElse(List.of()),
        plan.notes().stream().map(r -> r.in(units)).toList());
  }
}
