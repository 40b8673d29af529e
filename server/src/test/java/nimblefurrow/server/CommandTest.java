package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
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
    run("db_stop $HOME_DIR/db; rm -rf $HOME_DIR");
  }

  private record Said(int code, String text) {}

  private Process begin(String script) throws IOException {
    ProcessBuilder bash =
        new ProcessBuilder(
            "bash", "-c", "source ../furrow; HOME_DIR=" + home + "; set +e; " + script);
    return bash.redirectErrorStream(true).start();
  }

  /** No wall clock of a slow machine decides; only what never ends fails. */
  private static final long LONG_ENOUGH_SECONDS = 600;

  private Said run(String script) throws Exception {
    Process process = begin(script);
    String text = new String(process.getInputStream().readAllBytes());
    assertThat(process.waitFor(LONG_ENOUGH_SECONDS, TimeUnit.SECONDS)).isTrue();
    return new Said(process.exitValue(), text);
  }

  /** At whatever step a first start is killed, the next one makes the database. */
  @Test
  void aStartThatIsKilledIsMendedByTheNext() throws Exception {
    for (String step : List.of("db", "db/password", "db/making.*", "db/making.*/PG_VERSION")) {
      Process first = begin("db_start $HOME_DIR/db");
      while (run("compgen -G \"$HOME_DIR/" + step + "\"").code() != 0) {
        assertThat(first.waitFor(5, TimeUnit.MILLISECONDS)).as("ended before " + step).isFalse();
      }
      run("pkill -9 -f 'initdb -D " + home + "'");
      first.destroyForcibly();
      assertThat(first.waitFor(LONG_ENOUGH_SECONDS, TimeUnit.SECONDS)).isTrue();
    }
    Said next = run("db_start $HOME_DIR/db && db_running $HOME_DIR/db && echo whole");
    assertThat(next.text()).endsWith("whole\n");
    assertThat(next.code()).isZero();
  }

  @Test
  void aDatabaseThatWasStoppedComesBackOnItsPort() throws Exception {
    Said again =
        run(
            "db_start $HOME_DIR/db; before=$(cat $HOME_DIR/db/port); db_stop $HOME_DIR/db;"
                + " db_launch $HOME_DIR/db; db_running $HOME_DIR/db"
                + " && [ $before = $(cat $HOME_DIR/db/port) ] && echo back");
    assertThat(again.text()).endsWith("back\n");
  }

  @Test
  void aSecondCommandWaitsForTheFirstAndSaysSo() throws Exception {
    Process first =
        begin("hold; touch $HOME_DIR/held; sleep 2; echo first >>$HOME_DIR/order; let_go");
    assertThat(
            run("for i in $(seq 100); do [ -f $HOME_DIR/held ] && break; sleep 0.1; done; hold; echo second >>$HOME_DIR/order")
                .text())
        .contains("Another ./furrow command is starting or stopping it");
    assertThat(first.waitFor(LONG_ENOUGH_SECONDS, TimeUnit.SECONDS)).isTrue();
    assertThat(Files.readAllLines(home.resolve("order"))).containsExactly("first", "second");
  }

  /** What the keeper needs of the world, in words of the script, with times made short. */
  private static final String WORLD =
      "KEEP_TICK=0.01 KEEP_LONGEST=4; pause() { echo \"waits $1\" >>$HOME_DIR/waits; command sleep 0.02; };"
          + " await_server() { true; }; db_running() { true; }; progress() { echo '5 0'; }; ";

  /** One that ends again and again is started again and again, later each time. */
  @Test
  void aServerThatEndsIsStartedAgainAndNeverGivenUp() throws Exception {
    Said kept =
        run(
            WORLD
                + "serve() { n=$((${n:-0} + 1)); [ $n -lt 9 ] || exit 7; true & SERVER=$!; }; serve; (keep x)");
    assertThat(kept.code()).as("ended by the test, not by itself").isEqualTo(7);
    assertThat(kept.text().lines().filter(l -> l.startsWith("The server has ended")).toList())
        .containsExactly(
            "The server has ended; starting it again in 1 s …",
            "The server has ended; starting it again in 2 s …",
            "The server has ended; starting it again in 4 s …",
            "The server has ended; starting it again in 4 s …",
            "The server has ended; starting it again in 4 s …",
            "The server has ended; starting it again in 4 s …",
            "The server has ended; starting it again in 4 s …",
            "The server has ended; starting it again in 4 s …");
  }

  /** A server with a hundred readers waiting tells of progress: it is left alone. */
  @Test
  void aServerThatIsOnlyBusyIsLeftAlone() throws Exception {
    Said kept =
        run(
            WORLD
                + "serve() { command sleep 60 >/dev/null 2>&1 & SERVER=$!; }; kill() { [ $1 = -0 ] || { echo ended; exit 8; }; };"
                + " progress() { n=$(($(cat $HOME_DIR/n 2>/dev/null || echo 0) + 1)); echo $n >$HOME_DIR/n;"
                + " [ $n -lt 40 ] || touch $HOME_DIR/enough; echo \"$n 100\"; };"
                + " db_running() { [ ! -f $HOME_DIR/enough ] || exit 9; }; serve; (keep x)");
    assertThat(kept.text()).doesNotContain("ended");
    assertThat(kept.code()).isEqualTo(9);
  }

  /** One that answers nobody though many wait, and one that says nothing at all, is ended. */
  @Test
  void aServerWithoutProgressIsEnded() throws Exception {
    for (String told : List.of("echo '5 100'", "false")) {
      Said kept =
          run(
              WORLD
                  + "serve() { command sleep 60 >/dev/null 2>&1 & SERVER=$!; }; kill() { [ $1 = -0 ] || exit 8; };"
                  + " progress() { "
                  + told
                  + "; }; serve; (keep x)");
      assertThat(kept.text()).contains("The server makes no progress any more: ending it.");
      assertThat(kept.code()).isEqualTo(8);
    }
  }

  @Test
  void aDatabaseThatIsGoneIsSaidAndOneThatDoesNotStartIsTriedAgain() throws Exception {
    Said gone = run(WORLD + "db_running() { false; }; SERVER=$$; (keep $HOME_DIR/none)");
    assertThat(gone.text()).contains("is gone: there is nothing to keep up");
    Said tried =
        run(
            WORLD
                + "mkdir -p $HOME_DIR/d/data; touch $HOME_DIR/d/data/PG_VERSION; db_running() { false; };"
                + " db_launch() { n=$((${n:-0} + 1)); [ $n -lt 4 ] || exit 6; false; }; SERVER=$$; (keep $HOME_DIR/d)");
    assertThat(tried.text()).contains("Trying again in 1 s", "Trying again in 2 s", "in 4 s");
    assertThat(tried.code()).isEqualTo(6);
  }

  /** Whatever the log holds or not, a start that fails says why, in one line of its own. */
  @Test
  void aStartThatFailsSaysSo() throws Exception {
    for (String log : List.of("", "2026 ERROR no room", "made by a newer Nimble Furrow (9)")) {
      Said said =
          run(
              "set -euo pipefail; mkdir -p $HOME_DIR; hold() { :; }; room() { :; }; install_missing() { :; };"
                  + " build_app() { :; }; db_start() { :; }; db_make() { :; }; db_env() { :; }; train() { :; };"
                  + " shut() { :; }; db_home() { echo $HOME_DIR/db; };"
                  + " serve() { printf '%s\\n' '"
                  + log
                  + "' >>$HOME_DIR/server.log; true & SERVER=$!; wait $SERVER; };"
                  + " (start --port 18999)");
      assertThat(said.code()).isEqualTo(3);
      assertThat(said.text()).contains("furrow: the server did not start; see ").contains(log);
    }
  }

  @Test
  void aSlowStartIsWaitedForAsLongAsTheServerLives() throws Exception {
    Said said =
        run(
            "mkdir -p $HOME_DIR; echo 'making the tables over' >$HOME_DIR/server.log; sleep() { command sleep 0.001; };"
                + " answers() { n=$((${n:-0} + 1)); [ $n -gt 700 ]; }; command sleep 60 >/dev/null 2>&1 & SERVER=$!;"
                + " await_server && echo there");
    assertThat(said.text())
        .contains("Still starting after 30 s; the server's log ends: making the tables over")
        .endsWith("there\n");
  }

  /** Whatever breaks off unforeseen says where; what has been said is not said twice. */
  @Test
  void everyWayOutSaysOneLine() throws Exception {
    Path broken = home.resolve("furrow");
    String script = Files.readString(Path.of("../furrow"));
    Files.writeString(broken, script.replace("  status) status ;;", "  status) false ;;"));
    try (Stream<Path> parts = Files.list(Path.of("../furrow.d"))) {
      Files.createDirectory(home.resolve("furrow.d"));
      for (Path part : parts.toList()) {
        Files.copy(part, home.resolve("furrow.d").resolve(part.getFileName()));
      }
    }
    Said said = tell(List.of("bash", broken.toString(), "status"));
    assertThat(said.code()).isEqualTo(3);
    assertThat(said.text().lines()).hasSize(1).allMatch(l -> l.startsWith("furrow: broke off at"));
    for (List<String> wrong :
        List.of(
            List.of("start", "--port", "x"),
            List.of("restore"),
            List.of("restore", "nowhere.backup"),
            List.of("backup", "/proc/none/x"))) {
      Said refused = tell(with("../furrow", wrong));
      assertThat(refused.code()).as(String.join(" ", wrong)).isEqualTo(3);
      assertThat(refused.text().lines().filter(l -> l.startsWith("furrow: ")).toList()).hasSize(1);
    }
    Said unknown = tell(List.of("bash", "../furrow", "plough"));
    assertThat(unknown.code()).isEqualTo(2);
    assertThat(unknown.text()).startsWith("./furrow start");
  }

  private static List<String> with(String script, List<String> words) {
    List<String> all = new ArrayList<>(List.of("bash", script));
    all.addAll(words);
    return all;
  }

  private static Said tell(List<String> command) throws Exception {
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String text = new String(process.getInputStream().readAllBytes());
    assertThat(process.waitFor(LONG_ENOUGH_SECONDS, TimeUnit.SECONDS)).isTrue();
    return new Said(process.exitValue(), text);
  }

  @Test
  void memoryAndCollectorFollowTheMachine() throws Exception {
    Files.writeString(home.resolve("small"), "MemTotal:        1000000 kB\n");
    Files.writeString(home.resolve("large"), "MemTotal:       24000000 kB\n");
    assertThat(run("MEMINFO=$HOME_DIR/small; heap_mb; collector").text())
        .isEqualTo("768\n-XX:+UseSerialGC\n");
    assertThat(run("MEMINFO=$HOME_DIR/large; nproc() { echo 4; }; heap_mb; collector").text())
        .isEqualTo("5859\n-XX:+UseG1GC\n");
    assertThat(run("MEMINFO=$HOME_DIR/large; nproc() { echo 1; }; collector").text())
        .isEqualTo("-XX:+UseSerialGC\n");
  }

  @Test
  void theServerEndsItselfWhenMemoryRunsOut() throws Exception {
    assertThat(run("echo ${JAVA_FLAGS[@]}").text()).contains("-XX:+ExitOnOutOfMemoryError");
  }
}
