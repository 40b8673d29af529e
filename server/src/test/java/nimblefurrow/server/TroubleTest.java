package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** One bad field never takes a sheet down, and what cannot be answered is not saved. */
@ExtendWith(RunningServer.class)
class TroubleTest {
  private Caller farm;
  private String good;
  private String bad;

  @BeforeEach
  void twoFields() {
    farm = new Caller(RunningServer.address()).ownFarm();
    good = TestFarm.field(farm, "Good");
    bad = TestFarm.field(farm, "Bad");
    for (String field : List.of(good, bad)) {
      Caller.Answer kept =
          farm.put(
              "/api/v1/cover/" + field,
              Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
      assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    }
    SeedingFarm.drill(farm);
  }

  private void keep(String cover) {
    int changed =
        RunningServer.bean(JdbcClient.class)
            .sql(
                "update chain_link set cover = ?::jsonb where field_id = ?::uuid and kind = 'COVER'")
            .params(cover, bad)
            .update();
    assertThat(changed).isEqualTo(1);
  }

  private static String cover(String member, String more) {
    return "{\"goal\":\"KEEP_NITROGEN\",\"route\":\"EARLY_SPRAY\",\"way\":\"DRILL\",\"members\":[{"
        + member
        + "}]"
        + more
        + "}";
  }

  /** The same as a page asks for it; a row keeps the method of termination under its old name. */
  private static String asked(String member) {
    return cover(member, "").replace("\"route\"", "\"termination\"");
  }

  /** Rows as an older version could have written them. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "\"species\":\"cereal-rye\",\"share\":1.0,\"typedRate\":-1.0",
        "\"species\":\"cereal-rye\",\"share\":1.0,\"typedRate\":\"NaN\"",
        "\"species\":\"cereal-rye\",\"share\":1.0,\"typedRate\":1e308",
        "\"species\":\"cereal-rye\",\"share\":0.0",
        "\"species\":\"no-such-species\",\"share\":1.0",
        "PLANNED"
      })
  void aBadCoverSpeaksForItselfAlone(String member) {
    keep(
        member.equals("PLANNED")
            ? cover("\"species\":\"cereal-rye\",\"share\":1.0", ",\"planned\":\"2400-01-01\"")
            : cover(member, ""));
    JsonNode lanes = farm.get("/api/v1/season").json().path("lanes");
    assertThat(lanes).hasSize(2);
    assertThat(lane(lanes, "Bad").path("trouble").asBoolean()).isTrue();
    assertThat(lane(lanes, "Bad").path("answer").asString()).startsWith("cannot be worked out: ");
    assertThat(lane(lanes, "Good").path("trouble").asBoolean()).isFalse();
    JsonNode board = farm.get("/api/v1/dispatch").json();
    assertThat(board.path("troubles")).hasSize(1);
    assertThat(board.path("jobs").toString()).contains("Good").doesNotContain("\"Bad\"");
    JsonNode order = farm.get("/api/v1/order").json();
    assertThat(order.path("missing").get(0).path("field").asString()).isEqualTo("Bad");
    assertThat(order.path("lines").get(0).path("fields")).hasSize(1);
    assertThat(farm.get("/api/v1/dispatch/sheet?day=2026-10-01").status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/season/" + good).status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/season/" + bad).json().path("trouble").asString()).isNotBlank();
    JsonNode kept = farm.get("/api/v1/cover/" + bad).json();
    assertThat(kept.path("trouble").asString()).isNotBlank();
    Caller.Answer mended =
        farm.put(
            "/api/v1/cover/" + bad,
            Map.of(
                "cover",
                TestFarm.cover("DRILL", "EARLY_SPRAY", "oats", 1),
                "version",
                kept.path("version").asInt()));
    assertThat(mended.status()).as(mended.text()).isEqualTo(200);
    assertThat(
            lane(farm.get("/api/v1/season").json().path("lanes"), "Bad")
                .path("trouble")
                .asBoolean())
        .isFalse();
  }

  private static JsonNode lane(JsonNode lanes, String field) {
    for (JsonNode lane : lanes) {
      if (lane.path("field").asString().equals(field)) {
        return lane;
      }
    }
    throw new AssertionError("no lane " + field);
  }

  @ParameterizedTest
  @CsvSource({
    "typedRate,-1,rate of Cereal rye is 0–1000",
    "typedRate,1e308,rate of Cereal rye is 0–1000",
    "typedRate,NaN,typed rate is a number",
    "typedRate,Infinity,typed rate is a number",
    "share,0,share of a full rate of Cereal rye is more than 0",
    "share,-1,share of a full rate of Cereal rye is more than 0"
  })
  void aFigureThatCannotBeIsNeitherTriedNorKept(String figure, String value, String says) {
    String member =
        figure.equals("share")
            ? "\"species\":\"cereal-rye\",\"share\":" + value
            : "\"species\":\"cereal-rye\",\"share\":1,\"typedRate\":"
                + (value.matches("[-0-9e]+") ? value : "\"" + value + "\"");
    int version = farm.get("/api/v1/cover/" + good).json().path("version").asInt();
    String body = "{\"version\":" + version + ",\"cover\":" + asked(member) + "}";
    Caller.Answer kept = farm.put("/api/v1/cover/" + good, body);
    assertThat(kept.status()).isEqualTo(400);
    assertThat(kept.text()).contains(says);
    Caller.Answer tried =
        farm.post(
            "/api/v1/cover/try",
            "{\"fieldId\":\"" + good + "\",\"candidate\":" + asked(member) + "}");
    assertThat(tried.status()).isEqualTo(400);
    JsonNode still = farm.get("/api/v1/cover/" + good).json();
    assertThat(still.path("version").asInt()).isEqualTo(version);
    assertThat(still.path("cover").path("members").get(0).path("species").asString())
        .isEqualTo("cereal-rye");
  }

  /** A species without some stage is answered with "no figure", by every route. */
  @ParameterizedTest
  @CsvSource({
    "alfalfa,EARLY_SPRAY",
    "alfalfa,ROLL",
    "winter-camelina,ROLL",
    "winter-camelina,PLANT_GREEN"
  })
  void aSpeciesWithoutSomeFigureIsNoError(String species, String termination) {
    int version = farm.get("/api/v1/cover/" + good).json().path("version").asInt();
    Map<String, Object> cover = TestFarm.cover("DRILL", termination, species, 1);
    assertThat(farm.post("/api/v1/cover/try", Map.of("fieldId", good, "candidate", cover)).status())
        .isEqualTo(200);
    assertThat(
            farm.put("/api/v1/cover/" + good, Map.of("cover", cover, "version", version)).status())
        .isEqualTo(200);
    for (String sheet :
        List.of(
            "/api/v1/season",
            "/api/v1/dispatch",
            "/api/v1/order",
            "/api/v1/loads/methods/" + good)) {
      assertThat(farm.get(sheet).status()).as(sheet).isEqualTo(200);
    }
  }

  @Test
  void soybeansBeyondTheirCalendarWantTheirHarvestDay(Caller north) {
    north.get("/api/v1/session");
    north.post(
        "/api/v1/farms",
        Map.of(
            "farm",
            "North",
            "latitude",
            48.2,
            "longitude",
            -97,
            "name",
            "N",
            "email",
            java.util.UUID.randomUUID() + "@test.example",
            "password",
            "long enough words"));
    north.put("/api/v1/weather/source", Map.of("source", "SIMULATED"));
    String field = TestFarm.field(north, "Northern");
    assertThat(north.get("/api/v1/fields/" + field).json().path("chain"))
        .as("soybeans were refused, corn was not")
        .hasSize(1);
    Caller.Answer refused =
        north.post(
            "/api/v1/fields/" + field + "/crops",
            Map.of("kind", "SOYBEANS", "planted", "2026-05-12", "maturity", 2.0));
    assertThat(refused.text()).contains("37 to 45°N").contains("harvest day");
    Caller.Answer taken =
        north.post(
            "/api/v1/fields/" + field + "/crops",
            Map.of(
                "kind",
                "SOYBEANS",
                "planted",
                "2026-05-12",
                "maturity",
                2.0,
                "harvest",
                "2026-09-25"));
    assertThat(taken.status()).as(taken.text()).isEqualTo(200);
    assertThat(north.get("/api/v1/season").status()).isEqualTo(200);
  }

  /** A field whose crop an older version took, though nothing can be reckoned of it. */
  @Test
  void aBadCropSpeaksForItselfAlone() {
    RunningServer.bean(JdbcClient.class)
        .sql(
            "update chain_link set crop = jsonb_set(crop, '{maturity}', '99') where field_id = ?::uuid and kind = 'CROP'")
        .param(bad)
        .update();
    JsonNode lanes = farm.get("/api/v1/season").json().path("lanes");
    assertThat(lane(lanes, "Bad").path("answer").asString())
        .contains("maturity group (enter the harvest day outside it) is 1.5–4");
    assertThat(lane(lanes, "Good").path("bands")).isNotEmpty();
    assertThat(farm.get("/api/v1/dispatch").status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/order").status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/cover/" + bad).status()).isEqualTo(400);
  }

  /** Lists with gaps, as an older version kept them. */
  @Test
  void aMachineWithGapsInItsListsStillWorks() {
    RunningServer.bean(JdbcClient.class)
        .sql(
            "update machine set setup = setup || '{\"drivers\":[null,\"Ada\"],"
                + "\"bookedDays\":[null]}'::jsonb where farm_id = (select farm_id from field "
                + "where id = ?::uuid)")
        .param(good)
        .update();
    assertThat(farm.get("/api/v1/dispatch").status()).isEqualTo(200);
    Plans.board(farm);
  }

  /** The order fails for want of need, and so the price is not kept. */
  @Test
  void whatCannotBeAnsweredIsNotSaved() {
    Caller bare = new Caller(RunningServer.address()).ownFarm();
    TestFarm.field(bare, "Bare");
    Caller.Answer price =
        bare.put(
            "/api/v1/order/prices", Map.of("species", "oats", "packLb", 50, "pricePerLb", 0.31));
    assertThat(price.status()).as(price.text()).isEqualTo(400);
    assertThat(
            RunningServer.bean(JdbcClient.class)
                .sql(
                    "select count(*) from seed_offer o join field f on f.farm_id = o.farm_id where f.name = 'Bare'")
                .query(Integer.class)
                .single())
        .isZero();
  }
}
