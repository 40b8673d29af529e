package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A day told to those who do it: its jobs stay, and what changes after all is said. */
class PublishedDayTest {
  private static final String DAY = "2026-10-01";
  private static final String PUBLISH = "/api/v1/dispatch/sheet/publish?day=";
  private static final String SHEET = "/api/v1/dispatch/sheet?day=";
  private Caller planner;

  @BeforeEach
  void aFarmWithAPlan() {
    planner = farm();
    JsonNode job = badger(Plans.board(planner));
    move(job, DAY);
  }

  private static Caller farm() {
    String name = "told-" + UUID.randomUUID();
    String mail = name + "@board.example";
    RunningServer.bean(DemoFarm.class).build(name, mail, "operator-" + mail, 28);
    Caller caller = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    caller.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    return caller;
  }

  private static JsonNode badger(JsonNode board) {
    for (JsonNode job : board.path("jobs")) {
      if (job.path("field").asString().equals("Badger Forty")
          && job.path("id").path("operation").asString().equals("SEED")) {
        return job;
      }
    }
    throw new AssertionError("no sowing of Badger Forty");
  }

  private void move(JsonNode job, String day) {
    JsonNode place = job.path("place");
    assertThat(
            planner
                .put(
                    "/api/v1/dispatch/jobs/" + TestFarm.path(job),
                    Map.of(
                        "machineId",
                        place.path("machineId").asString(),
                        "day",
                        day,
                        "locked",
                        false,
                        "acceptLate",
                        true,
                        "version",
                        place.path("version").asLong()))
                .status())
        .isEqualTo(200);
  }

  /** A day sheet is read from morning to evening, and says when. */
  @Test
  void theWorkOfADayStandsInItsOrder() {
    int followed = 0;
    for (int day = 1; day < 14; day++) {
      JsonNode sheet = planner.get(SHEET + LocalDate.of(2026, 10, day)).json();
      for (JsonNode machine : sheet.path("machines")) {
        String last = "";
        String ended = "";
        for (JsonNode job : machine.path("jobs")) {
          String begins = job.path("begins").asString();
          assertThat(begins).isGreaterThanOrEqualTo(last).isLessThan(job.path("ends").asString());
          if (!ended.isEmpty()) {
            followed++;
            Duration idle =
                Duration.between(LocalDateTime.parse(ended), LocalDateTime.parse(begins));
            double road = job.path("road").asDouble();
            assertThat(idle.toMinutes() / 60.0).as("no hole").isBetween(-0.26, 0.51 + 2 * road);
          }
          ended = job.path("ends").asString();
          last = begins;
        }
      }
    }
    assertThat(followed).as("jobs after another of the same machine and day").isPositive();
  }

  @Test
  void whatIsToldStaysWhenPlannedAnewAndByMending() {
    assertThat(planner.get(SHEET + DAY).json().has("published")).isFalse();
    JsonNode told = planner.post(PUBLISH + DAY, Map.of()).json().path("published");
    assertThat(told.path("on").asString()).isEqualTo("2026-10-01");
    assertThat(told.path("by").asString()).isNotBlank();
    assertThat(told.path("changed")).isEmpty();
    JsonNode board = planner.get("/api/v1/dispatch").json();
    assertThat(badger(board).path("place").path("locked").asBoolean()).isTrue();
    assertThat(board.path("undo").asString()).startsWith("publish ").contains("1 Oct");
    JsonNode anew = badger(Plans.board(planner)).path("place");
    assertThat(anew.path("days").get(0).path("day").asString()).isEqualTo(DAY);
  }

  @Test
  void whatChangesAfterAllIsSaidToThoseWhoWereTold() {
    planner.post(PUBLISH + DAY, Map.of());
    move(badger(planner.get("/api/v1/dispatch").json()), "2026-10-06");
    JsonNode changed = planner.get(SHEET + DAY).json().path("published").path("changed");
    assertThat(changed)
        .anySatisfy(
            c -> {
              assertThat(c.path("field").asString()).isEqualTo("Badger Forty");
              assertThat(c.path("says").asString()).isEqualTo("not on this day any more");
            });
    JsonNode again = planner.get(SHEET + "2026-10-06").json();
    assertThat(again.has("published")).as("the other day was not told").isFalse();
  }

  @Test
  void aDayThatIsOverOrEmptyIsRefusedByName() {
    Caller.Answer over = planner.post(PUBLISH + "2026-09-30", Map.of());
    assertThat(over.status()).isEqualTo(400);
    assertThat(over.text()).contains("day is 2026-10-01 at the earliest, got 2026-09-30");
    Caller.Answer empty = planner.post(PUBLISH + "2026-12-24", Map.of());
    assertThat(empty.status()).isEqualTo(400);
    assertThat(empty.text()).contains("no work is placed on 2026-12-24");
  }

  @Test
  void anotherFarmsDayIsNotTold() {
    planner.post(PUBLISH + DAY, Map.of());
    assertThat(farm().get(SHEET + DAY).json().has("published")).isFalse();
  }
}
