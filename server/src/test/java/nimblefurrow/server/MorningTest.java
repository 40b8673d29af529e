package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskInstanceId;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The list played at six in the morning, and what is told of it. */
@ExtendWith(RunningServer.class)
class MorningTest {
  private static final AtomicInteger FARMS = new AtomicInteger();
  private static final long LONG_ENOUGH = 600_000_000_000L;
  private Caller planner;
  private JsonNode board;

  @BeforeEach
  void aPlannedFarm() {
    int n = FARMS.incrementAndGet();
    String mail = "dawn" + n + "@board.example";
    RunningServer.bean(DemoFarm.class)
        .build("Dawn Farm " + n, mail, "dawnop" + n + "@board.example", 28);
    planner = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    on("2026-10-01");
    board = Plans.board(planner);
  }

  private void on(String day) {
    planner.put("/api/v1/farm/day", Map.of("day", day));
  }

  @Test
  void whatHasShiftedSinceTheMorningBeforeIsTold() {
    JsonNode none = planner.get("/api/v1/dispatch/morning").json();
    assertThat(none.has("day")).isFalse();
    JsonNode first = planner.post("/api/v1/dispatch/morning", Map.of()).json();
    assertThat(first.path("day").asString()).isEqualTo("2026-10-01");
    assertThat(first.path("changes")).isEmpty();
    Map<String, String> starts = starts(board);
    // The drill is broken for a week: what it was to begin begins later, or has no room.
    planner.post(
        "/api/v1/away",
        Map.of(
            "id",
            UUID.randomUUID(),
            "machineId",
            drill(),
            "first",
            "2026-10-02",
            "last",
            "2026-10-08",
            "why",
            "bearing broken"));
    on("2026-10-02");
    JsonNode then = planner.post("/api/v1/dispatch/morning", Map.of()).json();
    assertThat(then.path("changes")).isNotEmpty();
    Map<String, String> now = starts(planner.get("/api/v1/dispatch").json());
    int later = 0;
    for (JsonNode change : then.path("changes")) {
      String job = change.path("job").toString();
      switch (change.path("what").asString()) {
        case "LATER" -> {
          assertThat(now.get(job)).isGreaterThan(starts.get(job));
          assertThat(change.path("days").asLong()).isPositive();
          later++;
        }
        case "EARLIER" -> assertThat(now.get(job)).isLessThan(starts.get(job));
        case "NO_ROOM" -> {
          assertThat(now).doesNotContainKey(job);
          later++;
        }
        case "RISKIER" -> {
          assertThat(change.path("is").asInt()).isLessThan(change.path("was").asInt());
          later++;
        }
        default -> assertThat(change.path("is").asInt()).isGreaterThan(change.path("was").asInt());
      }
    }
    assertThat(later).isPositive();
    // Played again on the same morning, the morning before is still what it is held against.
    assertThat(planner.post("/api/v1/dispatch/morning", Map.of()).json().path("changes"))
        .isEqualTo(then.path("changes"));
  }

  @Test
  void todaysWorkIsWhatTheBoardHasOnToday() {
    int due = 0;
    for (JsonNode job : board.path("jobs")) {
      for (JsonNode day : job.path("place").path("days")) {
        due += day.path("day").asString().equals("2026-10-01") ? 1 : 0;
      }
    }
    assertThat(planner.get("/api/v1/dispatch/morning").json().path("today").size())
        .isEqualTo(due)
        .isPositive();
  }

  @Test
  void atSixItIsPlayedByItself() {
    RunningServer.bean(SchedulerClient.class)
        .reschedule(TaskInstanceId.of("morning", "recurring"), Instant.now());
    long begin = System.nanoTime();
    while (!planner.get("/api/v1/dispatch/morning").json().has("day")) {
      assertThat(System.nanoTime() - begin).as("a morning that comes").isLessThan(LONG_ENOUGH);
    }
    assertThat(planner.get("/api/v1/dispatch/morning").json().path("day").asString())
        .isEqualTo("2026-10-01");
  }

  private String drill() {
    for (JsonNode machine : board.path("machines")) {
      if (machine.path("kind").asString().equals("DRILL")) {
        return machine.path("id").asString();
      }
    }
    throw new AssertionError("no drill");
  }

  private static Map<String, String> starts(JsonNode board) {
    Map<String, String> starts = new HashMap<>();
    for (JsonNode job : board.path("jobs")) {
      if (job.has("place")) {
        starts.put(
            job.path("id").toString(),
            job.path("place").path("days").get(0).path("day").asString());
      }
    }
    return starts;
  }
}
