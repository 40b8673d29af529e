package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** A plan searched for, called off, lost with its instance, mended, and brought back. */
@ExtendWith(RunningServer.class)
class ReplanTest {
  private static final AtomicInteger FARMS = new AtomicInteger();
  private Caller planner;
  private String farmName;

  @BeforeEach
  void onTheFirstOfOctober() {
    int n = FARMS.incrementAndGet();
    farmName = "Mending Farm " + n;
    String mail = "mender" + n + "@board.example";
    RunningServer.bean(DemoFarm.class).build(farmName, mail, "menop" + n + "@board.example", 28);
    planner = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
  }

  private JsonNode machine(JsonNode board, String kind) {
    for (JsonNode machine : board.path("machines")) {
      if (machine.path("kind").asString().equals(kind)) {
        return machine;
      }
    }
    throw new AssertionError("no " + kind);
  }

  private JsonNode away(JsonNode machine, String first, String last) {
    return planner
        .post(
            "/api/v1/away",
            Map.of(
                "id",
                UUID.randomUUID(),
                "machineId",
                machine.path("id").asString(),
                "first",
                first,
                "last",
                last,
                "why",
                "bearing broken"))
        .json();
  }

  private static int worksOn(JsonNode board, String machine, String first, String last) {
    int days = 0;
    for (JsonNode job : board.path("jobs")) {
      if (job.path("place").path("machineId").asString().equals(machine)) {
        for (JsonNode day : job.path("place").path("days")) {
          String on = day.path("day").asString();
          days += on.compareTo(first) >= 0 && on.compareTo(last) <= 0 ? 1 : 0;
        }
      }
    }
    return days;
  }

  @Test
  void aBrokenDrillIsPlannedAroundAndTheListIsKeptUnlessMoreIsAskedFor() {
    JsonNode board = Plans.board(planner);
    JsonNode drill = machine(board, "DRILL");
    String id = drill.path("id").asString();
    assertThat(worksOn(board, id, "2026-10-01", "2026-10-07")).isPositive();
    assertThat(away(drill, "2026-10-01", "2026-10-07").size()).isEqualTo(1);
    assertThat(planner.get("/api/v1/dispatch").json().path("notHad"))
        .filteredOn(n -> n.path("machineId").equals(drill.path("id")))
        .singleElement()
        .satisfies(n -> assertThat(n.path("days")).hasSize(7));
    JsonNode offer = planner.post("/api/v1/dispatch/replan", Map.of()).json();
    JsonNode steps = offer.path("steps");
    assertThat(steps.size()).isGreaterThan(3);
    assertThat(steps.get(0).path("moved")).isEmpty();
    assertThat(steps.get(0).path("shifted").asInt()).isPositive();
    long last = offer.path("keeping").asLong();
    for (JsonNode step : steps) {
      assertThat(step.path("dollars").asLong()).isLessThanOrEqualTo(last);
      last = step.path("dollars").asLong();
    }
    JsonNode most = steps.get(steps.size() - 1);
    Map<String, Object> take =
        Map.of("offer", offer.path("offer").asString(), "step", steps.size() - 1);
    // Somebody notes another day away meanwhile: what was offered is of the world before.
    JsonNode noted = away(drill, "2026-10-20", "2026-10-21");
    assertThat(planner.post("/api/v1/dispatch/replan/take", take).text()).contains("ask again");
    for (JsonNode days : noted) {
      if (days.path("first").asString().equals("2026-10-20")) {
        planner.delete("/api/v1/away/" + days.path("id").asString());
      }
    }
    // Taken back or not, something was done since: it is asked again, and is what it was.
    JsonNode anew = planner.post("/api/v1/dispatch/replan", Map.of()).json();
    assertThat(anew.path("keeping")).isEqualTo(offer.path("keeping"));
    take = Map.of("offer", anew.path("offer").asString(), "step", anew.path("steps").size() - 1);
    assertThat(planner.post("/api/v1/dispatch/replan/take", take).status()).isEqualTo(200);
    JsonNode mended = planner.get("/api/v1/dispatch").json();
    assertThat(worksOn(mended, id, "2026-10-01", "2026-10-07")).isZero();
    assertThat(mended.path("undo").asString()).isEqualTo("re-plan");
    for (JsonNode job : most.path("moved")) {
      assertThat(job.path("field").asString()).isNotBlank();
      assertThat(job.path("from").asString()).isNotBlank();
    }
    assertThat(most.path("moved").size() + most.path("shifted").asInt()).isPositive();
    // What was offered on another board is not taken.
    assertThat(planner.post("/api/v1/dispatch/replan/take", take).status()).isEqualTo(409);
  }

  @Test
  void keptPlansTellWhatWasMeantAndComeBack() {
    JsonNode board = Plans.board(planner);
    JsonNode versions = planner.get("/api/v1/dispatch/versions").json();
    assertThat(versions.size()).isEqualTo(1);
    assertThat(versions.get(0).path("how").asString()).isEqualTo("PLANNED");
    assertThat(versions.get(0).path("on").asString()).isEqualTo("2026-10-01");
    String id = versions.get(0).path("id").asString();
    JsonNode first = null;
    for (JsonNode job : board.path("jobs")) {
      if (job.has("place")) {
        first = job;
      }
    }
    String path = "/api/v1/dispatch/jobs/" + TestFarm.path(first);
    String version = first.path("place").path("version").asString();
    assertThat(planner.delete(path + "?version=" + version).status()).isEqualTo(200);
    JsonNode told = planner.get("/api/v1/dispatch/versions/" + id).json();
    assertThat(told.path("differs").size()).isEqualTo(1);
    assertThat(told.path("differs").get(0).path("field").asString())
        .isEqualTo(first.path("field").asString());
    assertThat(told.path("differs").get(0).has("now")).isFalse();
    String restore = "/api/v1/dispatch/versions/" + id + "/restore";
    assertThat(planner.post(restore, Map.of()).status()).isEqualTo(200);
    assertThat(planner.get("/api/v1/dispatch/versions/" + id).json().path("differs")).isEmpty();
    assertThat(
            planner
                .post("/api/v1/dispatch/versions", Map.of())
                .json()
                .get(0)
                .path("how")
                .asString())
        .isEqualTo("PUBLISHED");
  }

  /** A search whose instance was lost is begun again by the one that is there. */
  @Test
  void aSearchIsTakenUpAgainAfterItsInstanceIsLost() {
    JdbcClient jdbc = RunningServer.bean(JdbcClient.class);
    UUID farm =
        jdbc.sql("select id from farm where name = ?").param(farmName).query(UUID.class).single();
    UUID run = UUID.randomUUID();
    jdbc.sql(
            "insert into plan_run (id, farm_id, asked_at, seed, state, begun) values (?, ?, ?, 1, 'searching', 1)")
        .params(run, farm, asked())
        .update();
    jdbc.sql(
            "insert into scheduled_tasks (task_name, task_instance, execution_time, picked, picked_by,"
                + " last_heartbeat, version) values ('plan-run', ?, now() - interval '1 minute', true,"
                + " 'a lost instance', now() - interval '1 minute', 2)")
        .params(run.toString())
        .update();
    JsonNode over = Plans.over(planner);
    assertThat(over.path("state").asString()).isEqualTo("DONE");
    assertThat(over.path("again").asBoolean()).isTrue();
    // The same seed finds the same plan, whoever looks for it.
    assertThat(Plans.searched(planner).path("dollars").asLong())
        .isEqualTo(over.path("dollars").asLong());
  }

  /** Before anything the application asks for by its own clock. */
  private static OffsetDateTime asked() {
    return OffsetDateTime.now(RunningServer.bean(Clock.class)).minusMinutes(1);
  }

  /** One that nobody has taken up yet: that it is called off does not hang on who is faster. */
  @Test
  void aSearchThatIsCalledOffChangesNothing() {
    JdbcClient jdbc = RunningServer.bean(JdbcClient.class);
    jdbc.sql(
            "insert into plan_run (id, farm_id, asked_at, seed, state)"
                + " select ?, id, ?, 1, 'waiting' from farm where name = ?")
        .params(UUID.randomUUID(), asked(), farmName)
        .update();
    JsonNode before = planner.get("/api/v1/dispatch").json().path("jobs");
    // Whoever asks meanwhile is answered with the one that is under way.
    assertThat(planner.post("/api/v1/dispatch/plan", Map.of()).json().path("state").asString())
        .isEqualTo("WAITING");
    assertThat(planner.delete("/api/v1/dispatch/plan").json().path("state").asString())
        .isEqualTo("CANCELLED");
    assertThat(planner.get("/api/v1/dispatch").json().path("jobs")).isEqualTo(before);
    assertThat(planner.get("/api/v1/dispatch/versions").json()).isEmpty();
    assertThat(Plans.searched(planner).path("state").asString()).isEqualTo("DONE");
  }

  @Test
  void daysAwayAreBounded() {
    for (List<String> days :
        List.of(
            List.of("2026-10-05", "2026-10-04", "last day is 2026-10-05"),
            List.of("2026-10-05", "2027-10-04", "last day is 2026-10-05"))) {
      Caller.Answer answer =
          planner.post(
              "/api/v1/away",
              Map.of(
                  "id",
                  UUID.randomUUID(),
                  "person",
                  "Otis",
                  "first",
                  days.get(0),
                  "last",
                  days.get(1),
                  "why",
                  "wedding"));
      assertThat(answer.status()).isEqualTo(400);
      assertThat(answer.text()).contains(days.get(2));
    }
    Caller.Answer nobody =
        planner.post(
            "/api/v1/away",
            Map.of(
                "id", UUID.randomUUID(), "first", "2026-10-05", "last", "2026-10-05", "why", "x"));
    assertThat(nobody.status()).isEqualTo(400);
    assertThat(nobody.text()).contains("which machine or which person");
    assertThat(planner.get("/api/v1/away").json()).isEmpty();
  }
}
