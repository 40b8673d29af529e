package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import tools.jackson.databind.JsonNode;

/**
 * A database of version 0.2, kept as it was written by it: the demo farm, a farm of its own with
 * figures that were taken then and are refused now, and one north of the soybean calendar.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class UpgradeTest {
  private static final List<String> RECORDS =
      List.of(
          "farm",
          "app_user",
          "field",
          "chain_link",
          "machine",
          "seed_lot",
          "lot_paper",
          "log_entry",
          "calibration",
          "flight_run",
          "herbicide_use",
          "map_mark",
          "named_mix",
          "seed_offer",
          "placement",
          "planning_act",
          "weather_day");
  private static final Map<String, String> BEFORE = new LinkedHashMap<>();
  private static String figuresBefore;
  private static String url;
  private static ConfigurableApplicationContext server;

  @BeforeAll
  static void anOldDatabase() throws SQLException, IOException {
    url = RunningServer.freshDatabase("furrow_upgrade");
    try (InputStream kept = UpgradeTest.class.getResourceAsStream("/kept/0.2.sql.gz");
        Connection connection = connection();
        var statement = connection.createStatement()) {
      statement.execute(
          new String(new GZIPInputStream(kept).readAllBytes(), StandardCharsets.UTF_8));
    }
    try (Connection connection = connection()) {
      BEFORE.putAll(records(connection));
      figuresBefore =
          single(
              connection,
              "select ((select count(*) from public.species_figure) + (select count(*) from"
                  + " public.farm f, jsonb_each(f.way_figures) w, jsonb_each(w.value)))::text");
    }
    server = start();
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static ConfigurableApplicationContext start() {
    return new SpringApplicationBuilder(FurrowServer.class)
        .run(
            "--server.port=0",
            "--spring.datasource.url=" + url,
            "--furrow.demo=true",
            "--furrow.today=2026-11-25");
  }

  private static Connection connection() throws SQLException {
    return DriverManager.getConnection(
        url, System.getenv("FURROW_DB_USER"), System.getenv("FURROW_DB_PASSWORD"));
  }

  /** How many rows each table has, and what stands in those of the logbook. */
  private static Map<String, String> records(Connection connection) throws SQLException {
    Map<String, String> found = new LinkedHashMap<>();
    for (String table : RECORDS) {
      found.put(table, single(connection, "select count(*)::text from public." + table));
    }
    found.put(
        "what was logged",
        single(
            connection,
            "select md5(string_agg(concat_ws('|', id, field_id, link_id, kind, happened_on,"
                + " machine_id, acres, pounds, lot, note, by_name, details), '/' order by id))"
                + " from public.log_entry"));
    found.put(
        "what was planned",
        single(
            connection,
            "select md5(string_agg(concat_ws('|', id, field_id, kind, starts, crop, cover, cut),"
                + " '/' order by id)) from public.chain_link"));
    return found;
  }

  private static String single(Connection connection, String sql) throws SQLException {
    try (var rows = connection.createStatement().executeQuery(sql)) {
      rows.next();
      return rows.getString(1);
    }
  }

  private static Caller caller() {
    return new Caller(
        "http://127.0.0.1:" + server.getBean(Environment.class).getProperty("local.server.port"));
  }

  @Test
  @Order(1)
  void nothingIsLost() throws SQLException {
    try (Connection connection = connection()) {
      assertThat(records(connection)).isEqualTo(BEFORE);
      assertThat(single(connection, "select count(*)::text from public.farm_figure"))
          .as("a farm's own figures")
          .isEqualTo(figuresBefore)
          .isNotEqualTo("0");
      assertThat(Integer.parseInt(BEFORE.get("log_entry"))).isGreaterThan(150);
      assertThat(
              single(
                  connection,
                  "select count(*)::text from (select field_id from public.chain_link"
                      + " group by field_id having max(place) <> count(*) - 1) x"))
          .as("every chain has places without a gap")
          .isEqualTo("0");
    }
  }

  @Test
  @Order(2)
  void theDemoIsThereWithAllItsSheets() {
    Caller wren = caller().planner();
    assertThat(wren.get("/api/v1/season").json().path("lanes")).hasSize(28);
    assertThat(troubled(wren)).isEmpty();
    for (String sheet :
        List.of("/api/v1/dispatch", "/api/v1/order", "/api/v1/log", "/api/v1/fields")) {
      assertThat(wren.get(sheet).status()).as(sheet).isEqualTo(200);
    }
  }

  private static List<String> troubled(Caller caller) {
    List<String> names = new ArrayList<>();
    for (JsonNode lane : caller.get("/api/v1/season").json().path("lanes")) {
      if (lane.path("trouble").asBoolean()) {
        names.add(lane.path("field").asString());
      }
    }
    return names;
  }

  /** Not-a-number as a rate, a driver that is nobody: taken by 0.2, and each speaks for itself. */
  @Test
  @Order(3)
  void anOwnFarmIsThereAndItsBadFieldSpeaksForItself() {
    Caller ada = caller().signIn("ada@alderflat.example", "a long enough one");
    assertThat(ada.get("/api/v1/season").json().path("lanes")).hasSize(7);
    assertThat(troubled(ada)).containsExactly("Slate Eighty");
    assertThat(ada.get("/api/v1/dispatch").status()).isEqualTo(200);
    JsonNode order = ada.get("/api/v1/order").json();
    assertThat(order.path("missing").toString()).contains("Slate Eighty");
    assertThat(order.path("lines")).isNotEmpty();
    JsonNode log = ada.get("/api/v1/log").json();
    assertThat(log).hasSize(9);
    assertThat(log.toString()).contains("ruts at the north gate");
    JsonNode flight = ada.get("/api/v1/flight/runs").json().get(0);
    assertThat(flight.path("field").asString()).isEqualTo("Sparrow Hill");
    assertThat(ada.get("/api/v1/mixes").text()).contains("House mix");
    assertThat(ada.get("/api/v1/figures").text()).contains("62.0");
    Caller nils = caller().signIn("nils@tamarack.example", "another long one");
    assertThat(troubled(nils)).hasSize(1);
  }

  @Test
  @Order(9)
  void aNewerDatabaseIsRefusedAndLeftAsItIs() throws SQLException {
    try (Connection connection = connection();
        var statement = connection.createStatement()) {
      statement.execute(
          "insert into public.flyway_schema_history (installed_rank, version, description, type,"
              + " script, checksum, installed_by, execution_time, success)"
              + " values (99, '99', 'of tomorrow', 'SQL', 'V99__of_tomorrow.sql', 1, 'x', 1, true)");
    }
    assertThatThrownBy(UpgradeTest::start)
        .rootCause()
        .hasMessageContaining("made by a newer Nimble Furrow")
        .hasMessageContaining("Nothing was changed");
  }
}
