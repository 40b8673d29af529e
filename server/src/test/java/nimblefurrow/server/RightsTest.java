package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who may do what: every path of the description, every method, a stranger and both roles. */
@ExtendWith(RunningServer.class)
class RightsTest {
  /** What is open to whoever comes; a crew's word or a session is looked at behind it. */
  private static final Pattern OPEN =
      Pattern.compile(
          "(GET|POST|DELETE) (/api/v1/session|/api/v1/farms|/api/v1/crew/.*|/feeds/.*)");

  /** What an operator may do beyond reading: what he did and saw, and what changes nothing. */
  private static final List<Pattern> OPERATORS =
      List.of(
          Pattern.compile("POST /api/v1/log(/.*)?"),
          Pattern.compile("POST /api/v1/cover/try"),
          Pattern.compile("POST /api/v1/advice(/.*)?"),
          Pattern.compile("POST /api/v1/loads(/.*)?"),
          Pattern.compile("POST /api/v1/calibrations(/.*)?"),
          Pattern.compile("POST /api/v1/flight/runs(/.*)?"),
          Pattern.compile("POST /api/v1/practice(/.*)?"),
          Pattern.compile("POST /api/v1/reports(/.*)?"));

  private static Caller planner;
  private static Caller operator;

  @BeforeAll
  static void aFarm() {
    RunningServer.bean(DemoFarm.class)
        .build("Rights Farm", "rights@rights.example", "rightsop@rights.example", 3);
    planner =
        new Caller(RunningServer.address()).signIn("rights@rights.example", DemoFarm.PASSWORD);
    operator =
        new Caller(RunningServer.address()).signIn("rightsop@rights.example", DemoFarm.PASSWORD);
  }

  @Test
  void everyPathAsksForItsRole() {
    Caller stranger = new Caller(RunningServer.address());
    stranger.get("/api/v1/session");
    int asked = 0;
    int refused = 0;
    for (var path : planner.get("/v3/api-docs").json().path("paths").properties()) {
      for (var method : path.getValue().properties()) {
        String verb = method.getKey().toUpperCase();
        String door = verb + " " + path.getKey();
        String address = path.getKey().replaceAll("\\{[^}]*}", UUID.randomUUID().toString());
        if (!OPEN.matcher(door).matches()) {
          assertThat(send(stranger, verb, address, method.getValue()))
              .as("stranger: " + door)
              .isEqualTo(401);
        }
        boolean may =
            verb.equals("GET")
                || OPEN.matcher(door).matches()
                || OPERATORS.stream().anyMatch(p -> p.matcher(door).matches());
        if (door.equals("DELETE /api/v1/session")) {
          continue; // that would end the session that asks
        }
        int answer = send(operator, verb, address, method.getValue());
        if (may) {
          assertThat(answer).as("operator: " + door).isNotIn(401, 403, 500);
        } else {
          assertThat(answer).as("operator: " + door).isEqualTo(403);
          refused++;
        }
        asked++;
      }
    }
    assertThat(asked).isGreaterThan(100);
    assertThat(refused).isGreaterThan(50);
  }

  private static int send(Caller who, String verb, String address, JsonNode operation) {
    boolean file = operation.path("requestBody").path("content").has("multipart/form-data");
    return file
        ? who.upload(address, "x.csv", new byte[] {1}).status()
        : who.send(verb, address, verb.equals("GET") || verb.equals("DELETE") ? null : Map.of())
            .status();
  }

  /**
   * An operator puts right what is his own, and nothing else; a planner puts right whatever is
   * wrong.
   */
  @Test
  void anOperatorCorrectsHisOwnEntriesAlone() {
    String field = planner.get("/api/v1/fields").json().get(0).path("field").path("id").asString();
    String today = planner.get("/api/v1/session").json().path("today").asString();
    String others = TestFarm.entry(planner, field, today).toString();
    String own = TestFarm.entry(operator, field, today).toString();
    Map<String, Object> mistake =
        Map.of("id", UUID.randomUUID(), "kind", "WITHDRAWN", "reason", "wrong field");
    assertThat(operator.post("/api/v1/log/" + others + "/corrections", mistake).status())
        .isEqualTo(403);
    Map<String, Object> instead =
        Map.of(
            "entry",
            Map.of(
                "id",
                UUID.randomUUID(),
                "fieldId",
                field,
                "kind",
                "CROP_STAGE",
                "stage",
                "FIRST_YELLOW",
                "on",
                today));
    assertThat(operator.post("/api/v1/log/" + others + "/replacement", instead).status())
        .isEqualTo(403);
    assertThat(mine(operator, others)).isFalse();
    assertThat(mine(operator, own)).isTrue();
    assertThat(mine(planner, own)).isTrue();
    assertThat(operator.post("/api/v1/log/" + own + "/corrections", mistake).status())
        .isEqualTo(200);
    assertThat(planner.get("/api/v1/log").text()).doesNotContain(own).contains(others);
    Map<String, Object> planners =
        Map.of("id", UUID.randomUUID(), "kind", "WITHDRAWN", "reason", "");
    assertThat(planner.post("/api/v1/log/" + others + "/corrections", planners).status())
        .isEqualTo(200);
  }

  private static boolean mine(Caller who, String entry) {
    for (JsonNode row : who.get("/api/v1/log").json()) {
      if (row.path("id").asString().equals(entry)) {
        return row.path("mine").asBoolean();
      }
    }
    throw new AssertionError("no entry " + entry);
  }
}
