package nimblefurrow.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.SheetSpan;
import nimblefurrow.core.season.call.Call;
import nimblefurrow.core.season.call.CallBoard;
import nimblefurrow.core.weather.WeatherTrace;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.unchanged.Unchanged;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The season sheet of all fields, and the answer of one. */
@RestController
@RequestMapping("/api/v1/season")
class SeasonController {
  /** So many lanes are told whole; of more, only the first. */
  private static final int ALL_DRAWN = 80;

  private static final int FIRST_DRAWN = 40;
  private static final int MOST_WANTED = 120;
  private static final int BYTES_A_LANE = 10_000;

  private final Seasons seasons;
  private final Farms farms;
  private final Machines machines;
  private final Placements placements;
  private final StripBuilder strips;
  private final Unchanged unchanged;
  private final CurrentFarm current;

  SeasonController(
      Seasons seasons,
      Farms farms,
      Machines machines,
      Placements placements,
      StripBuilder strips,
      Unchanged unchanged,
      CurrentFarm current) {
    this.unchanged = unchanged;
    this.seasons = seasons;
    this.farms = farms;
    this.machines = machines;
    this.placements = placements;
    this.strips = strips;
    this.current = current;
  }

  @GetMapping
  SeasonView season() {
    return unchanged.of(
        current.id(), "sheet", view -> BYTES_A_LANE * (1 + view.lanes().size()), this::sheet);
  }

  private SeasonView sheet(FarmView of) {
    Optional<FarmSeason> found = seasons.of(of.id());
    if (found.isEmpty()) {
      LocalDate today = farms.today(of);
      SeasonView.Strip none =
          new SeasonView.Strip(
              today, 0, new int[0], new int[0], new int[0], new double[0], new int[0]);
      return new SeasonView(
          today, today, today, false, 0, none, today, today, List.of(), List.of(), List.of());
    }
    FarmSeason farm = found.get();
    List<LaneView> lanes = new ArrayList<>();
    List<CallBoard.Lane> board = new ArrayList<>();
    List<Job> jobs = new ArrayList<>();
    lay(farm, first(farm.fields()), lanes, board, jobs);
    Map<UUID, UUID> fieldOf =
        farm.covers().stream().collect(Collectors.toMap(FieldSeasons::key, f -> f.field().id()));
    UnitSystem units = farm.day().units();
    List<SeasonView.CallView> calls =
        new CallBoard(farm.day().outlook())
            .calls(board).stream().map(c -> call(c, units, fieldOf)).toList();
    WeatherTrace trace = farm.day().outlook().traces().get(0);
    SheetSpan span = SheetFrame.span(farm.day(), farm.covers());
    return new SeasonView(
        farm.day().today(),
        trace.first(),
        trace.last(),
        true,
        farm.withoutCrop(),
        strips.of(farm.day().outlook()),
        span.from(),
        span.to(),
        lanes,
        calls,
        SheetFrame.coming(farm.day(), jobs, fieldOf, board));
  }

  record Wanted(@NotNull @Size(max = MOST_WANTED) List<UUID> lanes) {}

  /** Lanes as they are drawn, when they come in sight. */
  @PostMapping("/lanes")
  @AskingOnly
  List<LaneView> lanes(@Valid @RequestBody Wanted wanted) {
    List<LaneView> lanes = new ArrayList<>();
    Set<UUID> ids = Set.copyOf(wanted.lanes());
    seasons
        .of(current.id())
        .map(farm -> farm.only(farm.fields().stream().filter(f -> ids.contains(id(f))).toList()))
        .ifPresent(farm -> lay(farm, ids::contains, lanes, new ArrayList<>(), new ArrayList<>()));
    return lanes.stream().filter(LaneView::drawn).filter(l -> ids.contains(l.id())).toList();
  }

  /** Of many lanes only those that close first are drawn; the others say where they stand. */
  private static Predicate<UUID> first(List<FieldSeasons> lanes) {
    if (lanes.size() <= ALL_DRAWN) {
      return id -> true;
    }
    return lanes.stream()
            .sorted(Comparator.comparing(f -> f.now().closes().orElse(LocalDate.MAX)))
            .limit(FIRST_DRAWN)
            .map(SeasonController::id)
            .collect(Collectors.toSet())
        ::contains;
  }

  private static UUID id(FieldSeasons lane) {
    return lane.zone().orElse(lane.field().id());
  }

  private void lay(
      FarmSeason farm,
      Predicate<UUID> drawn,
      List<LaneView> lanes,
      List<CallBoard.Lane> board,
      List<Job> jobs) {
    Map<JobId, Pin> pins =
        placements.all(current.id()).stream().collect(Collectors.toMap(Pin::jobId, p -> p));
    Map<String, String> machineNames =
        machines.all(current.id()).stream()
            .collect(Collectors.toMap(m -> m.id().toString(), MachineView::name));
    LaneBuilder builder =
        new LaneBuilder(farm.day().units(), farm.day().today(), farm.day().figures());
    List<Trouble> troubles = new ArrayList<>(farm.troubles());
    for (FieldSeasons field : farm.fields()) {
      Trouble.attempt(
              field.field(),
              () -> lane(builder, field, farm.day(), drawn.test(id(field)), pins, machineNames),
              troubles::add)
          .ifPresent(
              lane -> {
                lanes.add(lane.view());
                board.addAll(lane.board());
                jobs.addAll(lane.jobs());
              });
    }
    troubles.forEach(t -> lanes.add(builder.trouble(t)));
  }

  /** A lane as it is shown, as the calls see it, and its open jobs. */
  private record Lane(LaneView view, List<CallBoard.Lane> board, List<Job> jobs) {}

  private static Lane lane(
      LaneBuilder builder,
      FieldSeasons field,
      FarmDay farm,
      boolean drawn,
      Map<JobId, Pin> pins,
      Map<String, String> machineNames) {
    List<CallBoard.Lane> board = new ArrayList<>();
    List<Job> jobs = new ArrayList<>();
    List<LaneView.Stake> stakes = new ArrayList<>();
    Optional<String> heldBackBy = field.heldBackBy();
    for (FieldSeasons one : field.andAfter()) {
      Map<Operation, LocalDate> placed = new HashMap<>();
      for (Job job : FarmSeason.jobs(farm, one)) {
        heldBackBy = heldBackBy.or(() -> FarmSeason.heldBack(farm, one, job));
        jobs.add(job);
        Pin pin = pins.get(job.id());
        if (pin != null) {
          placed.put(job.id().operation(), pin.start());
          stakes.add(
              new LaneView.Stake(
                  job.id(),
                  job.kind().name(),
                  job.words(),
                  pin.start(),
                  machineNames.get(pin.machineId()),
                  false,
                  pin.locked()));
        }
      }
      board.add(
          new CallBoard.Lane(
              one.key(), one.field().name(), one.now(), placed, one.lastStemCount()));
    }
    return new Lane(builder.lane(field, stakes, heldBackBy, drawn), board, jobs);
  }

  @GetMapping("/{fieldId}")
  FieldAnswer field(@PathVariable UUID fieldId, @RequestParam(required = false) UUID zone) {
    return FieldAnswer.of(fieldId, seasons.one(current.id(), fieldId, zone));
  }

  private static SeasonView.CallView call(Call call, UnitSystem units, Map<UUID, UUID> fieldOf) {
    String action =
        switch (call.kind()) {
          case CHOOSE_COVER, CHANGE_PLAN -> "Choose a cover";
          case PLACE_SEEDING, PLACE_END, DECIDE_END -> "Put on days";
          case LOG_WORK -> "Log it";
          case COUNT_STEMS -> "Enter a count";
          case LOOK -> "Go and look";
          case RESEED -> "Decide";
        };
    return new SeasonView.CallView(
        call.kind(),
        call.says().in(units),
        call.detail().in(units),
        call.fields().stream().map(fieldOf::get).toList(),
        call.by(),
        action);
  }
}
