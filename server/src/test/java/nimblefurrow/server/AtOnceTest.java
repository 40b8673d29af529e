package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The same thing sent several times at once, and changes made on what is no longer so. */
@ExtendWith(RunningServer.class)
class AtOnceTest {
  private static final int TIMES = 8;
  private static final ExecutorService POOL = Executors.newFixedThreadPool(TIMES);
  private Caller farm;
  private String field;

  @BeforeEach
  void aField() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Raced");
  }

  @AfterAll
  static void done() {
    POOL.shutdown();
  }

  private static List<Caller.Answer> atOnce(IntFunction<Supplier<Caller.Answer>> calls) {
    List<CompletableFuture<Caller.Answer>> sent = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      sent.add(CompletableFuture.supplyAsync(calls.apply(i), POOL));
    }
    return sent.stream().map(CompletableFuture::join).toList();
  }

  private static long with(List<Caller.Answer> answers, int status) {
    return answers.stream().filter(a -> a.status() == status).count();
  }

  @Test
  void anEntrySentManyTimesIsKeptOnceAndAnsweredAlike() {
    Map<String, Object> entry =
        Map.of(
            "id",
            UUID.randomUUID(),
            "fieldId",
            field,
            "kind",
            "HARVESTED",
            "on",
            RunningServer.TODAY,
            "yieldPerAcre",
            58);
    List<Caller.Answer> answers = atOnce(i -> () -> farm.post("/api/v1/log", entry));
    assertThat(answers).allSatisfy(a -> assertThat(a.status()).as(a.text()).isEqualTo(200));
    assertThat(answers.stream().map(Caller.Answer::text).distinct()).hasSize(1);
    assertThat(farm.get("/api/v1/log").json()).hasSize(1);
    Map<String, Object> other = new HashMap<>(entry);
    other.put("kind", "CROP_STAGE");
    other.put("stage", "LEAF_DROP");
    assertThat(farm.post("/api/v1/log", other).status()).isEqualTo(409);
  }

  @Test
  void aCropIsHarvestedOnce() {
    List<Caller.Answer> answers =
        atOnce(
            i ->
                () ->
                    farm.post(
                        "/api/v1/log",
                        Map.of("fieldId", field, "kind", "HARVESTED", "on", RunningServer.TODAY)));
    assertThat(with(answers, 200)).isEqualTo(1);
    assertThat(with(answers, 400)).isEqualTo(TIMES - 1);
    assertThat(farm.get("/api/v1/log").json()).hasSize(1);
  }

  @Test
  void theFirstCoverIsPlannedOnce() {
    List<Caller.Answer> answers =
        atOnce(
            i ->
                () ->
                    farm.put(
                        "/api/v1/cover/" + field,
                        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1))));
    assertThat(with(answers, 200)).isEqualTo(1);
    assertThat(with(answers, 409)).isEqualTo(TIMES - 1);
    assertThat(
            farm.get("/api/v1/fields/" + field)
                .json()
                .path("chain")
                .valueStream()
                .filter(l -> l.path("kind").asString().equals("COVER")))
        .hasSize(1);
  }

  @Test
  void pricesFiguresMixesNamesAndMailsRaceReadably() {
    farm.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    String mail = UUID.randomUUID() + "@test.example";
    List<List<Caller.Answer>> races =
        List.of(
            atOnce(
                i ->
                    () ->
                        farm.put(
                            "/api/v1/order/prices",
                            Map.of("species", "cereal-rye", "packLb", 50, "pricePerLb", 0.3))),
            atOnce(
                i ->
                    () ->
                        farm.put(
                            "/api/v1/figures",
                            Map.of(
                                "sheet",
                                "species",
                                "row",
                                "oats",
                                "column",
                                "price_per_lb",
                                "value",
                                0.3))),
            atOnce(
                i ->
                    () ->
                        farm.post(
                            "/api/v1/mixes",
                            Map.of(
                                "name",
                                "House mix",
                                "members",
                                List.of(Map.of("species", "oats", "share", 1))))),
            atOnce(
                i ->
                    () ->
                        farm.upload(
                            "/api/v1/exchange/fields?save=true",
                            "f.geojson",
                            TestFarm.ONE_FIELD.formatted("Twin").getBytes())),
            atOnce(
                i ->
                    () -> {
                      Caller person = farm.stranger();
                      person.get("/api/v1/session");
                      return person.post(
                          "/api/v1/farms",
                          Map.of(
                              "farm",
                              "F",
                              "latitude",
                              40,
                              "longitude",
                              -97,
                              "name",
                              "N",
                              "email",
                              mail,
                              "password",
                              "long enough words"));
                    }));
    assertThat(races)
        .allSatisfy(
            race ->
                assertThat(race)
                    .allSatisfy(a -> assertThat(a.status()).as(a.text()).isIn(200, 409)))
        .allSatisfy(race -> assertThat(with(race, 200)).isPositive());
    assertThat(with(races.get(4), 200)).as("one e-mail may start several farms").isGreaterThan(1);
    long twins =
        farm.get("/api/v1/fields")
            .json()
            .valueStream()
            .filter(f -> f.path("field").path("name").asString().equals("Twin"))
            .count();
    assertThat(twins).isEqualTo(1);
  }

  /** Two people with the same page open: the second is told. */
  @Test
  void aChangeOfWhatWasChangedMeanwhileIsToldNotMade() {
    String drill = SeedingFarm.drill(farm);
    int version = SeedingFarm.version(farm, drill);
    Map<String, Object> rig =
        new HashMap<>(
            Map.of(
                "name",
                "Mine",
                "kind",
                "DRILL",
                "acresPerHour",
                6,
                "hired",
                false,
                "costPerAcre",
                15));
    rig.put("version", version);
    assertThat(farm.put("/api/v1/machines/" + drill, rig).status()).isEqualTo(200);
    rig.put("name", "Theirs");
    assertThat(farm.put("/api/v1/machines/" + drill, rig).status()).isEqualTo(409);
    assertThat(
            farm.put(
                    "/api/v1/machines/" + drill + "/setup?version=" + version,
                    Map.of("widthFt", 20))
                .status())
        .isEqualTo(409);
    SeedingFarm.rye(farm);
    JsonNode lot = farm.get("/api/v1/lots").json().get(0);
    Map<String, Object> form =
        new HashMap<>(
            Map.of(
                "species",
                "cereal-rye",
                "name",
                "Mine",
                "purity",
                98,
                "germination",
                85,
                "pounds",
                900));
    form.put("version", lot.path("version").asInt());
    String lots = "/api/v1/lots/" + lot.path("id").asString();
    assertThat(farm.put(lots, form).status()).isEqualTo(200);
    assertThat(farm.put(lots, form).status()).isEqualTo(409);
    assertThat(farm.get("/api/v1/machines").text()).contains("Mine").doesNotContain("Theirs");
  }

  @Test
  void aJobMovedMeanwhileIsNotMovedUnseen() {
    farm.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    SeedingFarm.drill(farm);
    JsonNode job = seed(Plans.board(farm));
    Map<String, Object> move = new HashMap<>();
    move.put("machineId", job.path("place").path("machineId").asString());
    move.put("day", job.path("place").path("days").get(0).path("day").asString());
    move.put("locked", true);
    move.put("acceptLate", true);
    move.put("version", job.path("place").path("version").asLong());
    String at = "/api/v1/dispatch/jobs/" + TestFarm.path(job);
    assertThat(farm.put(at, move).status()).isEqualTo(200);
    Caller.Answer second = farm.put(at, move);
    assertThat(second.status()).isEqualTo(409);
    assertThat(second.text()).contains("moved this job meanwhile");
    assertThat(farm.delete(at + "?version=" + move.get("version")).status()).isEqualTo(409);
    long now = seed(farm.get("/api/v1/dispatch").json()).path("place").path("version").asLong();
    assertThat(farm.delete(at + "?version=" + now).status()).isEqualTo(200);
  }

  private static JsonNode seed(JsonNode board) {
    return board
        .path("jobs")
        .valueStream()
        .filter(j -> j.path("id").path("operation").asString().equals("SEED"))
        .findFirst()
        .orElseThrow();
  }
}
