package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * A database that dies, fills up or goes away in the middle: told so, and nothing is kept twice.
 */
class DatabaseTroubleTest {
  private static ConfigurableApplicationContext server;
  private static JdbcTemplate sql;
  private static Caller farm;
  private static String field;

  @BeforeAll
  static void aServerOfItsOwn() {
    server =
        new SpringApplicationBuilder(FurrowServer.class)
            .run(
                "--server.port=0",
                "--furrow.demo=false",
                "--furrow.free-farms=1000",
                "--spring.datasource.url=" + RunningServer.freshDatabase("furrow_upgrade"));
    sql = new JdbcTemplate(server.getBean(DataSource.class));
    farm =
        new Caller(
                "http://127.0.0.1:"
                    + server.getBean(Environment.class).getProperty("local.server.port"))
            .ownFarm();
    field = TestFarm.field(farm, "Trouble");
  }

  @AfterAll
  static void closed() {
    server.close();
  }

  @AfterEach
  void quiet() {
    sql.execute("drop trigger if exists trouble on log_entry");
    sql.execute("drop function if exists trouble()");
  }

  /** Does something whenever an entry is kept, at once or when it is committed. */
  private static void whenKept(boolean atCommit, String does) {
    sql.execute(
        "create function trouble() returns trigger language plpgsql as $$ begin "
            + does
            + "; return null; end $$");
    sql.execute(
        "create constraint trigger trouble after insert on log_entry deferrable initially "
            + (atCommit ? "deferred" : "immediate")
            + " for each row execute function trouble()");
  }

  private static Map<String, Object> entry(UUID id) {
    return Map.of(
        "id", id, "fieldId", field, "kind", "CROP_STAGE", "stage", "FIRST_YELLOW", "on", today());
  }

  private static String today() {
    return farm.get("/api/v1/session").json().path("today").asString();
  }

  private static int kept(UUID id) {
    return sql.queryForObject("select count(*) from log_entry where id = ?", Integer.class, id);
  }

  @Test
  void aConnectionThatDiesInTheMiddleIsNoFaultOfOurs() {
    whenKept(false, "perform pg_terminate_backend(pg_backend_pid())");
    UUID id = UUID.randomUUID();
    Caller.Answer answer = farm.post("/api/v1/log", entry(id));
    assertThat(answer.status()).as(answer.text()).isEqualTo(503);
    assertThat(answer.json().has("unknown")).isFalse();
    assertThat(answer.text()).contains("nothing was saved");
    assertThat(kept(id)).isZero();
  }

  /** It dies while it keeps: nobody knows; sent again under its name it is kept once. */
  @Test
  void afterAFailedCommitItIsSaidToBeUnknown() {
    whenKept(true, "perform pg_terminate_backend(pg_backend_pid())");
    UUID id = UUID.randomUUID();
    Caller.Answer answer = farm.post("/api/v1/log", entry(id));
    assertThat(answer.status()).as(answer.text()).isEqualTo(503);
    assertThat(answer.json().path("unknown").asBoolean()).isTrue();
    assertThat(answer.text()).contains("whether this was kept").doesNotContain("nothing was saved");
    quiet();
    for (int again = 0; again < 2; again++) {
      assertThat(farm.post("/api/v1/log", entry(id)).status()).isEqualTo(200);
    }
    assertThat(kept(id)).isEqualTo(1);
  }

  @Test
  void aFullDiskIsCalledByItsName() {
    whenKept(false, "raise exception 'could not extend file' using errcode = '53100'");
    Caller.Answer answer = farm.post("/api/v1/log", entry(UUID.randomUUID()));
    assertThat(answer.status()).as(answer.text()).isEqualTo(507);
    assertThat(answer.text()).contains("disk is full");
  }

  /**
   * Connections are cut again and again while people read and write: told, never a fault of ours.
   */
  @Test
  void cutConnectionsAreToldAsSuch() throws Exception {
    AtomicBoolean over = new AtomicBoolean();
    Thread cuts =
        new Thread(
            () -> {
              while (!over.get()) {
                try {
                  sql.queryForList(
                      "select pg_terminate_backend(pid) from pg_stat_activity where datname ="
                          + " current_database() and pid <> pg_backend_pid()");
                } catch (RuntimeException cutItself) {
                  // The one that cuts may be cut by its own session's end: it goes on.
                }
              }
            });
    cuts.start();
    int troubled = 0;
    try {
      for (int i = 0; i < 60; i++) {
        Caller.Answer read = farm.get(i % 2 == 0 ? "/api/v1/session" : "/api/v1/fields");
        Caller.Answer written = farm.put("/api/v1/farm/name", Map.of("name", "Farm " + i));
        for (Caller.Answer answer : new Caller.Answer[] {read, written}) {
          assertThat(answer.status()).as(answer.text()).isIn(200, 401, 503);
          troubled += answer.status() == 503 ? 1 : 0;
        }
      }
    } finally {
      over.set(true);
      cuts.join();
    }
    assertThat(troubled).as("some were cut").isPositive();
    // What the last cut left in the pool goes with the request that meets it; never more than that.
    int pool = server.getBean(DataSource.class).unwrap(HikariDataSource.class).getMaximumPoolSize();
    int met = 0;
    while (farm.get("/api/v1/fields").status() != 200) {
      met++;
      assertThat(met).as("dead connections met, of a pool of " + pool).isLessThanOrEqualTo(pool);
    }
    assertThat(farm.get("/api/v1/fields").status()).as("and then all is well").isEqualTo(200);
  }
}
