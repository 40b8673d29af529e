package nimblefurrow.server.workorder;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.SeedTag;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.calibration.Calibrations;
import nimblefurrow.server.calibration.Calibrations.CalibrationView;
import nimblefurrow.server.cover.SeedLine;
import nimblefurrow.server.cover.SeedNeeds;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.land.Marks.MarkView;
import nimblefurrow.server.loads.FillingPlace;
import nimblefurrow.server.loads.LoadDesk;
import nimblefurrow.server.loads.LoadDesk.LoadsView;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.files.Paper;
import nimblefurrow.server.platform.files.Pdf;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.season.Trouble;
import nimblefurrow.server.seed.SeedLots;
import org.springframework.stereotype.Service;

/** Puts everything a crew needs for one field on one page. */
@Service
public class WorkOrders {
  private static final double HAZARDS_NEAR_DEGREES = 0.01;

  private final Seasons seasons;
  private final SeedNeeds covers;
  private final Machines machines;
  private final SeedLots lots;
  private final LoadDesk loads;
  private final Calibrations calibrations;
  private final Placements placements;
  private final Pdf pdf;

  WorkOrders(
      Seasons seasons,
      SeedNeeds covers,
      Machines machines,
      SeedLots lots,
      LoadDesk loads,
      Calibrations calibrations,
      Placements placements,
      Pdf pdf) {
    this.seasons = seasons;
    this.covers = covers;
    this.machines = machines;
    this.lots = lots;
    this.loads = loads;
    this.calibrations = calibrations;
    this.placements = placements;
    this.pdf = pdf;
  }

  /** One page for a field. */
  byte[] print(UUID farmId, UUID fieldId, UUID machineId) {
    OneField one = seasons.one(farmId, fieldId);
    MachineView machine = machines.one(farmId, machineId);
    return pdf.print(
        "work-order",
        Map.of(
            "u",
            new Paper(one.day().units()).words(),
            "orders",
            List.of(page(one.day(), one.running(), stock(farmId, machine)))));
  }

  /**
   * A list of all that a machine or crew has to sow, then a page for each field: what is placed on
   * it, and what could be and is not placed on another.
   *
   * @throws OutOfRange when there is nothing for it
   */
  byte[] printAll(UUID farmId, UUID machineId) {
    return print(farmId, machineId, job -> true, true);
  }

  /**
   * The same of some jobs alone, for a crew that is told of no others: nothing of a field that is
   * not theirs, be it only that it is in trouble.
   */
  public byte[] printSome(UUID farmId, UUID machineId, List<JobId> jobs) {
    return print(farmId, machineId, jobs::contains, false);
  }

  private byte[] print(UUID farmId, UUID machineId, Predicate<JobId> wanted, boolean whole) {
    MachineView machine = machines.one(farmId, machineId);
    FarmSeason farm =
        seasons
            .of(farmId)
            .orElseThrow(
                () -> new NotOnThisFarm("weather yet: import it or take the simulated station"));
    Map<JobId, Pin> pins =
        placements.all(farmId).stream().collect(Collectors.toMap(Pin::jobId, p -> p));
    List<Map<String, Object>> orders = new ArrayList<>();
    List<Trouble> troubles = new ArrayList<>(whole ? farm.troubles() : List.of());
    UnitSystem units = farm.day().units();
    Stock stock = stock(farmId, machine);
    for (FieldSeasons field : farm.covers()) {
      JobId job = new JobId(field.key(), Operation.SEED);
      Pin pin = pins.get(job);
      boolean its = pin == null || pin.machineId().equals(machineId.toString());
      if (wanted.test(job) && sows(machine, field) && its) {
        Trouble.attempt(field.field(), () -> page(farm.day(), field, stock), troubles::add)
            .ifPresent(
                page -> {
                  page.put("day", pin == null ? "not placed" : units.say(pin.start()));
                  page.put("order", pin == null ? LocalDate.MAX : pin.start());
                  orders.add(page);
                });
      }
    }
    if (orders.isEmpty() && troubles.isEmpty()) {
      throw new OutOfRange(
          "machine", "no field that is still to be sown is meant for " + machine.name());
    }
    orders.sort(Comparator.comparing(o -> (LocalDate) o.get("order")));
    Map<String, Object> list = new HashMap<>();
    list.put("machine", machine.name());
    list.put("farm", farm.day().farm().name());
    list.put("fields", orders);
    list.put(
        "troubles",
        troubles.stream()
            .map(t -> Map.of("field", t.field().name(), "says", t.says().in(units)))
            .toList());
    list.put("cautions", Cautions.of(machine.kind(), farm.day().figures()));
    return pdf.print(
        "work-order", Map.of("u", new Paper(units).words(), "list", list, "orders", orders));
  }

  private static boolean sows(MachineView machine, FieldSeasons field) {
    return field
        .now()
        .field()
        .cover()
        .filter(c -> c.seeded() == null && c.way().machine() == machine.kind())
        .isPresent();
  }

  /** What the pages of a machine have in common, asked once however many fields it has. */
  private record Stock(
      MachineView machine,
      LoadDesk.Yard yard,
      List<SeedLots.LotView> lots,
      Map<String, SeedTag> tags,
      List<CalibrationView> tests) {}

  private Stock stock(UUID farmId, MachineView machine) {
    return new Stock(
        machine,
        loads.yard(farmId),
        lots.all(farmId),
        lots.tags(farmId),
        calibrations.of(farmId, machine.id()));
  }

  private Map<String, Object> page(FarmDay farm, FieldSeasons season, Stock stock) {
    MachineView machine = stock.machine();
    Paper paper = new Paper(farm.units());
    FieldView field = season.field();
    List<SeedLine> seed = covers.seed(farm, season, stock.tags());
    LoadsView worked = loads.loads(farm, season, LoadDesk.blend(farm, seed), machine, stock.yard());
    FillingPlace filling = FillingPlace.of(stock.yard(), field);
    List<MarkView> near = near(stock.yard(), field);
    List<MarkView> hazards = near.stream().filter(m -> m.kind().hazard()).toList();
    List<MarkView> others = near.stream().filter(m -> !m.kind().hazard()).toList();
    Map<String, Object> page = new HashMap<>();
    page.put("farm", farm.farm().name());
    page.put("field", field.name());
    page.put("acres", paper.number(field.acres(), Unit.ACRE, 1));
    page.put("farmstead", field.farmstead());
    page.put("machine", machine.name());
    page.put("work", machine.kind().words());
    page.put("hired", machine.hired());
    page.put("window", window(season, paper.units()));
    page.put("crop", season.ground());
    page.put(
        "access",
        field.access().isBlank()
            ? "way in not written down"
            : field.access().replaceAll("\\.$", ""));
    page.put("note", field.note());
    page.put("filling", filling.words());
    Length bar = paper.units() == UnitSystem.US ? Length.ofFeet(500) : Length.ofMetres(150);
    page.put("map", FieldMap.draw(field.shape(), hazards, others, filling.at(), bar));
    page.put("bar", paper.said(bar.feet(), Unit.FOOT, 0));
    page.put("seed", SeedLines.of(seed, stock.lots(), paper));
    page.put("bulk", paper.number(bulkRate(worked), Unit.POUND_PER_ACRE, 1));
    page.put(
        "refills",
        Paper.plain(worked.passes().stream().mapToInt(LoadDesk.PassView::loads).sum(), 0));
    page.put("total", paper.number(worked.poundsInAll(), Unit.POUND, 0));
    page.put("loads", worked.passes().stream().map(p -> pass(p, paper)).toList());
    page.put("hours", Paper.plain(worked.hours(), 1));
    page.put(
        "setting", CalibratedSetting.of(stock.machine(), stock.tests(), bulkRate(worked), paper));
    page.put("hazards", hazards(hazards, paper));
    page.put("cautions", new ArrayList<>(Cautions.of(machine.kind(), farm.figures())));
    page.put("notes", worked.cautions());
    page.put("rows", farm.farm().rules().rows().words());
    page.put("drill", machine.kind() == MachineKind.DRILL);
    return page;
  }

  static List<MarkView> near(LoadDesk.Yard yard, FieldView field) {
    var around = field.shape().getEnvelopeInternal();
    around.expandBy(HAZARDS_NEAR_DEGREES);
    return yard.marks().stream()
        .filter(m -> around.intersects(m.geometry().getEnvelopeInternal()))
        .toList();
  }

  static List<Map<String, Object>> hazards(List<MarkView> hazards, Paper paper) {
    List<Map<String, Object>> lines = new ArrayList<>();
    for (MarkView h : hazards) {
      lines.add(
          Map.of(
              "number", lines.size() + 1,
              "words", h.words() + (h.name().isBlank() ? "" : ", " + h.name()),
              "keep", paper.said(h.keepAwayFt(), Unit.FOOT, 0)));
    }
    return lines;
  }

  private static Map<String, Object> pass(LoadDesk.PassView p, Paper paper) {
    Map<String, Object> line = new HashMap<>();
    line.put("seed", p.seed());
    line.put("rate", paper.number(p.bulkRate(), Unit.POUND_PER_ACRE, 1));
    line.put("impossible", p.impossible());
    line.put("count", p.loads());
    line.put("load", paper.number(p.loadPounds(), Unit.POUND, 0));
    line.put("acres", paper.number(p.acresPerLoad(), Unit.ACRE, 1));
    line.put("last", paper.number(p.lastPounds(), Unit.POUND, 0));
    line.put("perHour", paper.number(p.acresPerHour(), Unit.ACRE, 1));
    return line;
  }

  private static double bulkRate(LoadsView worked) {
    return worked.passes().stream().mapToDouble(LoadDesk.PassView::bulkRate).sum();
  }

  /** When to sow it: the best days, or, past them, how long it may still be sown. */
  private static String window(FieldSeasons season, UnitSystem units) {
    Optional<SeedingWindow> window = season.now().window();
    Optional<LocalDate> best = window.flatMap(w -> w.bestFrom().median());
    Optional<LocalDate> closes = window.flatMap(w -> w.closes().median());
    Optional<LocalDate> shuts = window.flatMap(w -> w.shuts().median());
    if (best.isPresent() && closes.isPresent() && !best.get().isAfter(closes.get())) {
      return units.say(best.get()) + " to " + units.say(closes.get());
    }
    return closes
        .or(() -> shuts)
        .map(day -> "not after " + units.say(day))
        .orElse("not to be told: ask the planner");
  }
}
