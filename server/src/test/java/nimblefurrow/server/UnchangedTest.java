package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import nimblefurrow.server.demo.DemoFarm;
import nimblefurrow.server.unchanged.Unchanged;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** What is kept of a farm is told as long as nothing of it has changed, and not a moment longer. */
@ExtendWith(RunningServer.class)
class UnchangedTest {
  private static final AtomicInteger FARMS = new AtomicInteger();

  /** What no answer that is kept hangs on. */
  private static final Set<String> BESIDE =
      Set.of(
          "app_user",
          "crew_link",
          "farm_stamp",
          "feed",
          "flight_run",
          "help_run",
          "land_act",
          "log_photo",
          "lot_paper",
          "morning",
          "plan_offer",
          "plan_run",
          "plan_version",
          "planning_act",
          "published_day",
          "weather_day");

  private Caller planner;
  private UUID farm;
  private Unchanged unchanged;
  private JdbcClient sql;

  @BeforeEach
  void aFarm() {
    String mail = "stamp" + FARMS.incrementAndGet() + "@stamp.example";
    farm = RunningServer.bean(DemoFarm.class).build("Stamp Farm", mail, "op" + mail, 3);
    planner = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    unchanged = RunningServer.bean(Unchanged.class);
    sql = RunningServer.bean(JdbcClient.class);
  }

  /** A table that somebody adds is watched, or said not to be. */
  @Test
  void everyTableOfAFarmIsWatchedOrStandsBeside() {
    Set<String> tables =
        new TreeSet<>(
            sql.sql(
                    "select table_name from information_schema.columns"
                        + " where table_schema = 'public' and column_name = 'farm_id'")
                .query(String.class)
                .list());
    Set<String> watched =
        new TreeSet<>(
            sql.sql(
                    "select event_object_table from information_schema.triggers where trigger_name like '%_changed'")
                .query(String.class)
                .list());
    assertThat(watched).contains("farm", "kill_date_field", "log_entry", "placement");
    tables.removeAll(watched);
    assertThat(tables).isEqualTo(new TreeSet<>(BESIDE));
  }

  @Test
  void anAnswerIsWorkedOutOnceUntilSomethingChanges() {
    AtomicInteger worked = new AtomicInteger();
    int first = asked(worked);
    assertThat(asked(worked)).isEqualTo(first);
    sql.sql("update machine set name = name || '.' where farm_id = ?").param(farm).update();
    assertThat(asked(worked)).as("another server's change counts too").isEqualTo(first + 1);
    assertThat(asked(worked)).isEqualTo(first + 1);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-02"));
    assertThat(asked(worked)).as("another day").isEqualTo(first + 2);
  }

  private int asked(AtomicInteger worked) {
    return unchanged.<Integer>of(farm, "count", n -> 1, f -> worked.incrementAndGet());
  }

  /** What is not committed is told to the one who does it, and kept for nobody. */
  @Test
  void withinAChangeNothingIsKept() {
    AtomicInteger worked = new AtomicInteger();
    int before = asked(worked);
    String stands = unchanged.stands(farm);
    RunningServer.bean(TransactionTemplate.class)
        .executeWithoutResult(
            status -> {
              sql.sql("update machine set name = name || '.' where farm_id = ?")
                  .param(farm)
                  .update();
              assertThat(asked(worked)).isEqualTo(before + 1);
              status.setRollbackOnly();
            });
    assertThat(asked(worked)).as("taken back: the old answer holds").isEqualTo(before);
    assertThat(unchanged.stands(farm)).isEqualTo(stands);
  }

  @Test
  void aRefusalIsNotKept() {
    AtomicInteger worked = new AtomicInteger();
    for (int i = 1; i <= 2; i++) {
      try {
        unchanged.<Integer>of(
            farm,
            "refused",
            n -> 1,
            f -> {
              worked.incrementAndGet();
              throw new IllegalArgumentException("no");
            });
      } catch (IllegalArgumentException refused) {
        assertThat(refused).hasMessage("no");
      }
      assertThat(worked.get()).isEqualTo(i);
    }
  }

  /** Views told from memory say what they said when it was empty, after each kind of change. */
  @Test
  void viewsFollowEveryChange() {
    List<String> views =
        List.of(
            "/api/v1/season", "/api/v1/dispatch", "/api/v1/dispatch/risk", "/api/v1/termination");
    String field = planner.get("/api/v1/fields").json().get(0).path("field").path("id").asString();
    JsonNode board = Plans.board(planner);
    assertThat(planner.get("/api/v1/season").text())
        .isEqualTo(planner.get("/api/v1/season").text());
    String before = told(views);
    planner.post(
        "/api/v1/log",
        Map.of(
            "fieldId", field, "kind", "CROP_STAGE", "stage", "FIRST_YELLOW", "on", "2026-09-20"));
    String logged = told(views);
    assertThat(logged).isNotEqualTo(before);
    JsonNode placed = null;
    for (JsonNode job : board.path("jobs")) {
      placed = job.has("place") ? job : placed;
    }
    assertThat(placed).isNotNull();
    planner.delete(
        "/api/v1/dispatch/jobs/%s/%s?version=%s"
            .formatted(
                placed.path("id").path("cover").asString(),
                placed.path("id").path("operation").asString(),
                placed.path("place").path("version").asString()));
    assertThat(told(views)).isNotEqualTo(logged);
  }

  private String told(List<String> views) {
    StringBuilder all = new StringBuilder();
    views.forEach(v -> all.append(planner.get(v).text()));
    return all.toString();
  }
}
