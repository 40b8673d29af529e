package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The start command's own parts: a database made whole or not at all, one command at a time. */
class CommandTest {
  private Path home;

  @BeforeEach
  void aFolder() throws IOException {
    home = Files.createTempDirectory("furrow-command");
    Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwxr-xr-x"));
  }

  @AfterEach
  void stopped() throws Exception {
    run("db_stop $HOME_DIR/db; rm -rf $HOME_DIR", 60);
  }

  private record Said(int code, String text) {}

  private Process begin(String script) throws IOException {
    ProcessBuilder bash =
        new ProcessBuilder(
            "bash", "-c", "source ../furrow; HOME_DIR=" + home + "; set +e; " + script);
    return bash.redirectErrorStream(true).start();
  }

  private Said run(String script, long seconds) throws Exception {
    Process process = begin(script);
    String text = new String(process.getInputStream().readAllBytes());
    assertThat(process.waitFor(seconds, TimeUnit.SECONDS)).isTrue();
    return new Said(process.exitValue(), text);
  }

  /** At whatever step a first start is killed, the next one makes the database. */
  @Test
  void aStartThatIsKilledIsMendedByTheNext() throws Exception {
    for (String step : List.of("db", "db/password", "db/making.*", "db/making.*/PG_VERSION")) {
      Process first = begin("db_start $HOME_DIR/db");
      while (run("compgen -G \"$HOME_DIR/" + step + "\"", 10).code() != 0) {
        assertThat(first.waitFor(5, TimeUnit.MILLISECONDS)).as("ended before " + step).isFalse();
      }
      run("pkill -9 -f 'initdb -D " + home + "'", 10);
      first.destroyForcibly();
      assertThat(first.waitFor(10, TimeUnit.SECONDS)).isTrue();
    }
    Said next = run("db_start $HOME_DIR/db && db_running $HOME_DIR/db && echo whole", 90);
    assertThat(next.text()).endsWith("whole\n");
    assertThat(next.code()).isZero();
  }

  @Test
  void aDatabaseThatWasStoppedComesBackOnItsPort() throws Exception {
    Said again =
        run(
            "db_start $HOME_DIR/db; before=$(cat $HOME_DIR/db/port); db_stop $HOME_DIR/db;"
                + " db_launch $HOME_DIR/db; db_running $HOME_DIR/db"
                + " && [ $before = $(cat $HOME_DIR/db/port) ] && echo back",
            90);
    assertThat(again.text()).endsWith("back\n");
  }

  @Test
  void aSecondCommandWaitsForTheFirstAndSaysSo() throws Exception {
    Process first =
        begin("hold; touch $HOME_DIR/held; sleep 2; echo first >>$HOME_DIR/order; let_go");
    assertThat(
            run(
                    "for i in $(seq 100); do [ -f $HOME_DIR/held ] && break; sleep 0.1; done; hold; echo second >>$HOME_DIR/order",
                    30)
                .text())
        .contains("Another ./furrow command is starting or stopping it");
    assertThat(first.waitFor(10, TimeUnit.SECONDS)).isTrue();
    assertThat(Files.readAllLines(home.resolve("order"))).containsExactly("first", "second");
  }

  /** A server that ends itself, as out of memory, is started again; one that cannot stay is not. */
  @Test
  void aServerThatEndsIsStartedAgain() throws Exception {
    Said kept =
        run(
            "serve() { sleep 0.2 & SERVER=$!; }; await_server() { true; }; answers() { true; };"
                + " db_running() { true; }; serve; (keep x)",
            90);
    assertThat(kept.text()).contains("The server has ended; starting it again");
    assertThat(kept.text()).contains("the server ends again and again");
    assertThat(kept.code()).isNotZero();
  }

  @Test
  void theServerEndsItselfWhenMemoryRunsOut() throws Exception {
    assertThat(run("echo ${JAVA_FLAGS[@]}", 10).text()).contains("-XX:+ExitOnOutOfMemoryError");
  }
}
