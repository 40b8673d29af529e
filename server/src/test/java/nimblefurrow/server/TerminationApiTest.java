package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The sheet of endings and a field's trade-off over HTTP. */
@ExtendWith(RunningServer.class)
class TerminationApiTest {
  private static Caller guest;

  @BeforeAll
  static void aSampleInApril() {
    guest = new Caller(RunningServer.address()).ownFarm();
    guest.post("/api/v1/sample", null);
    guest.put("/api/v1/farm/day", Map.of("day", "2027-04-20"));
  }

  private static JsonNode row(boolean organic, int n) {
    return StreamSupport.stream(
            guest.get("/api/v1/termination").json().path("rows").spliterator(), false)
        .filter(r -> r.path("organic").asBoolean() == organic)
        .skip(n)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatClosesFirstStandsOnTop() {
    JsonNode sheet = guest.get("/api/v1/termination").json();
    String before = "";
    int strips = 0;
    for (JsonNode row : sheet.path("rows")) {
      assertThat(row.path("closes").asString()).isGreaterThanOrEqualTo(before);
      before = row.path("closes").asString();
      for (JsonNode termination : row.path("terminations")) {
        boolean impossible = termination.path("answer").hasNonNull("impossible");
        assertThat(termination.path("chances"))
            .hasSize(impossible ? 0 : sheet.path("days").asInt());
        for (JsonNode chance : termination.path("chances")) {
          assertThat(chance.asInt()).isBetween(0, 100);
        }
        strips++;
      }
    }
    assertThat(strips).isGreaterThan(40);
  }

  @Test
  void aWayIsChangedForOneAndRefusedForAnother() {
    JsonNode plain = row(false, 2);
    JsonNode organic = row(true, 0);
    String other =
        plain.path("termination").asString().equals("PLANT_GREEN") ? "EARLY_SPRAY" : "PLANT_GREEN";
    JsonNode told =
        guest
            .put(
                "/api/v1/termination/chosen",
                Map.of(
                    "termination",
                    other,
                    "fields",
                    List.of(
                        Map.of(
                            "fieldId",
                            plain.path("fieldId").asString(),
                            "version",
                            plain.path("version").asInt()),
                        Map.of(
                            "fieldId",
                            organic.path("fieldId").asString(),
                            "version",
                            organic.path("version").asInt()))))
            .json();
    assertThat(told.get(0).hasNonNull("refused")).isFalse();
    assertThat(told.get(1).path("refused").asString()).contains("organic");
    JsonNode after =
        StreamSupport.stream(
                guest.get("/api/v1/termination").json().path("rows").spliterator(), false)
            .filter(r -> r.path("fieldId").equals(plain.path("fieldId")))
            .findFirst()
            .orElseThrow();
    assertThat(after.path("termination").asString()).isEqualTo(other);
    Map<String, Object> stale =
        Map.of(
            "termination",
            "ROLL",
            "fields",
            List.of(Map.of("fieldId", plain.path("fieldId").asString(), "version", 0)));
    assertThat(guest.put("/api/v1/termination/chosen", stale).json().get(0).hasNonNull("refused"))
        .isTrue();
  }

  @Test
  void aTradeOffAddsUpAndFollowsItsKnobs() {
    String worth = "/api/v1/termination/" + row(false, 4).path("fieldId").asString() + "/worth";
    JsonNode usual = guest.get(worth).json();
    double before = Double.MAX_VALUE;
    for (JsonNode way : usual.path("ways")) {
      JsonNode best = way.path("best");
      assertThat(best.path("net").asDouble()).isLessThanOrEqualTo(before);
      before = best.path("net").asDouble();
      double sum = 0;
      for (JsonNode part : best.path("parts")) {
        sum += part.asDouble();
      }
      assertThat(sum).isCloseTo(best.path("net").asDouble(), within(.5));
      assertThat(best.path("low").asDouble()).isLessThanOrEqualTo(best.path("high").asDouble());
    }
    assertThat(before).isLessThan(Double.MAX_VALUE);
    JsonNode heavy = guest.get(worth + "?weeds=HEAVY").json();
    assertThat(heavy.path("weeds").asString()).isEqualTo("HEAVY");
    assertThat(weeds(heavy)).isGreaterThan(weeds(usual));
    JsonNode dear = guest.get(worth + "?grain=2").json();
    assertThat(dear.path("price").asDouble())
        .isCloseTo(2 * usual.path("price").asDouble(), within(.001));
    assertThat(guest.get(worth + "?grain=9").text()).contains("price of grain");
    JsonNode organic =
        guest
            .get("/api/v1/termination/" + row(true, 0).path("fieldId").asString() + "/worth")
            .json();
    assertThat(organic.path("ways").toString()).doesNotContain("SPRAY").contains("ROLLED");
  }

  private static double weeds(JsonNode worth) {
    return worth.path("ways").get(0).path("best").path("parts").path("weeds").asDouble();
  }

  @Test
  void aSprayIsPlannedByTheLabelAndNeverOnOrganicGround() {
    java.util.UUID glyphosate = java.util.UUID.randomUUID();
    java.util.UUID dicamba = java.util.UUID.randomUUID();
    guest.post(
        "/api/v1/sprays/products",
        Map.of(
            "id",
            glyphosate,
            "name",
            "Green end",
            "active",
            "glyphosate",
            "kind",
            "SYSTEMIC",
            "poundsPerGallon",
            3.75,
            "bufferFt",
            33));
    guest.post(
        "/api/v1/sprays/products",
        Map.of(
            "id",
            dicamba,
            "name",
            "Broad",
            "active",
            "dicamba",
            "kind",
            "GROWTH_REGULATOR",
            "poundsPerGallon",
            4,
            "plantBackCorn",
            200,
            "plantBackSoybeans",
            200));
    JsonNode field = row(false, 3);
    String path = "/api/v1/sprays/fields/" + field.path("fieldId").asString();
    JsonNode plan = guest.get(path + "?product=" + glyphosate + "&carrier=20").json();
    JsonNode tank = plan.path("tank");
    double sprayed = plan.path("sprayed").asDouble();
    assertThat(sprayed).isLessThanOrEqualTo(plan.path("acres").asDouble() + .01);
    assertThat(tank.path("productGallons").asDouble() * 3.75)
        .isCloseTo(plan.path("poundsAe").asDouble() * sprayed, within(.01));
    assertThat(plan.path("asks").toString()).contains("rain-free hours");
    assertThat(plan.path("forbids")).isEmpty();
    JsonNode both =
        guest.get(path + "?product=" + glyphosate + "&partner=" + dicamba + "&carrier=20").json();
    assertThat(both.path("forbids").toString()).contains("dicamba").contains("200 days");
    assertThat(guest.get(path + "?product=" + glyphosate + "&carrier=500").text())
        .contains("spray is 1–60");
    String organic = row(true, 0).path("fieldId").asString();
    Caller.Answer refused =
        guest.get("/api/v1/sprays/fields/" + organic + "?product=" + glyphosate);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("organic");
    Map<String, Object> twice =
        Map.of(
            "id",
            java.util.UUID.randomUUID(),
            "name",
            "Green end",
            "active",
            "x",
            "kind",
            "CONTACT");
    assertThat(guest.post("/api/v1/sprays/products", twice).text()).contains("another product");
    Map<String, Object> heavy =
        Map.of(
            "id",
            java.util.UUID.randomUUID(),
            "name",
            "Heavy",
            "active",
            "x",
            "kind",
            "CONTACT",
            "poundsPerGallon",
            40);
    assertThat(guest.post("/api/v1/sprays/products", heavy).text()).contains("acid equivalent");
  }
}
