package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Calendars read without signing in, by their word alone, until they are taken back. */
@ExtendWith(RunningServer.class)
class FeedTest {
  private static final AtomicInteger FARMS = new AtomicInteger();
  private Caller planner;
  private Caller stranger;

  @BeforeEach
  void aPlannedFarm() {
    int n = FARMS.incrementAndGet();
    String mail = "feeder" + n + "@board.example";
    RunningServer.bean(DemoFarm.class)
        .build("Feed Farm " + n, mail, "feedop" + n + "@board.example", 28);
    planner = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    planner.put("/api/farm/day", Map.of("day", "2026-10-01"));
    stranger = new Caller(RunningServer.address());
  }

  private static int events(String calendar) {
    return calendar.split("BEGIN:VEVENT", -1).length - 1;
  }

  @Test
  void aMachinesCalendarHasItsJobsAndNoOthers() {
    JsonNode board = Plans.board(planner);
    String all = planner.post("/api/feeds", Map.of()).json().path("word").asString();
    Caller.Answer whole = stranger.get("/feeds/" + all + ".ics");
    assertThat(whole.status()).isEqualTo(200);
    int placed = 0;
    int ofMachines = 0;
    for (JsonNode job : board.path("jobs")) {
      placed += job.has("place") ? 1 : 0;
    }
    assertThat(events(whole.text())).isEqualTo(placed).isPositive();
    for (JsonNode machine : board.path("machines")) {
      JsonNode made =
          planner.post("/api/feeds", Map.of("machineId", machine.path("id").asString())).json();
      String own = stranger.get("/feeds/" + made.path("word").asString() + ".ics").text();
      int mine = 0;
      for (JsonNode job : board.path("jobs")) {
        mine += job.path("place").path("machineId").equals(machine.path("id")) ? 1 : 0;
      }
      assertThat(events(own)).isEqualTo(mine);
      ofMachines += mine;
    }
    assertThat(ofMachines).isEqualTo(placed);
  }

  @Test
  void aPersonsCalendarHasTheDaysOfThatPerson() {
    JsonNode board = Plans.board(planner);
    String driver = null;
    for (JsonNode job : board.path("jobs")) {
      for (JsonNode day : job.path("place").path("days")) {
        driver = day.has("driver") ? day.path("driver").asString() : driver;
      }
    }
    assertThat(driver).isNotNull();
    int his = 0;
    for (JsonNode job : board.path("jobs")) {
      boolean drives = false;
      for (JsonNode day : job.path("place").path("days")) {
        drives |= day.path("driver").asString("").equals(driver);
      }
      his += drives ? 1 : 0;
    }
    String word =
        planner.post("/api/feeds", Map.of("person", driver)).json().path("word").asString();
    assertThat(events(stranger.get("/feeds/" + word + ".ics").text())).isEqualTo(his);
  }

  @Test
  void whatIsTakenBackOpensNothing() {
    JsonNode made = planner.post("/api/feeds", Map.of()).json();
    String path = "/feeds/" + made.path("word").asString() + ".ics";
    assertThat(stranger.get(path).status()).isEqualTo(200);
    assertThat(planner.get("/api/feeds").text()).doesNotContain(made.path("word").asString());
    assertThat(planner.delete("/api/feeds/" + made.path("id").asString()).json()).isEmpty();
    assertThat(stranger.get(path).status()).isEqualTo(404);
    assertThat(stranger.get("/feeds/guessed.ics").status()).isEqualTo(404);
  }
}
