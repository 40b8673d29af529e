package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.server.demo.DemoFarm;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.season.FieldSeasons;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A machine takes as long for a field whoever is asked: loads, ways compared, board and sheet. */
@ExtendWith(RunningServer.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class OneRateTest {
  private static final String MAIL = "rate@onerate.example";
  private static final LocalDate TODAY = LocalDate.of(2026, 8, 28);
  private UUID farm;
  private Caller planner;

  @BeforeAll
  void aFarmBeforeItsSowings() {
    farm = RunningServer.bean(DemoFarm.class).build("One rate", MAIL, "op@onerate.example", 28);
    planner = new Caller(RunningServer.address()).signIn(MAIL, DemoFarm.PASSWORD);
    assertThat(planner.put("/api/v1/farm/day", Map.of("day", TODAY.toString())).status())
        .isEqualTo(200);
  }

  /** A sowing of what runs in all of a field: the loads page tells of no other. */
  private static boolean sowsRunning(Board board, Job job) {
    FieldSeasons field = board.field(job).orElse(null);
    return job.id().operation() == Operation.SEED
        && field != null
        && field.zone().isEmpty()
        && board.season().field(field.field().id()).key().equals(job.id().cover());
  }

  private JsonNode loads(UUID field, String machine) {
    Caller.Answer answer =
        planner.post("/api/v1/loads", Map.of("fieldId", field, "machineId", machine));
    return answer.status() == 200 ? answer.json() : null;
  }

  @Test
  void theBoardAndTheLoadsPageTellTheSameHours() {
    Board board = RunningServer.bean(Dispatch.class).board(farm);
    int compared = 0;
    int slowed = 0;
    for (Job job : board.jobs()) {
      if (!sowsRunning(board, job)) {
        continue;
      }
      UUID field = board.field(job).orElseThrow().field().id();
      for (Machine machine : board.problem().campaign().machines()) {
        JsonNode told = job.suits(machine) ? loads(field, machine.id()) : null;
        if (told != null && told.path("hours").asDouble() > 0) {
          double hours = job.hoursOn(machine) - Durations.inHours(job.setUp());
          assertThat(hours)
              .as("%s with %s", job.field(), machine.name())
              .isCloseTo(told.path("hours").asDouble(), within(0.001));
          compared++;
          slowed += hours > 1.02 * machine.rate().hoursFor(job.area()) ? 1 : 0;
        }
      }
    }
    assertThat(compared).as("jobs and machines compared").isGreaterThan(15);
    assertThat(slowed).as("where fillings and ferries count").isGreaterThan(5);
  }

  @Test
  void waysComparedTellTheHoursOfTheLoadsPage() {
    Board board = RunningServer.bean(Dispatch.class).board(farm);
    Map<UUID, String> planned = new LinkedHashMap<>();
    board.jobs().stream()
        .filter(job -> sowsRunning(board, job))
        .limit(8)
        .forEach(job -> planned.put(board.field(job).orElseThrow().field().id(), job.field()));
    int compared = 0;
    for (Map.Entry<UUID, String> field : planned.entrySet()) {
      for (JsonNode way : planner.get("/api/v1/loads/methods/" + field.getKey()).json()) {
        if (way.path("planned").asBoolean() && way.path("hours").asDouble() > 0) {
          JsonNode told = loads(field.getKey(), way.path("machineId").asString());
          assertThat(way.path("hours").asDouble())
              .as("%s with %s", field.getValue(), way.path("machine").asString())
              .isCloseTo(told.path("hours").asDouble(), within(0.001));
          compared++;
        }
      }
    }
    assertThat(compared).isGreaterThan(4);
  }

  /** What the board plays over its days adds up to the hours that the loads page tells. */
  @Test
  void theDaysOfAPlacedSowingAddUpToItsHours() {
    Board board = RunningServer.bean(Dispatch.class).board(farm);
    Job job =
        board.jobs().stream()
            .filter(j -> sowsRunning(board, j) && !j.rates().isEmpty())
            .findFirst()
            .orElseThrow();
    String machine = job.rates().keySet().iterator().next();
    UUID field = board.field(job).orElseThrow().field().id();
    LocalDate opens = job.window().opens().median().orElseThrow();
    String day = (opens.isBefore(TODAY) ? TODAY : opens).toString();
    Caller.Answer placed =
        planner.put(
            "/api/v1/dispatch/jobs/" + job.id().cover() + "/SEED",
            Map.of("machineId", machine, "day", day, "locked", true, "acceptLate", true));
    assertThat(placed.status()).as(placed.text()).isEqualTo(200);
    double hours = 0;
    for (JsonNode one : planner.get("/api/v1/dispatch").json().path("jobs")) {
      if (one.path("id").path("cover").asString().equals(job.id().cover().toString())
          && one.path("id").path("operation").asString().equals("SEED")) {
        for (JsonNode worked : one.path("place").path("days")) {
          hours += worked.path("hours").asDouble();
        }
      }
    }
    assertThat(hours - Durations.inHours(job.setUp()))
        .isCloseTo(loads(field, machine).path("hours").asDouble(), within(0.1));
  }
}
