package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What helps most is tried behind the scenes, once, and told until something changes. */
@ExtendWith(RunningServer.class)
class HelpsTest {
  private static final Set<String> OPEN = Set.of("WAITING", "SEARCHING");
  private static final long LONG_ENOUGH = 600_000_000_000L;

  @Test
  void itIsAskedForFollowedKeptAndCalledOff() {
    RunningServer.bean(DemoFarm.class)
        .build("Helps Farm", "helps@board.example", "helpsop@board.example", 28);
    Caller planner =
        new Caller(RunningServer.address()).signIn("helps@board.example", DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    Plans.board(planner);
    assertThat(planner.get("/api/v1/dispatch/helps").json().has("state")).isFalse();
    JsonNode asked = planner.post("/api/v1/dispatch/helps", Map.of()).json();
    assertThat(asked.path("state").asString()).isIn("WAITING", "SEARCHING", "DONE");
    assertThat(planner.post("/api/v1/dispatch/helps", Map.of()).json().path("state").asString())
        .as("one at a time")
        .isIn("WAITING", "SEARCHING", "DONE");
    JsonNode done = over(planner);
    assertThat(done.path("state").asString()).isEqualTo("DONE");
    assertThat(done.path("percent").asInt()).isEqualTo(100);
    long before = Long.MAX_VALUE;
    for (JsonNode help : done.path("helps")) {
      assertThat(help.path("gain").asLong()).isBetween(1L, before);
      before = help.path("gain").asLong();
    }
    assertThat(done.path("helps")).isNotEmpty();
    assertThat(planner.post("/api/v1/dispatch/helps", Map.of()).json()).as("kept").isEqualTo(done);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-02"));
    assertThat(planner.get("/api/v1/dispatch/helps").json().has("state"))
        .as("told no longer once something has changed")
        .isFalse();
    planner.post("/api/v1/dispatch/helps", Map.of());
    planner.delete("/api/v1/dispatch/helps");
    assertThat(over(planner).path("state").asString()).isIn("CANCELLED", "DONE");
  }

  private static JsonNode over(Caller planner) {
    long begin = System.nanoTime();
    JsonNode run = planner.get("/api/v1/dispatch/helps").json();
    while (OPEN.contains(run.path("state").asString())) {
      assertThat(System.nanoTime() - begin).isLessThan(LONG_ENOUGH);
      run = planner.get("/api/v1/dispatch/helps").json();
    }
    return run;
  }
}
