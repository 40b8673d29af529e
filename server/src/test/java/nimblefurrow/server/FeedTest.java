package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiPredicate;
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
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    stranger = new Caller(RunningServer.address());
  }

  private static int events(String calendar) {
    return calendar.split("BEGIN:VEVENT", -1).length - 1;
  }

  /** What of a board belongs in a calendar: each near day for itself, what is later once a job. */
  private static int told(JsonNode board, BiPredicate<JsonNode, JsonNode> belongs) {
    int all = 0;
    for (JsonNode job : board.path("jobs")) {
      boolean later = false;
      for (JsonNode day : job.path("place").path("days")) {
        boolean near = day.path("day").asString().compareTo("2026-10-15") < 0;
        all += near && belongs.test(job, day) ? 1 : 0;
        later |= !near && belongs.test(job, day);
      }
      all += later ? 1 : 0;
    }
    return all;
  }

  /** The first job of the day begins at eight by the farm's clock, wherever that stands. */
  @Test
  void hoursAreOfTheFarmsOwnClock() {
    Plans.board(planner);
    String path =
        "/feeds/" + planner.post("/api/v1/feeds", Map.of()).json().path("word").asString() + ".ics";
    assertThat(stranger.get(path).text()).contains("DTSTART:20261001T140000Z");
    assertThat(planner.put("/api/v1/farm/zone", Map.of("zone", "America/Chicago")).status())
        .isEqualTo(200);
    assertThat(planner.get("/api/v1/farm").json().path("clock").asString())
        .isEqualTo("America/Chicago");
    String summer = stranger.get(path).text();
    assertThat(summer)
        .as("an hour earlier by universal time, since that zone keeps summer time")
        .contains("DTSTART:20261001T130000Z")
        .doesNotContain("DTSTART:20261001T140000Z");
    assertThat(summer).as("what is far off is told by the day").contains("DTSTART;VALUE=DATE:2027");
    Caller.Answer wrong = planner.put("/api/v1/farm/zone", Map.of("zone", "Mars/Olympus"));
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.text()).contains("zone is one such as America/Chicago, got Mars/Olympus");
    planner.put("/api/v1/farm/zone", Map.of());
    assertThat(stranger.get(path).text()).contains("DTSTART:20261001T140000Z");
  }

  @Test
  void aMachinesCalendarHasItsJobsAndNoOthers() {
    JsonNode board = Plans.board(planner);
    String all = planner.post("/api/v1/feeds", Map.of()).json().path("word").asString();
    Caller.Answer whole = stranger.get("/feeds/" + all + ".ics");
    assertThat(whole.status()).isEqualTo(200);
    int placed = told(board, (job, day) -> true);
    int ofMachines = 0;
    assertThat(events(whole.text())).isEqualTo(placed).isPositive();
    for (JsonNode machine : board.path("machines")) {
      JsonNode made =
          planner.post("/api/v1/feeds", Map.of("machineId", machine.path("id").asString())).json();
      String own = stranger.get("/feeds/" + made.path("word").asString() + ".ics").text();
      int mine =
          told(board, (job, day) -> job.path("place").path("machineId").equals(machine.path("id")));
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
    String who = driver;
    int his = told(board, (job, day) -> day.path("driver").asString("").equals(who));
    String word =
        planner.post("/api/v1/feeds", Map.of("person", driver)).json().path("word").asString();
    assertThat(events(stranger.get("/feeds/" + word + ".ics").text())).isEqualTo(his);
  }

  @Test
  void whatIsTakenBackOpensNothing() {
    String machine = planner.get("/api/v1/machines").json().get(0).path("id").asString();
    Caller.Answer both =
        planner.post("/api/v1/feeds", Map.of("machineId", machine, "person", "Otis Lindqvist"));
    assertThat(both.status()).isEqualTo(400);
    assertThat(both.text()).contains("a machine's or a person's");
    JsonNode made = planner.post("/api/v1/feeds", Map.of()).json();
    String path = "/feeds/" + made.path("word").asString() + ".ics";
    assertThat(stranger.get(path).status()).isEqualTo(200);
    assertThat(planner.get("/api/v1/feeds").text()).doesNotContain(made.path("word").asString());
    assertThat(planner.delete("/api/v1/feeds/" + made.path("id").asString()).json()).isEmpty();
    assertThat(stranger.get(path).status()).isEqualTo(404);
    assertThat(stranger.get("/feeds/guessed.ics").status()).isEqualTo(404);
  }
}
