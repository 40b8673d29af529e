package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The sheet of a large farm: every field says where it stands, what is in sight is drawn. */
@ExtendWith(RunningServer.class)
class LightSheetTest {
  @Test
  void ofManyLanesTheFirstAreDrawnAndTheOthersWhenTheyAreWanted() {
    RunningServer.bean(DemoFarm.class)
        .build("Wide Farm", "planner@wide.example", "operator@wide.example", 90);
    Caller farm =
        new Caller(RunningServer.address()).signIn("planner@wide.example", DemoFarm.PASSWORD);
    List<String> drawn = new ArrayList<>();
    List<String> undrawn = new ArrayList<>();
    String lastDrawn = "";
    String firstUndrawn = "9";
    for (JsonNode lane : farm.get("/api/v1/season").json().path("lanes")) {
      assertThat(lane.path("answer").asString()).isNotBlank();
      String closes = lane.path("closes").asString("9");
      if (lane.path("drawn").asBoolean()) {
        drawn.add(lane.path("fieldId").asString());
        assertThat(lane.path("bands")).isNotEmpty();
        lastDrawn = closes.compareTo(lastDrawn) > 0 ? closes : lastDrawn;
      } else {
        undrawn.add(lane.path("fieldId").asString());
        assertThat(lane.path("bands")).isEmpty();
        firstUndrawn = closes.compareTo(firstUndrawn) < 0 ? closes : firstUndrawn;
      }
    }
    assertThat(drawn).hasSize(40);
    assertThat(undrawn).hasSize(50);
    assertThat(lastDrawn).as("what closes first is drawn").isLessThanOrEqualTo(firstUndrawn);
    JsonNode wanted =
        farm.post("/api/v1/season/lanes", Map.of("lanes", undrawn.subList(0, 12))).json();
    assertThat(wanted).hasSize(12);
    for (JsonNode lane : wanted) {
      assertThat(lane.path("drawn").asBoolean()).isTrue();
      assertThat(lane.path("bands")).isNotEmpty();
    }
    assertThat(farm.post("/api/v1/season/lanes", Map.of("lanes", List.of(drawn.get(0)))).json())
        .hasSize(1);
    List<String> tooMany = new ArrayList<>();
    for (int i = 0; i < 121; i++) {
      tooMany.add(drawn.get(0));
    }
    assertThat(farm.post("/api/v1/season/lanes", Map.of("lanes", tooMany)).status()).isEqualTo(400);
  }
}
