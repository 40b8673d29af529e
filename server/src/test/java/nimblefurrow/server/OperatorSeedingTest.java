package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** An operator calibrates, asks and flies; land, prices and machines are the planner's. */
@ExtendWith(RunningServer.class)
class OperatorSeedingTest {
  private static Caller operator;
  private static String drill;
  private static String drone;
  private static String field;

  @BeforeAll
  static void signedIn() {
    Caller planner = new Caller(RunningServer.address()).planner();
    planner.put("/api/v1/farm/day", Map.of("day", "2026-09-02"));
    operator = new Caller(RunningServer.address()).operator();
    for (JsonNode m : operator.get("/api/v1/machines").json()) {
      drill = m.path("kind").asString().equals("DRILL") ? m.path("id").asString() : drill;
      drone = m.path("kind").asString().equals("DRONE") ? m.path("id").asString() : drone;
    }
    for (JsonNode f : operator.get("/api/v1/fields").json()) {
      boolean wanted = f.path("field").path("name").asString().equals("Lower Creek");
      field = wanted ? f.path("field").path("id").asString() : field;
    }
  }

  @Test
  void calibratesAndIsNamed() {
    Map<String, Object> caught =
        Map.of(
            "grams",
            500,
            "outlets",
            8,
            "rowSpacingIn",
            7.5,
            "distanceFt",
            200,
            "setting",
            36,
            "mph",
            4);
    JsonNode kept =
        operator
            .post(
                "/api/v1/calibrations",
                Map.of("machineId", drill, "kind", "CATCH", "details", caught))
            .json();
    assertThat(kept.path("by").asString()).isEqualTo("Otis Lindqvist");
    assertThat(kept.path("madeOn").asString()).isEqualTo("2026-09-02");
    assertThat(
            operator
                .get("/api/v1/calibrations/machines/" + drill + "?targetLbAc=60&mph=4")
                .json()
                .path("next")
                .path("setting")
                .asDouble())
        .isGreaterThan(36);
  }

  @Test
  void asksForLoadsAndAdvice() {
    assertThat(
            operator.post("/api/v1/loads", Map.of("fieldId", field, "machineId", drone)).status())
        .isEqualTo(200);
    assertThat(
            operator
                .post(
                    "/api/v1/advice",
                    Map.of(
                        "fieldId",
                        field,
                        "goals",
                        Map.of("LOOSEN", 1),
                        "termination",
                        "WINTER_KILL"))
                .status())
        .isEqualTo(200);
    assertThat(operator.get("/api/v1/work-orders/" + field + "/" + drone).status()).isEqualTo(200);
  }

  @Test
  void fliesButDoesNotChangeThePlan() {
    Caller.Answer started =
        operator.post(
            "/api/v1/flight/runs",
            Map.of("fieldId", field, "machineId", drone, "windMph", 3, "timesFaster", 1));
    assertThat(started.status()).isEqualTo(200);
    String run = "/api/v1/flight/runs/" + started.json().path("id").asString();
    assertThat(operator.post(run + "/pause", null).status()).isEqualTo(200);
    assertThat(operator.delete(run).status()).as("taking it away is the planner's").isEqualTo(403);
  }

  @Test
  void landPricesAndMachinesAreThePlanners() {
    assertThat(operator.put("/api/v1/machines/" + drill + "/setup", Map.of("widthFt", 20)).status())
        .isEqualTo(403);
    assertThat(operator.post("/api/v1/order/prices", Map.of("text", "Oats;A;50;1")).status())
        .isEqualTo(403);
    assertThat(
            operator
                .post(
                    "/api/v1/marks",
                    Map.of(
                        "kind", "HOUSE", "shape", "{\"type\":\"Point\",\"coordinates\":[-97,40]}"))
                .status())
        .isEqualTo(403);
    assertThat(operator.post("/api/v1/land/undo", null).status()).isEqualTo(403);
    assertThat(
            operator
                .put(
                    "/api/v1/figures",
                    Map.of("sheet", "species", "row", "oats", "column", "price_per_lb", "value", 1))
                .status())
        .isEqualTo(403);
    assertThat(
            operator.put("/api/v1/fields/" + field + "/left-out", Map.of("season", 2026)).status())
        .isEqualTo(403);
  }
}
