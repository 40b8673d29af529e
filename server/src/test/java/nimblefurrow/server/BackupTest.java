package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/**
 * The farms are copied while they are worked on, put back into an empty place, and answer alike.
 */
@ExtendWith(RunningServer.class)
class BackupTest {
  private static final String HERE = "furrow_server";
  private static final String ELSEWHERE = "furrow_upgrade";
  private Path home;

  private record Said(int code, String text) {}

  @BeforeEach
  void theSuitesOwnDatabase() throws IOException {
    home = Files.createTempDirectory("furrow-backup");
    Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwxr-xr-x"));
    Files.createDirectories(home.resolve("db/data"));
    Files.writeString(home.resolve("db/data/PG_VERSION"), "15");
    String cluster = System.getenv("FURROW_TEST_DB");
    Files.writeString(
        home.resolve("db/port"), URI.create(cluster.substring("jdbc:".length())).getPort() + "\n");
    Files.writeString(home.resolve("db/password"), System.getenv("FURROW_DB_PASSWORD"));
  }

  @AfterEach
  void dropped() throws Exception {
    run(
        HERE,
        "pg psql $db -d postgres -qc 'drop database if exists "
            + ELSEWHERE
            + "_before with (force)'");
  }

  /** The script's own commands, on the cluster that runs for the suite. */
  private Said run(String database, String script) throws Exception {
    Process bash =
        new ProcessBuilder(
                "bash",
                "-c",
                "source ../furrow; HOME_DIR="
                    + home
                    + "; db=$HOME_DIR/db; echo "
                    + database
                    + " >$HOME_DIR/database; install_missing() { :; }; db_home() { echo $HOME_DIR/db; };"
                    + " db_borrow() { :; }; db_start() { :; }; db_stop() { :; }; server_pid() { false; }; set +e; ("
                    + script
                    + ")")
            .redirectErrorStream(true)
            .start();
    String text = new String(bash.getInputStream().readAllBytes());
    assertThat(bash.waitFor(300, TimeUnit.SECONDS)).isTrue();
    return new Said(bash.exitValue(), text);
  }

  @Test
  void farmsAreCopiedAndComeBackAsTheyWere() throws Exception {
    RunningServer.bean(DemoFarm.class)
        .build("Copied Farm", "copied@backup.example", "copiedop@backup.example", 6);
    Caller here =
        new Caller(RunningServer.address()).signIn("copied@backup.example", DemoFarm.PASSWORD);
    here.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    Path copy = home.resolve("farms.backup");
    Said kept = run(HERE, "backup " + copy);
    assertThat(kept.text()).contains("All farms are copied to " + copy, "read back whole");
    assertThat(kept.code()).isZero();
    assertThat(Files.getPosixFilePermissions(copy)).as("nobody else reads it").hasSize(2);
    assertThat(run(HERE, "backup " + copy).text())
        .contains("is there already. Nothing was written");

    RunningServer.freshDatabase(ELSEWHERE);
    Said back = run(ELSEWHERE, "restore --yes " + copy);
    assertThat(back.text())
        .contains("The copy is back: ", "kept aside as " + ELSEWHERE + "_before");
    assertThat(back.code()).isZero();
    try (ConfigurableApplicationContext other =
        new SpringApplicationBuilder(FurrowServer.class)
            .run(
                "--server.port=0",
                "--furrow.demo=false",
                "--furrow.morning-every=24h",
                "--spring.datasource.url=" + System.getenv("FURROW_TEST_DB") + ELSEWHERE)) {
      Caller there =
          new Caller(
                  "http://127.0.0.1:"
                      + other.getBean(Environment.class).getProperty("local.server.port"))
              .signIn("copied@backup.example", DemoFarm.PASSWORD);
      String field = here.get("/api/v1/fields").json().get(0).path("field").path("id").asString();
      String machine = here.get("/api/v1/machines").json().get(0).path("id").asString();
      List<String> all =
          EveryGet.of(
              here,
              Map.of(
                  "fieldId", field, "machineId", machine, "day", "2026-10-01", "on", "2026-10-01"));
      int compared = 0;
      for (String address : all) {
        if (address.startsWith("/api/v1/work-orders")
            || address.endsWith(".pdf")
            || address.contains("/file")
            || address.contains("xlsx")) {
          continue; // papers carry the moment at which they were printed
        }
        assertThat(there.get(address)).as(address).isEqualTo(here.get(address));
        compared++;
      }
      assertThat(compared).isGreaterThan(40);
    }
  }

  @Test
  void whatIsNoCopyOrTooNewChangesNothing() throws Exception {
    Path none = home.resolve("none.backup");
    Files.writeString(none, "no copy at all");
    Said refused = run(ELSEWHERE, "restore --yes " + none);
    assertThat(refused.text())
        .contains("is no copy of Nimble Furrow, or it is damaged. Nothing was changed");
    assertThat(refused.code()).isEqualTo(3);
    Path copy = home.resolve("whole.backup");
    assertThat(run(HERE, "backup " + copy).code()).isZero();
    Path older = Files.createDirectory(home.resolve("migrations"));
    Files.writeString(older.resolve("V1__farm.sql"), "");
    assertThat(run(ELSEWHERE, "MIGRATIONS=" + older + "; restore --yes " + copy).text())
        .contains("was made by a newer Nimble Furrow", "Nothing was changed");
    byte[] bytes = Files.readAllBytes(copy);
    Path half = home.resolve("half.backup");
    Files.write(half, java.util.Arrays.copyOf(bytes, bytes.length / 2));
    assertThat(run(ELSEWHERE, "restore --yes " + half).text()).contains("Nothing was changed");
    assertThat(run(ELSEWHERE, "echo no | restore " + copy).text())
        .matches("(?s).*(Nothing was changed|The copy is back).*");
  }
}
