package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Every way of ending, days set by others, hours, plans, what own ratings teach, practice. */
@ExtendWith(RunningServer.class)
class TerminationPlansApiTest {
  private static Caller guest;

  @BeforeAll
  static void aSampleInMay() {
    guest = new Caller(RunningServer.address()).ownFarm();
    guest.post("/api/v1/sample", null);
    guest.put("/api/v1/farm/day", Map.of("day", "2027-05-14"));
  }

  private static JsonNode row(String field) {
    for (JsonNode row : guest.get("/api/v1/termination").json().path("rows")) {
      if (row.path("field").asString().equals(field)) {
        return row;
      }
    }
    throw new IllegalStateException("no cover on " + field);
  }

  private static String id(String field) {
    return row(field).path("fieldId").asString();
  }

  @Test
  void twelveWaysAreWorkedOutAndTheOrganicOnesAreWithoutHerbicide() {
    JsonNode ways = guest.get("/api/v1/termination/" + id("Orchard Organic") + "/methods").json();
    assertThat(ways).hasSize(12);
    int open = 0;
    for (JsonNode way : ways) {
      boolean ruledOut = way.path("answer").hasNonNull("impossible");
      assertThat(way.hasNonNull("effects")).isEqualTo(!ruledOut);
      if (!ruledOut) {
        assertThat(way.path("effects").path("products")).isEmpty();
        open++;
      }
    }
    assertThat(open).isBetween(4, 8);
  }

  @Test
  void aDayOfAnInsurerIsSaidOnTheSheetAndTakenBack() {
    UUID date = UUID.randomUUID();
    String field = id("Orchard Organic");
    Map<String, Object> form =
        Map.of(
            "name",
            "cost-share of the county",
            "kind",
            "DEAD_BY",
            "on",
            "2027-05-10",
            "fieldIds",
            List.of(field));
    assertThat(guest.put("/api/v1/termination-dates/" + date, form).json()).hasSize(1);
    assertThat(row("Orchard Organic").path("limits").get(0).path("says").asString())
        .startsWith("cost-share of the county wants it dead by 10 May");
    assertThat(row("North Quarter").path("limits")).as("for one field alone").isEmpty();
    assertThat(guest.get("/api/v1/termination/" + field + "/methods").text())
        .contains("wants it dead by");
    Map<String, Object> stranger =
        Map.of(
            "name",
            "x",
            "kind",
            "DEAD_BY",
            "on",
            "2027-05-10",
            "fieldIds",
            List.of(UUID.randomUUID()));
    assertThat(guest.put("/api/v1/termination-dates/" + UUID.randomUUID(), stranger).status())
        .isEqualTo(404);
    assertThat(guest.put("/api/v1/termination-dates/" + UUID.randomUUID(), form).text())
        .contains("another day is called");
    assertThat(guest.delete("/api/v1/termination-dates/" + date).json()).isEmpty();
    assertThat(row("Orchard Organic").path("limits")).isEmpty();
  }

  @Test
  void thePlantingDayIsMovedFromTheSheetAndBack() {
    JsonNode before = row("North Quarter");
    assertThat(before.path("cropEntered").asBoolean()).isTrue();
    LocalDate was = LocalDate.parse(before.path("planterDay").asString());
    Map<String, Object> form =
        Map.of(
            "day",
            was.plusDays(6),
            "fields",
            List.of(Map.of("fieldId", before.path("fieldId").asString())));
    JsonNode told = guest.put("/api/v1/termination/planting", form).json();
    assertThat(told.get(0).hasNonNull("refused")).isFalse();
    assertThat(row("North Quarter").path("planterDay").asString())
        .isEqualTo(was.plusDays(6).toString());
    Map<String, Object> past =
        Map.of(
            "day",
            "2026-04-01",
            "fields",
            List.of(Map.of("fieldId", before.path("fieldId").asString())));
    assertThat(
            guest
                .put("/api/v1/termination/planting", past)
                .json()
                .get(0)
                .path("refused")
                .asString())
        .contains("planted is after");
    guest.put(
        "/api/v1/termination/planting",
        Map.of(
            "day", was, "fields", List.of(Map.of("fieldId", before.path("fieldId").asString()))));
  }

  /** Blocks lie in the hours, are likely, and hold no more acres than the field has. */
  @Test
  void hoursAreToldByFieldAndProduct() {
    int blocks = 0;
    for (String kind : List.of("SYSTEMIC", "CONTACT", "GROWTH_REGULATOR", "RESIDUAL")) {
      JsonNode told = guest.get("/api/v1/termination/hours?work=SPRAY&kind=" + kind).json();
      for (JsonNode field : told.path("fields")) {
        assertThat(field.path("organic").asBoolean()).isFalse();
        assertThat(told.path("grounds").get(field.path("ground").asInt())).hasSize(240);
        for (JsonNode block : field.path("blocks")) {
          assertThat(block.path("chance").asInt()).isGreaterThanOrEqualTo(50);
          assertThat(block.path("acres").asDouble())
              .isLessThanOrEqualTo(field.path("acres").asDouble() + 0.1);
          blocks++;
        }
      }
    }
    assertThat(blocks).isPositive();
    JsonNode roll = guest.get("/api/v1/termination/hours").json();
    assertThat(roll.path("fields").toString()).contains("Orchard Organic");
    assertThat(roll.path("machine").asString()).contains("roller");
  }

  @Test
  void aPlanIsReadAndPrinted() {
    String field = id("Orchard Organic");
    JsonNode plan = guest.get("/api/v1/termination/" + field + "/plan").json();
    List<String> topics = new ArrayList<>();
    plan.path("lines").forEach(line -> topics.add(line.path("topic").asString()));
    assertThat(topics)
        .contains("order", "direction", "speed", "weight", "ground", "height", "second pass");
    assertThat(plan.path("cautions").toString()).contains("hitch and drum");
    assertThat(guest.get("/api/v1/termination/" + field + "/plan?termination=PLANT_GREEN").text())
        .contains("organic");
    byte[] paper = guest.bytes("/api/v1/work-orders/terminations/" + field);
    assertThat(new String(paper, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    JsonNode till = guest.get("/api/v1/termination/" + field + "/plan?termination=TILLAGE").json();
    assertThat(till.path("lines").toString()).contains("two of a disc");
  }

  /** The stake on the season sheet says what was done, not what most farms do. */
  @Test
  void theStakeSaysHowACoverWasEnded() {
    Caller other = new Caller(RunningServer.address()).ownFarm();
    other.post("/api/v1/sample", null);
    other.put("/api/v1/farm/day", Map.of("day", "2027-04-20"));
    List<String> terminations = List.of("TILLAGE", "MOWING", "HAY", "GRAZING", "ROLL");
    List<String> words = List.of("tilled in", "mown", "cut for hay", "grazed off", "rolled");
    Map<String, String> expected = new HashMap<>();
    JsonNode rows = other.get("/api/v1/termination").json().path("rows");
    for (int i = 0; i < terminations.size(); i++) {
      String field = rows.get(i).path("fieldId").asString();
      Map<String, Object> ended =
          Map.of(
              "id",
              UUID.randomUUID(),
              "fieldId",
              field,
              "kind",
              "ENDED",
              "on",
              "2027-04-19",
              "termination",
              terminations.get(i));
      Caller.Answer answer = other.post("/api/v1/log", ended);
      assertThat(answer.status()).as(answer.text()).isEqualTo(200);
      expected.put(field, words.get(i));
    }
    Map<String, String> told = new HashMap<>();
    for (JsonNode lane : other.get("/api/v1/season").json().path("lanes")) {
      for (JsonNode stake : lane.path("stakes")) {
        if (stake.path("done").asBoolean() && stake.path("day").asString().equals("2027-04-19")) {
          told.put(lane.path("fieldId").asString(), stake.path("words").asString());
        }
      }
    }
    assertThat(told).containsAllEntriesOf(expected);
  }

  /** Ended, rated after three weeks, rescue offered, learnt, taken over, put back. */
  @Test
  void ownRatingsMoveTheFigureWhenSomebodySaysSo() {
    Caller other = new Caller(RunningServer.address()).ownFarm();
    other.post("/api/v1/sample", null);
    other.put("/api/v1/farm/day", Map.of("day", "2027-05-20"));
    JsonNode orchard = null;
    for (JsonNode row : other.get("/api/v1/termination").json().path("rows")) {
      orchard = row.path("field").asString().equals("Orchard Organic") ? row : orchard;
    }
    String field = orchard.path("fieldId").asString();
    Map<String, Object> ended =
        Map.of(
            "id",
            UUID.randomUUID(),
            "fieldId",
            field,
            "kind",
            "ENDED",
            "on",
            "2027-05-19",
            "termination",
            "ROLL");
    assertThat(other.post("/api/v1/log", ended).status()).isEqualTo(200);
    JsonNode plan = other.get("/api/v1/termination/" + field + "/plan").json();
    assertThat(plan.path("ended").asBoolean()).isTrue();
    assertThat(plan.path("rescues").get(0).path("words").asString()).contains("second time");
    assertThat(plan.path("rescues").toString()).doesNotContain("spray");
    int expected = plan.path("expected").asInt();
    other.put("/api/v1/farm/day", Map.of("day", "2027-06-15"));
    Map<String, Object> rating =
        Map.of(
            "id",
            UUID.randomUUID(),
            "fieldId",
            field,
            "kind",
            "KILL_RATING",
            "on",
            "2027-06-15",
            "look",
            Map.of("readings", List.of(50, 55, 45, 50, 50)));
    assertThat(other.post("/api/v1/log", rating).text()).contains("too much lives");
    JsonNode learnt = other.get("/api/v1/termination/learnt").json().get(0);
    assertThat(learnt.path("ratings").asInt()).isEqualTo(1);
    assertThat(learnt.path("seen").asInt()).isEqualTo(50);
    assertThat(learnt.path("expected").asInt()).isEqualTo(expected);
    assertThat(learnt.path("instead").asInt()).isLessThan(expected).isGreaterThan(50);
    Map<String, Object> figure =
        Map.of(
            "sheet",
            learnt.path("sheet").asString(),
            "row",
            learnt.path("row").asString(),
            "column",
            "value",
            "value",
            learnt.path("value").asDouble());
    assertThat(other.put("/api/v1/figures", figure).status()).isEqualTo(200);
    assertThat(other.get("/api/v1/termination/" + field + "/plan").json().path("expected").asInt())
        .isCloseTo(learnt.path("instead").asInt(), org.assertj.core.api.Assertions.within(1));
    JsonNode again = other.get("/api/v1/termination/learnt").json().get(0);
    assertThat(again.path("value").asDouble())
        .as("what is taken over is not learnt twice")
        .isCloseTo(again.path("taken").asDouble(), org.assertj.core.api.Assertions.within(0.02));
  }

  @Test
  void practiceIsKeptForOnePersonAndMovesTheirCounts() {
    Caller own = new Caller(RunningServer.address()).ownFarm();
    own.post("/api/v1/sample", null);
    own.put("/api/v1/farm/day", Map.of("day", "2027-05-14"));
    JsonNode scene = own.get("/api/v1/practice/HEADS/77").json();
    assertThat(scene.path("marks").size()).isGreaterThan(5);
    for (int seed = 1; seed <= 10; seed++) {
      int level = own.get("/api/v1/practice/HEADS/" + seed).json().path("level").asInt();
      int truth = judged(own, seed, level, 0).path("truth").asInt();
      JsonNode told = judged(own, seed, level, Math.min(100, truth + 10));
      assertThat(told.path("truth").asInt()).isEqualTo(truth);
    }
    JsonNode eye = own.get("/api/v1/practice").json().path("eyes").get(0);
    assertThat(eye.path("judged").asInt()).isEqualTo(20);
    assertThat(eye.path("sure").asBoolean()).isTrue();
    assertThat(guest.get("/api/v1/practice").json().path("eyes").get(0).path("judged").asInt())
        .as("another person's eye is another's")
        .isZero();
    assertThat(
            own.post("/api/v1/practice/counts", Map.of("moved", true))
                .json()
                .path("movesCounts")
                .asBoolean())
        .isTrue();
    Map<String, Object> wild =
        Map.of("id", UUID.randomUUID(), "exercise", "HEADS", "seed", 1, "level", 1, "said", 170);
    assertThat(own.post("/api/v1/practice", wild).text()).contains("what you say is 0–100");
    Map<String, Object> noLevel =
        Map.of("id", UUID.randomUUID(), "exercise", "HEADS", "seed", 1, "level", 9, "said", 50);
    assertThat(own.post("/api/v1/practice", noLevel).status()).isEqualTo(400);
  }

  private static JsonNode judged(Caller who, int seed, int level, int said) {
    return who.post(
            "/api/v1/practice",
            Map.of(
                "id",
                UUID.randomUUID(),
                "exercise",
                "HEADS",
                "seed",
                seed,
                "level",
                level,
                "said",
                said))
        .json();
  }
}
