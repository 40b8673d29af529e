package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The farm's other work, and its harvest, on one board with the covers. */
@ExtendWith(RunningServer.class)
class OtherWorkApiTest {
  private static Caller planner;

  @BeforeAll
  static void aFarmOfItsOwn() {
    planner = farm("Hauling Farm", "hauler");
  }

  private static Caller farm(String name, String person) {
    String mail = person + "@board.example";
    RunningServer.bean(DemoFarm.class).build(name, mail, person + "op@board.example", 28);
    return new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
  }

  @BeforeEach
  void onTheFirstOfOctober() {
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
  }

  private static JsonNode board() {
    return board(planner);
  }

  private static JsonNode board(Caller planner) {
    return planner.get("/api/v1/dispatch").json();
  }

  private static JsonNode machine(JsonNode board, String kind) {
    for (JsonNode machine : board.path("machines")) {
      if (machine.path("kind").asString().equals(kind)) {
        return machine;
      }
    }
    throw new AssertionError("no " + kind);
  }

  private static JsonNode job(JsonNode board, String field, String operation) {
    for (JsonNode job : board.path("jobs")) {
      if (job.path("field").asString().equals(field)
          && job.path("id").path("operation").asString().equals(operation)) {
        return job;
      }
    }
    throw new AssertionError("no " + operation + " of " + field);
  }

  private Map<String, Object> work(String what, String machine) {
    Map<String, Object> form = new HashMap<>();
    form.put("id", UUID.randomUUID().toString());
    form.put("what", what);
    form.put("machineId", machine);
    form.put("hours", 12);
    form.put("first", "2026-10-02");
    form.put("last", "2026-10-20");
    return form;
  }

  /** What was to be done last month is overdue; it is no work of today. */
  @Test
  void whatIsOverdueIsToldAsOverdue() {
    Map<String, Object> work =
        work("haul beans to the river", machine(board(), "DRILL").path("id").asString());
    assertThat(planner.post("/api/v1/other-work", work).status()).isEqualTo(200);
    Plans.board(planner);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-20"));
    assertThat(overdue(work)).as("its last day").isFalse();
    planner.put("/api/v1/farm/day", Map.of("day", "2027-05-12"));
    JsonNode late = board();
    JsonNode told = null;
    for (JsonNode one : late.path("overdue")) {
      told = one.path("id").asString().equals(work.get("id")) ? one : told;
    }
    assertThat(told).isNotNull();
    assertThat(told.path("what").asString()).isEqualTo("haul beans to the river");
    assertThat(told.path("last").asString()).isEqualTo("2026-10-20");
    for (JsonNode job : late.path("jobs")) {
      assertThat(job.path("id").path("cover").asString()).isNotEqualTo(work.get("id"));
    }
    assertThat(planner.get("/api/v1/dispatch/morning").text())
        .doesNotContain("haul beans to the river");
    assertThat(planner.get("/api/v1/dispatch/sheet?day=2027-05-12").text())
        .doesNotContain("haul beans to the river");
    work.put("first", "2027-05-12");
    work.put("last", "2027-05-20");
    assertThat(planner.post("/api/v1/other-work", work).status()).as("another day").isEqualTo(200);
    assertThat(overdue(work)).isFalse();
    planner.put("/api/v1/farm/day", Map.of("day", "2027-06-01"));
    planner.post("/api/v1/other-work/" + work.get("id") + "/done", Map.of("day", "2027-05-31"));
    assertThat(overdue(work)).as("done").isFalse();
  }

  private static boolean overdue(Map<String, Object> work) {
    for (JsonNode one : board().path("overdue")) {
      if (one.path("id").asString().equals(work.get("id"))) {
        return true;
      }
    }
    return false;
  }

  private static Map<String, Object> named(JsonNode job) {
    return Map.of(
        "cover", job.path("id").path("cover").asString(),
        "operation", job.path("id").path("operation").asString());
  }

  @Test
  void itIsPlannedWithTheRestOnItsOwnMachine() {
    JsonNode truck = machine(board(), "OTHER");
    String id = truck.path("id").asString();
    assertThat(planner.post("/api/v1/other-work", work("Fetch lime", id)).status()).isEqualTo(200);
    JsonNode open = job(board(), "Fetch lime", "OTHER");
    assertThat(open.path("season").asString()).isEqualTo("OTHER");
    assertThat(open.path("counted").path("left").asDouble()).isEqualTo(12);
    assertThat(open.path("able")).hasSize(1);
    assertThat(open.path("able").get(0).asString()).isEqualTo(id);
    assertThat(Plans.searched(planner).path("state").asString()).isEqualTo("DONE");
    JsonNode placed = job(board(), "Fetch lime", "OTHER").path("place");
    assertThat(placed.path("machineId").asString()).isEqualTo(id);
    double hours = 0;
    for (JsonNode day : placed.path("days")) {
      hours += day.path("hours").asDouble();
      assertThat(day.path("day").asString()).isBetween("2026-10-02", "2026-10-20");
    }
    assertThat(hours).isCloseTo(12, within(0.01));
    Caller.Answer elsewhere =
        planner.post(
            "/api/v1/dispatch/what-if",
            Map.of(
                "job",
                named(open),
                "machineId",
                machine(board(), "DRILL").path("id").asString(),
                "day",
                "2026-10-05",
                "locked",
                true));
    assertThat(elsewhere.status()).isEqualTo(400);
    assertThat(elsewhere.text()).contains("15 ft drill cannot");
  }

  @Test
  void hoursDoneAreSaidAndAllOfThemSettleIt() {
    String truck = machine(board(), "OTHER").path("id").asString();
    Map<String, Object> form = work("Fetch seed", truck);
    planner.post("/api/v1/other-work", form);
    Plans.searched(planner);
    JsonNode job = job(board(), "Fetch seed", "OTHER");
    assertThat(say(job, "STARTED", null).status()).isEqualTo(200);
    Caller.Answer far = say(job, "STOPPED", 12.5);
    assertThat(far.status()).isEqualTo(400);
    assertThat(far.text()).contains("hours done are 0 to 12.0, got 12.5");
    assertThat(say(job, "STOPPED", 5.0).status()).isEqualTo(200);
    JsonNode left = job(board(), "Fetch seed", "OTHER").path("counted");
    assertThat(left.path("done").asDouble()).isCloseTo(5, within(1e-6));
    assertThat(left.path("left").asDouble()).isCloseTo(7, within(1e-6));
    say(job, "STARTED", null);
    assertThat(say(job, "STOPPED", 12.0).status()).isEqualTo(200);
    assertThat(board().path("jobs").toString()).doesNotContain("Fetch seed");
    JsonNode kept = planner.get("/api/v1/other-work").json();
    assertThat(kept.toString()).contains("\"doneOn\":\"2026-10-01\"");
  }

  private Caller.Answer say(JsonNode job, String kind, Double hours) {
    Map<String, Object> form = new HashMap<>();
    form.put("id", UUID.randomUUID().toString());
    form.put("job", named(job));
    form.put("kind", kind);
    if (hours != null) {
      form.put("hours", hours);
    }
    return planner.post("/api/v1/reports", form);
  }

  @Test
  void aSowingWaitsForItAndACircleIsRefusedWhole() {
    JsonNode board = board();
    String truck = machine(board, "OTHER").path("id").asString();
    JsonNode sowing = job(board, "Badger Forty", "SEED");
    Map<String, Object> manure = work("Spread manure", truck);
    manure.put("before", named(sowing));
    assertThat(planner.post("/api/v1/other-work", manure).status()).isEqualTo(200);
    assertThat(job(board(), "Badger Forty", "SEED").path("after").toString())
        .contains(manure.get("id").toString());
    Map<String, Object> lime = work("Move the auger", truck);
    lime.put("waitsFor", named(sowing));
    lime.put("before", Map.of("cover", manure.get("id"), "operation", "OTHER"));
    Caller.Answer refused = planner.post("/api/v1/other-work", lime);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("never begins: it waits for Badger Forty");
    assertThat(planner.get("/api/v1/other-work").json().toString())
        .doesNotContain("Move the auger");
    assertThat(job(board(), "Badger Forty", "SEED").path("unplaced").asString())
        .doesNotContain("never begins");
    planner.delete("/api/v1/other-work/" + manure.get("id"));
    assertThat(job(board(), "Badger Forty", "SEED").path("after").toString())
        .doesNotContain(manure.get("id").toString());
  }

  /**
   * Half of a field on another machine: both halves stand on the board until it is joined again.
   */
  @Test
  void aFieldIsSplitAndJoinedAgain() {
    JsonNode field = job(board(), "Ferry Road", "SEED");
    double acres = field.path("acres").asDouble();
    String part = UUID.randomUUID().toString();
    Map<String, Object> form = Map.of("id", part, "job", named(field), "acres", 30);
    assertThat(planner.post("/api/v1/dispatch/parts", form).status()).isEqualTo(200);
    JsonNode first = job(board(), "Ferry Road, part 1", "SEED");
    JsonNode second = job(board(), "Ferry Road, part 2", "SEED");
    assertThat(first.path("id")).isEqualTo(field.path("id"));
    assertThat(first.path("acres").asDouble()).isCloseTo(acres - 30, within(1e-9));
    assertThat(second.path("acres").asDouble()).isEqualTo(30);
    assertThat(second.path("partOf")).isEqualTo(field.path("id"));
    assertThat(second.path("fieldId")).isEqualTo(field.path("fieldId"));
    JsonNode placed = planner.get("/api/v1/dispatch").json();
    Caller.Answer put =
        planner.put(
            "/api/v1/dispatch/jobs/" + part + "/SEED",
            Map.of(
                "machineId",
                machine(placed, "DRILL").path("id").asString(),
                "day",
                "2026-10-05",
                "locked",
                true,
                "acceptLate",
                true));
    assertThat(put.status()).as(put.text()).isEqualTo(200);
    assertThat(job(board(), "Ferry Road, part 2", "SEED").path("place").path("locked").asBoolean())
        .isTrue();
    Caller.Answer tooMuch =
        planner.post(
            "/api/v1/dispatch/parts",
            Map.of("id", UUID.randomUUID(), "job", named(first), "acres", 300));
    assertThat(tooMuch.text()).contains("acres of the part are 1.0 to 4");
    Caller.Answer twice =
        planner.post(
            "/api/v1/dispatch/parts",
            Map.of("id", UUID.randomUUID(), "job", named(second), "acres", 5));
    assertThat(twice.text()).contains("split the whole job instead");
    assertThat(planner.delete("/api/v1/dispatch/parts/" + part).status()).isEqualTo(200);
    assertThat(job(board(), "Ferry Road", "SEED").path("acres").asDouble()).isEqualTo(acres);
    assertThat(board().path("jobs").toString()).doesNotContain(part);
    splittingIsUndoneAsAnyActIs(part, acres);
  }

  /** Undone, the part stands where it stood; undone twice more, it was never split off. */
  private void splittingIsUndoneAsAnyActIs(String part, double acres) {
    assertThat(board().path("undo").asString()).isEqualTo("join Ferry Road, part 2");
    planner.post("/api/v1/dispatch/undo", Map.of());
    JsonNode again = job(board(), "Ferry Road, part 2", "SEED");
    assertThat(again.path("acres").asDouble()).isEqualTo(30);
    assertThat(again.path("place").path("locked").asBoolean()).isTrue();
    planner.post("/api/v1/dispatch/undo", Map.of());
    assertThat(job(board(), "Ferry Road, part 2", "SEED").path("place").isObject()).isFalse();
    assertThat(board().path("undo").asString()).isEqualTo("split Ferry Road");
    planner.post("/api/v1/dispatch/undo", Map.of());
    assertThat(job(board(), "Ferry Road", "SEED").path("acres").asDouble()).isEqualTo(acres);
    planner.post("/api/v1/dispatch/redo", Map.of());
    assertThat(job(board(), "Ferry Road, part 2", "SEED").path("partOf").path("cover").asString())
        .isEqualTo(job(board(), "Ferry Road, part 1", "SEED").path("id").path("cover").asString());
    planner.post("/api/v1/dispatch/undo", Map.of());
    assertThat(board().path("jobs").toString()).doesNotContain(part);
  }

  @Test
  void badInputNamesTheField() {
    String truck = machine(board(), "OTHER").path("id").asString();
    Map<String, Object> both = work("Both", truck);
    both.put("acres", 10);
    assertThat(planner.post("/api/v1/other-work", both).text()).contains("one of the two");
    Map<String, Object> less = work("Less than nothing", truck);
    less.remove("hours");
    less.put("acres", -5);
    Caller.Answer negative = planner.post("/api/v1/other-work", less);
    assertThat(negative.status()).isEqualTo(400);
    assertThat(negative.text()).contains("area is 0");
    Map<String, Object> backwards = work("Backwards", truck);
    backwards.put("last", "2026-09-30");
    assertThat(planner.post("/api/v1/other-work", backwards).text())
        .contains("last day is 2026-10-02 to");
    Map<String, Object> nowhere = work("Nowhere", UUID.randomUUID().toString());
    assertThat(planner.post("/api/v1/other-work", nowhere).status()).isEqualTo(404);
    assertThat(planner.get("/api/v1/other-work").json().toString())
        .as("nothing half-saved")
        .contains("Haul beans to the river")
        .doesNotContain("Both", "Backwards", "Nowhere");
  }

  @Test
  void aMachineTakenOffTheFarmIsSaidOfItsWork() {
    String truck = SeedingFarm.machine(planner, "Old truck", "OTHER", 10);
    planner.post("/api/v1/other-work", work("Clear the yard", truck));
    assertThat(planner.delete("/api/v1/machines/" + truck).status()).isEqualTo(200);
    assertThat(job(board(), "Clear the yard", "OTHER").path("unplaced").asString())
        .isEqualTo("its machine is not on the farm any more: give it another");
  }

  /** A machine is on the road to its first field from where it stands; at home it is there. */
  @Test
  void aMachineStandsSomewhereAtFirst() {
    String drill = SeedingFarm.machine(planner, "Spare drill", "DRILL", 6);
    JsonNode job = job(board(), "Badger Forty", "SEED");
    assertThat(road(job, drill)).as("nobody knows where it stands").isZero();
    String home = job.path("farmstead").asString();
    assertThat(stands(drill, home)).isEqualTo(200);
    assertThat(road(job, drill)).isZero();
    String other = null;
    for (JsonNode one : board().path("jobs")) {
      String place = one.path("farmstead").asString();
      other = place.isEmpty() || place.equals(home) ? other : place;
    }
    assertThat(other).isNotNull();
    stands(drill, other);
    assertThat(road(job, drill)).isBetween(0.05, 3.0);
    assertThat(stands(drill, "x".repeat(200))).isEqualTo(400);
    planner.delete("/api/v1/machines/" + drill);
  }

  private static int stands(String machine, String place) {
    int version = 0;
    for (JsonNode one : planner.get("/api/v1/machines").json()) {
      version = one.path("id").asString().equals(machine) ? one.path("version").asInt() : version;
    }
    return planner
        .put("/api/v1/machines/" + machine + "/setup?version=" + version, Map.of("stands", place))
        .status();
  }

  private static double road(JsonNode job, String machine) {
    JsonNode told =
        planner
            .post(
                "/api/v1/dispatch/what-if",
                Map.of("job", named(job), "machineId", machine, "day", "2026-10-05"))
            .json();
    return told.path("days").get(0).path("road").asDouble();
  }

  /**
   * The drill waits for the combine, until the harvest is written down; without a combine never.
   */
  @Test
  void aSowingWaitsForItsHarvest() {
    Caller planner = farm("Combining Farm", "combiner");
    planner.put("/api/v1/farm/day", Map.of("day", "2026-09-02"));
    JsonNode board = board(planner);
    JsonNode harvest = job(board, "Ferry Road", "HARVEST");
    assertThat(harvest.path("season").asString()).isEqualTo("HARVEST");
    assertThat(harvest.path("settledBy").asString()).isEqualTo("HARVESTED");
    assertThat(job(board, "Ferry Road", "SEED").path("after").toString())
        .contains(harvest.path("id").path("cover").asString());
    Caller.Answer logged =
        planner.post(
            "/api/v1/log",
            Map.of(
                "fieldId",
                harvest.path("fieldId").asString(),
                "kind",
                "HARVESTED",
                "on",
                "2026-09-02",
                "job",
                named(harvest)));
    assertThat(logged.status()).isEqualTo(200);
    JsonNode then = board(planner);
    assertThat(job(then, "Ferry Road", "SEED").path("after")).isEmpty();
    assertThat(harvests(then)).isPositive();
    String combine = machine(then, "COMBINE").path("id").asString();
    planner.delete("/api/v1/machines/" + combine);
    assertThat(harvests(board(planner))).as("somebody else combines then").isZero();
    Map<String, Object> chopper =
        Map.of(
            "name",
            "Chopper",
            "kind",
            "CHOPPER",
            "acresPerHour",
            5,
            "hired",
            true,
            "costPerAcre",
            60);
    assertThat(planner.post("/api/v1/machines", chopper).status()).isEqualTo(200);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-08-10"));
    JsonNode silage = board(planner);
    assertThat(harvests(silage)).as("the two fields of silage corn").isEqualTo(2);
    JsonNode chop = job(silage, "Silo Forty", "HARVEST");
    assertThat(chop.path("words").asString()).isEqualTo("chop the silage");
    assertThat(job(silage, "Silo Forty", "SEED").path("after").toString())
        .contains(chop.path("id").path("cover").asString());
  }

  private static int harvests(JsonNode board) {
    int all = 0;
    for (JsonNode job : board.path("jobs")) {
      all += job.path("season").asString().equals("HARVEST") ? 1 : 0;
    }
    return all;
  }
}
