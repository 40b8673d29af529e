package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import nimblefurrow.server.demo.DemoFarm;
import nimblefurrow.server.placement.Placements;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/**
 * Whoever changes what another has changed meanwhile is told so; who does something else goes on.
 */
@ExtendWith(RunningServer.class)
class VersionsTest {
  private Caller farm;

  @BeforeEach
  void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
  }

  private void twice(String path, Map<String, Object> first, Map<String, Object> second) {
    Caller.Answer kept = farm.put(path, first);
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    Caller.Answer late = farm.put(path, second);
    assertThat(late.status()).as("%s: %s", path, late.text()).isEqualTo(409);
    assertThat(late.text()).contains("someone else has changed this meanwhile");
  }

  @Test
  void settingsOfTheFarm() {
    int seen = farm.get("/api/v1/farm").json().path("version").asInt();
    twice(
        "/api/v1/farm/name",
        Map.of("name", "One", "version", seen),
        Map.of("name", "Two", "version", seen));
    seen = farm.get("/api/v1/farm").json().path("version").asInt();
    twice(
        "/api/v1/farm/units",
        Map.of("units", "METRIC", "version", seen),
        Map.of("units", "US", "version", seen));
    JsonNode now = farm.get("/api/v1/farm").json();
    Map<String, Object> rules = new HashMap<>();
    for (String one : List.of("overCorn", "overBeans", "rolling")) {
      rules.put(one, now.path(one).asString());
    }
    rules.put("version", now.path("version").asInt());
    rules.put("weedClass", "SMALL_SEEDED");
    twice("/api/v1/farm/rules", rules, rules);
    assertThat(farm.get("/api/v1/farm").json().path("weedClass").asString())
        .isEqualTo("SMALL_SEEDED");
    assertThat(farm.get("/api/v1/farm").json().path("name").asString()).isEqualTo("One");
  }

  @Test
  void figuresAndPrices() {
    JsonNode figure = farm.get("/api/v1/figures").json().get(0).path("figures").get(0);
    Map<String, Object> change = new HashMap<>();
    for (String one : List.of("sheet", "row", "column")) {
      change.put(one, figure.path(one).asString());
    }
    double was = figure.path("value").asDouble();
    change.put("was", was);
    change.put("value", was * 1.01);
    twice("/api/v1/figures", change, change);
    for (String one : List.of("sheet", "row", "column")) {
      Map<String, Object> none = new HashMap<>(change);
      none.put(one, "Élan");
      Caller.Answer refused = farm.put("/api/v1/figures", none);
      assertThat(refused.status()).as(one).isEqualTo(400);
      assertThat(refused.text()).contains("figure is one of the catalogue");
    }
    String field = TestFarm.field(farm, "Priced");
    farm.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "ROLL", "cereal-rye", 1)));
    Map<String, Object> price =
        new HashMap<>(Map.of("species", "cereal-rye", "packLb", 50, "pricePerLb", 0.31));
    Caller.Answer kept = farm.put("/api/v1/order/prices", price);
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    price.put("was", 0.31);
    price.put("pricePerLb", 0.33);
    twice("/api/v1/order/prices", price, price);
  }

  @Test
  void marksDatesBoundariesAndLeftOutFields() {
    String field = TestFarm.field(farm, "Edge");
    Map<String, Object> mark =
        new HashMap<>(
            Map.of("kind", "HOUSE", "shape", "{\"type\":\"Point\",\"coordinates\":[-97,40]}"));
    JsonNode drawn = farm.post("/api/v1/marks", mark).json();
    mark.put("version", drawn.path("version").asInt());
    mark.put("name", "Well house");
    twice("/api/v1/marks/" + drawn.path("id").asString(), mark, mark);
    String date = "/api/v1/termination-dates/" + UUID.randomUUID();
    Map<String, Object> day =
        new HashMap<>(
            Map.of(
                "name", "insurer", "kind", "DEAD_BY", "on", "2027-06-10", "fieldIds", List.of()));
    JsonNode set = farm.put(date, day).json();
    day.put("version", set.get(0).path("version").asInt());
    twice(date, day, day);
    int seen = farm.get("/api/v1/fields/" + field).json().path("field").path("version").asInt();
    Map<String, Object> out = Map.of("season", 2026, "reason", "rented out", "version", seen);
    twice("/api/v1/fields/" + field + "/left-out", out, out);
    JsonNode now = farm.get("/api/v1/fields/" + field).json().path("field");
    Map<String, Object> shape =
        Map.of(
            "shape",
            "{\"type\":\"Polygon\",\"coordinates\":[[[-97.01,40],[-97,40],[-97,40.006],[-97.01,40.006],[-97.01,40]]]}",
            "version",
            now.path("version").asInt());
    twice("/api/v1/land/" + field + "/boundary", shape, shape);
  }

  /**
   * While one places jobs, another logs, brings machines and seed: nobody waits for the farm's row.
   */
  @Test
  void placingHoldsUpNobodyElse() throws Exception {
    String mail = "race@versions.example";
    UUID id = RunningServer.bean(DemoFarm.class).build("Race Farm", mail, "op" + mail, 3);
    TransactionTemplate transaction = RunningServer.bean(TransactionTemplate.class);
    Placements placements = RunningServer.bean(Placements.class);
    JdbcTemplate sql = new JdbcTemplate(RunningServer.bean(DataSource.class));
    ExecutorService other = Executors.newSingleThreadExecutor();
    try {
      transaction.executeWithoutResult(
          status -> {
            placements.change(id, "nothing", List.of(), List.of());
            Future<Integer> insert =
                other.submit(
                    (Callable<Integer>)
                        () ->
                            sql.update(
                                "insert into seed_offer (id, farm_id, species, dealer, pack_pounds, price_per_pound)"
                                    + " values (?, ?, 'none such', '', 50, 0.2)",
                                UUID.randomUUID(),
                                id));
            try {
              assertThat(insert.get(60, TimeUnit.SECONDS))
                  .as("kept while placements are held")
                  .isEqualTo(1);
            } catch (Exception held) {
              throw new AssertionError("an insert waits for whoever places jobs", held);
            }
          });
    } finally {
      other.shutdownNow();
    }
  }
}
