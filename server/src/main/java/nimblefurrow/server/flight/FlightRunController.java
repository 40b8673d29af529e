package nimblefurrow.server.flight;

import jakarta.annotation.PreDestroy;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import nimblefurrow.server.flight.FlightDesk.Asked;
import nimblefurrow.server.flight.FlightRuns.RunView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Flights under way: start, watch live, pause, log. */
@RestController
@RequestMapping("/api/v1/flight/runs")
class FlightRunController {
  private static final long TICK_MS = 500;
  private static final long WATCH_MS = 30 * 60_000;

  record StartForm(
      @NotNull UUID fieldId,
      @NotNull UUID machineId,
      @Maybe Integer pass,
      @Maybe Double bearing,
      @Maybe Double marginFt,
      @Maybe Double homeLongitude,
      @Maybe Double homeLatitude,
      @Maybe Double windMph,
      @Maybe Double timesFaster) {}

  private final FlightRuns runs;
  private final CurrentFarm current;
  private final ScheduledExecutorService ticking =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "flight-watch");
            thread.setDaemon(true);
            return thread;
          });

  FlightRunController(FlightRuns runs, CurrentFarm current) {
    this.runs = runs;
    this.current = current;
  }

  @GetMapping
  List<RunView> all() {
    return runs.all(current.id());
  }

  @PostMapping
  RunView start(@Valid @RequestBody StartForm f) {
    Asked asked =
        new Asked(
            f.fieldId(),
            f.machineId(),
            f.pass() == null ? 1 : f.pass(),
            f.bearing(),
            f.marginFt() == null ? 0 : f.marginFt(),
            f.homeLongitude(),
            f.homeLatitude());
    return runs.start(
        current.id(),
        asked,
        f.windMph() == null ? 6 : f.windMph(),
        f.timesFaster() == null ? 60 : f.timesFaster());
  }

  @GetMapping("/{id}")
  RunView one(@PathVariable UUID id) {
    return runs.one(current.id(), id);
  }

  /** How the flight stands, twice a second until it has landed. */
  @GetMapping(path = "/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events(@PathVariable UUID id) {
    UUID farm = current.id();
    runs.one(farm, id);
    SseEmitter emitter = new SseEmitter(WATCH_MS);
    ScheduledFuture<?>[] tick = new ScheduledFuture<?>[1];
    tick[0] =
        ticking.scheduleWithFixedDelay(
            () -> send(emitter, farm, id, tick), 0, TICK_MS, TimeUnit.MILLISECONDS);
    emitter.onCompletion(() -> stop(tick));
    emitter.onTimeout(emitter::complete);
    emitter.onError(e -> stop(tick));
    return emitter;
  }

  private void send(SseEmitter emitter, UUID farm, UUID id, ScheduledFuture<?>[] tick) {
    try {
      RunView now = runs.one(farm, id);
      emitter.send(SseEmitter.event().name("flight").data(now, MediaType.APPLICATION_JSON));
      if (now.done()) {
        emitter.complete();
      }
    } catch (IOException | IllegalStateException gone) {
      // Whoever watched has left: the container closes the answer by itself.
      stop(tick);
    } catch (RuntimeException broken) {
      stop(tick);
      emitter.completeWithError(broken);
    }
  }

  private static void stop(ScheduledFuture<?>[] tick) {
    if (tick[0] != null) {
      tick[0].cancel(false);
    }
  }

  @PostMapping("/{id}/pause")
  RunView pause(@PathVariable UUID id) {
    return runs.pause(current.id(), id);
  }

  @PostMapping("/{id}/resume")
  RunView resume(@PathVariable UUID id) {
    return runs.resume(current.id(), id);
  }

  @PostMapping("/{id}/log")
  RunView log(@PathVariable UUID id) {
    return runs.log(current.id(), current.user(), id);
  }

  @DeleteMapping("/{id}")
  void remove(@PathVariable UUID id) {
    runs.remove(current.id(), id);
  }

  @PreDestroy
  void stop() {
    ticking.shutdownNow();
  }
}
