package nimblefurrow.server.flight;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.flight.FlightPlan;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Speed;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.applied.AppliedLogs;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.flight.DronePort.Flown;
import nimblefurrow.server.flight.DronePort.Moment;
import nimblefurrow.server.flight.FlightDesk.Asked;
import nimblefurrow.server.flight.FlightDesk.Planned;
import nimblefurrow.server.journal.ActForm;
import nimblefurrow.server.logbook.Logbook;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Flights under way. A run is a row with its plan, its start and its pauses: any server says the
 * same of it at the same moment, and a restart loses nothing.
 */
@Service
class FlightRuns {
  /** How a flight stands. */
  record RunView(
      UUID id,
      UUID fieldId,
      UUID machineId,
      String field,
      String machine,
      String seed,
      int pass,
      Moment now,
      boolean paused,
      boolean done,
      double seconds,
      double totalSeconds,
      double pounds,
      double plannedPounds,
      int flights,
      @Maybe UUID entryId) {}

  private record Played(StoredFlight kept, FlightPlan plan, Flown flown) {}

  private final FlightRunRows rows;
  private final FlightDesk desk;
  private final DronePort drone;
  private final Logbook logbook;
  private final AppliedLogs applied;
  private final Farms farms;
  private final Clock clock;
  // Worked out from the run's own row: a shortcut, not a state.
  private final Cache<UUID, Played> played =
      Caffeine.newBuilder().maximumSize(20).expireAfterAccess(Duration.ofMinutes(20)).build();

  FlightRuns(
      FlightRunRows rows,
      FlightDesk desk,
      DronePort drone,
      Logbook logbook,
      AppliedLogs applied,
      Farms farms,
      Clock clock) {
    this.rows = rows;
    this.desk = desk;
    this.drone = drone;
    this.logbook = logbook;
    this.applied = applied;
    this.farms = farms;
    this.clock = clock;
  }

  /**
   * @param timesFaster how much faster than the clock the stand-in flies
   */
  @Transactional
  public RunView start(UUID farm, Asked asked, double windMph, double timesFaster) {
    Limits.within("wind", windMph, 0, 40, Unit.MILE_PER_HOUR);
    Limits.within("times faster", timesFaster, 1, 100_000, Unit.NONE);
    Planned planned = desk.plan(farm, asked); // refuses what cannot be flown
    double most = planned.craft().mostWind().mph();
    if (windMph > most) {
      throw new OutOfRange(
          "wind",
          Reason.of(
              "wind is at most {} for a start, got {}: wait",
              Measure.of(most, Unit.MILE_PER_HOUR),
              Measure.of(windMph, Unit.MILE_PER_HOUR)));
    }
    FlightRun run = new FlightRun(farm, asked, planned);
    run.windMph = windMph;
    run.timesFaster = timesFaster;
    run.startedAt = clock.instant();
    return view(rows.save(run));
  }

  public List<RunView> all(UUID farm) {
    return rows.findTop20ByFarmIdOrderByStartedAtDesc(farm).stream().map(this::view).toList();
  }

  public RunView one(UUID farm, UUID id) {
    return view(row(farm, id));
  }

  @Transactional
  public RunView pause(UUID farm, UUID id) {
    FlightRun run = row(farm, id);
    run.pausedAt = run.pausedAt == null ? clock.instant() : run.pausedAt;
    return view(run);
  }

  @Transactional
  public RunView resume(UUID farm, UUID id) {
    FlightRun run = row(farm, id);
    if (run.pausedAt != null) {
      run.pausedSeconds += Duration.between(run.pausedAt, clock.instant()).toMillis() / 1000.0;
      run.pausedAt = null;
    }
    return view(run);
  }

  /** Writes a finished flight into the logbook, with what it laid where. */
  @Transactional
  public RunView log(UUID farm, FarmUser by, UUID id) {
    FlightRun run = row(farm, id);
    RunView now = view(run);
    if (!now.done()) {
      throw new Conflict("this flight is still under way: log it when it has landed");
    }
    if (run.entryId != null) {
      throw new Conflict("this flight is in the logbook already");
    }
    Played p = played(run);
    Logbook.Saved saved =
        logbook.add(
            farm,
            by,
            new Logbook.EntryForm(
                run.id, // a flight is logged once: its entry bears its id
                run.fieldId,
                null,
                farms.today(farms.view(farm)),
                new JobId(p.kept().cover(), Operation.SEED),
                run.machineId,
                p.plan().flown().acres(),
                now.pounds(),
                null,
                "Flown in %d flights; pass %d of %d."
                    .formatted(now.flights(), run.plan.pass(), p.kept().passes()),
                new ActForm.SownForm()),
            run.plan.pass() > 1);
    applied.keep(farm, saved.id(), "drone stand-in", p.flown().points());
    run.entryId = saved.id();
    return view(run);
  }

  @Transactional
  public void remove(UUID farm, UUID id) {
    rows.delete(row(farm, id));
  }

  private FlightRun row(UUID farm, UUID id) {
    return rows.findByFarmIdAndId(farm, id).orElseThrow(() -> new NotOnThisFarm("flight"));
  }

  private Played played(FlightRun run) {
    return played.get(
        run.id,
        id -> {
          StoredFlight kept =
              run.flown == null
                  ? StoredFlight.of(desk.plan(run.farmId, run.plan.asked()))
                  : run.flown;
          FlightPlan plan = kept.flown();
          return new Played(
              kept, plan, drone.fly(plan, kept.flownBy(), Speed.mph(run.windMph), run.seed));
        });
  }

  private RunView view(FlightRun run) {
    Played p = played(run);
    Instant now = clock.instant();
    double seconds = Math.min(run.flown(now), p.flown().seconds());
    Moment moment = p.flown().at(seconds);
    return new RunView(
        run.id,
        run.fieldId,
        run.machineId,
        p.kept().field(),
        p.kept().machine(),
        p.kept().seed(),
        run.plan.pass(),
        moment,
        run.pausedAt != null,
        seconds >= p.flown().seconds(),
        seconds,
        p.flown().seconds(),
        moment.poundsDone(),
        p.plan().pounds().pounds(),
        p.plan().flights().size(),
        run.entryId);
  }
}
