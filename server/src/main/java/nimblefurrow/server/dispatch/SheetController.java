package nimblefurrow.server.dispatch;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.board.WorkHours;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.job.DayWork;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.product.PlannedSprays;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The day sheet: who does what on a day, machine by machine, with seed, chance and cautions. */
@RestController
@RequestMapping("/api/v1/dispatch/sheet")
class SheetController {
  /**
   * @param toTell whether it may be told to those who do it: it is not over and holds work
   * @param published as it was told to them; null while it was not
   */
  record Sheet(
      LocalDate day,
      String farm,
      List<SheetMachine> machines,
      boolean toTell,
      @Maybe SheetTold published) {}

  /**
   * @param changed what is otherwise than it was told, by field
   */
  record SheetTold(LocalDate on, String by, List<SheetChange> changed) {}

  record SheetChange(String field, String says) {}

  record SheetMachine(String machine, boolean hired, List<SheetJob> jobs, List<String> cautions) {}

  /**
   * @param fitChance % that this day is fit and the job's window open
   * @param begins about when by the farm's clock, {@code ends} too; null for a day too far ahead
   */
  record SheetJob(
      JobId id,
      @Maybe UUID fieldId,
      String field,
      String farmstead,
      @Maybe String boundary,
      String words,
      @Maybe String cover,
      double acres,
      double hours,
      double fieldAcres,
      double left,
      int fitChance,
      List<SheetSeed> seed,
      @Maybe String driver,
      @Maybe LocalDateTime begins,
      @Maybe LocalDateTime ends,
      String note,
      @Maybe SheetSpray spray,
      @Maybe DoingView doing,
      @Maybe CountedView counted) {}

  /**
   * What is sprayed, by the labels that were read.
   *
   * @param rainFree hours without rain, {@code reEntry} hours until the field may be entered;
   *     absent while they are to be read off the label
   */
  record SheetSpray(String words, @Maybe Double rainFree, @Maybe Integer reEntry) {
    static SheetSpray of(PlannedSprays.Planned planned) {
      return new SheetSpray(
          planned.words(),
          planned.labels().rainFreeHours().orElse(null),
          planned.labels().reEntryHours().orElse(null));
    }
  }

  private final Dispatch dispatch;
  private final SheetSeeds seeds;
  private final PublishedDays published;
  private final PlannedSprays sprays;
  private final CurrentFarm current;

  SheetController(
      Dispatch dispatch,
      SheetSeeds seeds,
      PublishedDays published,
      PlannedSprays sprays,
      CurrentFarm current) {
    this.sprays = sprays;
    this.published = published;
    this.dispatch = dispatch;
    this.seeds = seeds;
    this.current = current;
  }

  @GetMapping
  Sheet sheet(@RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
    Board board = dispatch.board(current.id());
    Map<UUID, List<SheetJob>> byMachine = new LinkedHashMap<>();
    Map<UUID, Job> sample = new LinkedHashMap<>();
    Map<UUID, PlannedSprays.Planned> planned = sprays.all(current.id());
    for (Todays one : todays(board, day)) {
      UUID machine = UUID.fromString(one.placement().machineId());
      Job job = board.job(one.placement().jobId());
      sample.put(machine, job);
      byMachine
          .computeIfAbsent(machine, m -> new ArrayList<>())
          .add(job(board, planned, job, one.work()));
    }
    List<SheetMachine> machines = new ArrayList<>();
    for (MachineView machine : board.machines()) {
      if (byMachine.containsKey(machine.id())) {
        machines.add(
            new SheetMachine(
                machine.name(),
                machine.hired(),
                byMachine.get(machine.id()),
                Cautions.of(sample.get(machine.id()).kind(), board.season().day().figures())));
      }
    }
    boolean toTell = PublishedDays.ahead(board, day) && !machines.isEmpty();
    return new Sheet(day, board.season().day().farm().name(), machines, toTell, told(board, day));
  }

  private record Todays(Placement placement, DayWork work) {}

  /** The work of a day, what begins first before the rest. */
  private static List<Todays> todays(Board board, LocalDate day) {
    return board.placed().placed().stream()
        .flatMap(
            p -> p.days().stream().filter(w -> w.date().equals(day)).map(w -> new Todays(p, w)))
        .sorted(Comparator.comparingDouble(t -> t.work().from()))
        .toList();
  }

  private SheetTold told(Board board, LocalDate day) {
    FarmDay today = board.season().day();
    return published
        .of(current.id(), day)
        .map(
            p ->
                new SheetTold(
                    p.on(),
                    p.by(),
                    p.told().since(PublishedDays.now(board, day), today.figures()).stream()
                        .map(c -> new SheetChange(c.field(), c.says().in(today.units())))
                        .toList()))
        .orElse(null);
  }

  /** Tells a day to those who do its work: its jobs stay where they are from now on. */
  @PostMapping("/publish")
  Sheet publish(@RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
    published.publish(current.id(), dispatch.board(current.id()), day, current.user().name());
    return sheet(day);
  }

  private SheetJob job(
      Board board, Map<UUID, PlannedSprays.Planned> sprays, Job job, DayWork work) {
    Optional<FieldView> field = board.field(job).map(FieldSeasons::field);
    Optional<WorkHours> clock = board.clock(job, work);
    return new SheetJob(
        job.id(),
        field.map(FieldView::id).orElse(null),
        job.field(),
        job.place(),
        field.map(FieldView::boundary).orElse(null),
        job.words(),
        board.cover(job).orElse(null),
        work.acres(),
        work.hours(),
        board.whole().get(job.id()).acres(),
        job.area().acres(),
        Percent.of(board.chance(job, work)),
        seeds.of(board, job, work.acres()),
        work.driver().orElse(null),
        clock.map(WorkHours::begins).orElse(null),
        clock.map(WorkHours::ends).orElse(null),
        field.map(FieldView::note).orElse(""),
        Optional.ofNullable(sprays.get(job.id().cover()))
            .filter(p -> job.id().operation() == Operation.SPRAY)
            .map(SheetSpray::of)
            .orElse(null),
        DoingView.of(board.doing().get(job.id())),
        CountedView.of(board, job));
  }
}
