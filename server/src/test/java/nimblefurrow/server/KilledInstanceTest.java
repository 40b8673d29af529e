package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * A second server on the same rows, in a process of its own, is killed while it looks for a plan.
 */
@ExtendWith(RunningServer.class)
class KilledInstanceTest {
  private static final long STARTS_WITHIN = TimeUnit.SECONDS.toNanos(600);
  private Process other;

  @AfterEach
  void goOn() {
    if (other != null) {
      other.destroyForcibly();
    }
    RunningServer.bean(Scheduler.class).resume();
  }

  @Test
  void thePlanItWasLookingForIsFoundByTheOneThatIsLeft() throws Exception {
    RunningServer.bean(DemoFarm.class)
        .build("Killed Farm", "killed@board.example", "killedop@board.example", 28);
    Caller planner =
        new Caller(RunningServer.address()).signIn("killed@board.example", DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-10-01"));
    RunningServer.bean(Scheduler.class).pause();
    other = anotherServer();
    assertThat(planner.post("/api/v1/dispatch/plan", Map.of()).status()).isEqualTo(200);
    JsonNode run = planner.get("/api/v1/dispatch/plan").json();
    long begin = System.nanoTime();
    while (run.path("state").asString().equals("WAITING")) {
      assertThat(other.isAlive()).as("the other server lives").isTrue();
      assertThat(System.nanoTime() - begin).as("it takes the search up").isLessThan(STARTS_WITHIN);
      run = planner.get("/api/v1/dispatch/plan").json();
    }
    assertThat(run.path("state").asString()).isEqualTo("SEARCHING");
    other.destroyForcibly();
    assertThat(other.waitFor(20, TimeUnit.SECONDS)).isTrue();
    assertThat(planner.get("/api/v1/dispatch/plan").json().path("state").asString())
        .as("nobody has noticed yet")
        .isEqualTo("SEARCHING");
    RunningServer.bean(Scheduler.class).resume();
    JsonNode over = Plans.over(planner);
    assertThat(over.path("state").asString()).isEqualTo("DONE");
    assertThat(over.path("again").asBoolean()).as("begun again").isTrue();
    assertThat(Plans.searched(planner).path("dollars").asLong())
        .as("the same plan as without the loss")
        .isEqualTo(over.path("dollars").asLong());
  }

  /** It would look for two minutes: long enough to be killed in the middle. */
  private static Process anotherServer() throws IOException {
    Path log = Files.createTempFile("another-server", ".log");
    return new ProcessBuilder(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                classPath(),
                FurrowServer.class.getName(),
                "--server.port=0",
                "--furrow.demo=false",
                "--furrow.plan-seconds=120",
                "--furrow.morning-every=24h",
                "--furrow.today=" + RunningServer.TODAY,
                "--spring.datasource.url=" + System.getProperty("spring.datasource.url")))
        .redirectErrorStream(true)
        .redirectOutput(log.toFile())
        .start();
  }

  private static String classPath() {
    String tests =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    return tests;
  }
}
