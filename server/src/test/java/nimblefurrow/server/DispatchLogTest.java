package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Planning, moving, undoing and logging, each on a farm of its own like the demo's. */
@ExtendWith(RunningServer.class)
class DispatchLogTest {
  private static final AtomicInteger FARMS = new AtomicInteger();
  private Caller planner;
  private String operator;

  @BeforeEach
  void onTheFirstOfOctober() {
    int n = FARMS.incrementAndGet();
    String mail = "planner" + n + "@board.example";
    operator = "operator" + n + "@board.example";
    RunningServer.bean(DemoFarm.class).build("Board Farm " + n, mail, operator, 28);
    planner = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
  }

  private JsonNode planned() {
    return Plans.board(planner);
  }

  @Test
  void aPlanLosesNoMoreThanWhatClosesFirstAndTellsItsRisk() {
    JsonNode told = Plans.searched(planner);
    assertThat(told.path("state").asString()).isEqualTo("DONE");
    assertThat(told.path("percent").asInt()).isEqualTo(100);
    assertThat(told.path("dollars").asLong()).isBetween(1L, told.path("byClosing").asLong());
    assertThat(told.path("years").asInt()).isGreaterThanOrEqualTo(28);
    JsonNode board = planner.get("/api/v1/dispatch").json();
    JsonNode risk = planner.get("/api/v1/dispatch/risk").json();
    int placed = 0;
    for (JsonNode job : board.path("jobs")) {
      placed += job.has("place") ? 1 : 0;
    }
    assertThat(risk.path("jobs").size()).isEqualTo(placed).isPositive();
    for (JsonNode job : risk.path("jobs")) {
      assertThat(job.path("chance").asInt()).isBetween(0, 100);
    }
    assertThat(risk.path("badYear").asLong()).isGreaterThan(risk.path("dollars").asLong());
  }

  /** Badger Forty locked on 4 October, as a person would; answers the board after it. */
  private JsonNode locked(JsonNode board) {
    JsonNode job = job(board, "Badger Forty", "SEED");
    return planner
        .put(
            "/api/v1/dispatch/jobs/" + TestFarm.path(job),
            Map.of(
                "machineId",
                job.path("place").path("machineId").asString(),
                "day",
                "2026-10-04",
                "locked",
                true,
                "acceptLate",
                false,
                "version",
                job.path("place").path("version").asLong()))
        .json();
  }

  private static String start(JsonNode board, String field) {
    return job(board, field, "SEED").path("place").path("days").get(0).path("day").asString();
  }

  private static JsonNode job(JsonNode board, String field, String operation) {
    for (JsonNode job : board.path("jobs")) {
      if (job.path("field").asString().equals(field)
          && job.path("id").path("operation").asString().equals(operation)) {
        return job;
      }
    }
    throw new AssertionError("no job " + operation + " on " + field);
  }

  @Test
  void planItPlacesJobsInsideTheirWindowsAndSaysWhy() {
    JsonNode board = planned();
    int placed = 0;
    for (JsonNode job : board.path("jobs")) {
      JsonNode place = job.path("place");
      if (place.isMissingNode()) {
        assertThat(job.path("unplaced").asString()).isNotBlank();
        continue;
      }
      placed++;
      assertThat(place.path("why").asString()).isNotBlank();
      assertThat(place.path("late").asBoolean()).isFalse();
      JsonNode days = place.path("days");
      assertThat(days.get(days.size() - 1).path("day").asString())
          .isLessThanOrEqualTo(job.path("closes").asString());
      double acres = 0;
      for (JsonNode day : days) {
        acres += day.path("acres").asDouble();
      }
      assertThat(acres).isCloseTo(job.path("acres").asDouble(), within(0.01));
    }
    assertThat(placed).isGreaterThan(20);
    assertThat(board.path("undo").asString()).isEqualTo("plan it");
  }

  @Test
  void movingIsToldFirstThenDoneUndoneAndRedone() {
    JsonNode board = planned();
    JsonNode job = job(board, "Badger Forty", "SEED");
    String was = start(board, "Badger Forty");
    JsonNode told =
        planner
            .post(
                "/api/v1/dispatch/what-if",
                Map.of(
                    "job",
                    job.path("id"),
                    "machineId",
                    job.path("place").path("machineId").asString(),
                    "day",
                    "2026-10-04",
                    "locked",
                    true))
            .json();
    assertThat(told.path("late").asBoolean()).isFalse();
    assertThat(told.path("moves")).isNotEmpty();
    assertThat(told.path("says").toString()).contains("fit to drill");
    JsonNode moved = locked(board);
    assertThat(start(moved, "Badger Forty")).isEqualTo("2026-10-04");
    assertThat(told.path("days").get(0).path("day").asString()).isEqualTo("2026-10-04");
    assertThat(job(moved, "Badger Forty", "SEED").path("place").path("locked").asBoolean())
        .isTrue();
    JsonNode undone = planner.post("/api/v1/dispatch/undo", Map.of()).json();
    assertThat(start(undone, "Badger Forty")).isEqualTo(was).isNotEqualTo("2026-10-04");
    JsonNode redone = planner.post("/api/v1/dispatch/redo", Map.of()).json();
    assertThat(start(redone, "Badger Forty")).isEqualTo("2026-10-04");
  }

  @Test
  void lockedJobsStayWhenPlannedAnew() {
    locked(planned());
    assertThat(start(planned(), "Badger Forty")).isEqualTo("2026-10-04");
  }

  @Test
  void lateNeedsToBeAccepted() {
    JsonNode job = job(planned(), "Badger Forty", "SEED");
    Map<String, Object> late =
        new HashMap<>(
            Map.of(
                "machineId",
                job.path("place").path("machineId").asString(),
                "day",
                "2026-10-25",
                "locked",
                false,
                "acceptLate",
                false,
                "version",
                job.path("place").path("version").asLong()));
    Caller.Answer refused = planner.put("/api/v1/dispatch/jobs/" + TestFarm.path(job), late);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString()).contains("accept it as late");
    late.put("acceptLate", true);
    JsonNode accepted = planner.put("/api/v1/dispatch/jobs/" + TestFarm.path(job), late).json();
    assertThat(job(accepted, "Badger Forty", "SEED").path("place").path("late").asBoolean())
        .isTrue();
  }

  @Test
  void theDaySheetHoldsSeedAndCautions() {
    locked(planned());
    JsonNode sheet = planner.get("/api/v1/dispatch/sheet?day=2026-10-04").json();
    assertThat(sheet.path("machines").toString())
        .contains("Badger Forty")
        .contains("Cereal rye")
        .contains("Guards on");
  }

  @Test
  void jobsLeaveAsCalendarAndTable() {
    locked(planned());
    String calendar = planner.get("/api/v1/exchange/jobs.ics").text();
    assertThat(calendar)
        .startsWith("BEGIN:VCALENDAR")
        .contains("SUMMARY:Badger Forty: drill")
        .contains("DTSTART:20261004T");
    String csv = planner.get("/api/v1/exchange/jobs.csv").text();
    assertThat(csv.lines().findFirst().orElseThrow()).startsWith("field,farmstead,work");
    assertThat(csv).contains("Badger Forty,North place,drill");
  }

  @Test
  void loggingASeedingMovesTheLaneAndSettlesTheCall() {
    JsonNode job = job(planned(), "Windbreak Eighty", "SEED");
    Map<String, Object> entry =
        new HashMap<>(
            Map.of(
                "fieldId",
                job.path("fieldId").asString(),
                "kind",
                "SEEDED",
                "on",
                "2026-10-01",
                "job",
                job.path("id"),
                "acres",
                64.0,
                "pounds",
                4700,
                "lot",
                "Rye A-26",
                "note",
                "dry"));
    JsonNode saved = planner.post("/api/v1/log", entry).json();
    assertThat(saved.path("weather").path("maxF").asDouble()).isBetween(40.0, 100.0);
    JsonNode season = planner.get("/api/v1/season").json();
    for (JsonNode lane : season.path("lanes")) {
      if (lane.path("field").asString().equals("Windbreak Eighty")) {
        assertThat(lane.path("ridges").get(lane.path("ridges").size() - 1).path("sown").asBoolean())
            .isTrue();
        assertThat(lane.path("answer").asString()).startsWith("spray about");
      }
    }
    assertThat(planner.get("/api/v1/dispatch").json().path("jobs"))
        .extracting(j -> j.path("id"))
        .isNotEmpty()
        .doesNotContain(job.path("id"));
    assertThat(planner.post("/api/v1/log", entry).json().path("detail").asString())
        .contains("sown already");
  }

  @Test
  void operatorsMayLogAndWhatCannotBeIsRefused() {
    Caller operator = new Caller(RunningServer.address()).signIn(this.operator, DemoFarm.PASSWORD);
    String field =
        job(planner.get("/api/v1/dispatch").json(), "Badger Forty", "SEED")
            .path("fieldId")
            .asString();
    assertThat(said(operator, field, Map.of("kind", "SEEDED", "on", "2026-10-09")))
        .contains("date is 2026-10-01 or earlier");
    assertThat(said(operator, field, Map.of("kind", "SEEDED", "on", "2026-10-01", "acres", 900)))
        .contains("area done");
    assertThat(
            said(
                operator,
                field,
                Map.of(
                    "kind",
                    "BIOMASS",
                    "on",
                    "2026-10-01",
                    "frameSquareFeet",
                    1,
                    "dryGrams",
                    List.of(10))))
        .contains("no sown cover to clip");
    assertThat(
            operator
                .post("/api/v1/log", Map.of("fieldId", field, "kind", "SEEDED", "on", "2026-10-01"))
                .status())
        .isEqualTo(200);
  }

  private static String said(Caller caller, String field, Map<String, Object> form) {
    Map<String, Object> all = new HashMap<>(form);
    all.put("fieldId", field);
    Caller.Answer answer = caller.post("/api/v1/log", all);
    assertThat(answer.status()).isEqualTo(400);
    return answer.json().path("detail").asString();
  }

  @Test
  void aStemCountReanchorsTheRollDate() {
    planner.put("/api/v1/farm/day", Map.of("day", "2027-05-20"));
    String field = null;
    for (JsonNode lane : planner.get("/api/v1/season").json().path("lanes")) {
      field =
          lane.path("field").asString().equals("North Quarter")
              ? lane.path("fieldId").asString()
              : field;
    }
    JsonNode saved =
        planner
            .post(
                "/api/v1/log",
                Map.of(
                    "fieldId",
                    field,
                    "kind",
                    "STEM_COUNT",
                    "on",
                    "2027-05-20",
                    "species",
                    "cereal-rye",
                    "spots",
                    5,
                    "stems",
                    50,
                    "past",
                    10))
            .json();
    assertThat(saved.path("verdict").asString()).startsWith("Wait");
    JsonNode flowering = change(saved, "flowering");
    assertThat(LocalDate.parse(flowering.path("afterDay").asString()))
        .isAfter(LocalDate.parse(flowering.path("beforeDay").asString()));
    JsonNode end = change(saved, "the day to end it");
    assertThat(end.path("afterDay").asString()).isGreaterThan(end.path("beforeDay").asString());
  }

  @Test
  void aClippedSampleRescalesTheMat() {
    planner.put("/api/v1/farm/day", Map.of("day", "2027-05-20"));
    String field = null;
    for (JsonNode lane : planner.get("/api/v1/season").json().path("lanes")) {
      field =
          lane.path("field").asString().equals("Orchard Organic")
              ? lane.path("fieldId").asString()
              : field;
    }
    JsonNode saved =
        planner
            .post(
                "/api/v1/log",
                Map.of(
                    "fieldId",
                    field,
                    "kind",
                    "BIOMASS",
                    "on",
                    "2027-05-20",
                    "frameSquareFeet",
                    2.7,
                    "dryGrams",
                    List.of(100, 110, 95, 105)))
            .json();
    JsonNode mat = saved.path("changes").get(saved.path("changes").size() - 1);
    assertThat(mat.path("what").asString()).startsWith("mat on");
    // 102.5 g on 2.7 ft² are 3,646 lb/ac, about half of the curve: the mat must come down.
    assertThat(mat.path("afterPounds").asInt())
        .isLessThan((int) (0.75 * mat.path("beforePounds").asInt()));
    assertThat(saved.path("verdict").asString()).startsWith("Enough frames");
  }

  private static JsonNode change(JsonNode saved, String what) {
    for (JsonNode change : saved.path("changes")) {
      if (change.path("what").asString().equals(what)) {
        return change;
      }
    }
    throw new AssertionError("no change of " + what + " in " + saved);
  }
}
