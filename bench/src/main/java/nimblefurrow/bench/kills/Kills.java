package nimblefurrow.bench.kills;

import java.io.IOException;
import java.io.PrintStream;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.server.FurrowServer;
import nimblefurrow.server.demo.DemoFarm;

/**
 * The server, its connections or the whole database are killed again and again while people write.
 * What was acknowledged is there, once; nothing answers 500; what is sent again under its name is
 * kept once.
 */
public final class Kills {
  private static final int WRITERS = 4;
  private static final long BETWEEN = 1_500_000_000L;
  private static final long TRY_AGAIN = 200_000_000L;

  private final PrintStream out;
  private final int port;
  private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
  private final Map<Integer, Integer> statuses = new TreeMap<>();
  private final AtomicBoolean over = new AtomicBoolean();
  private Process server;

  private Kills(PrintStream out, int port) {
    this.out = out;
    this.port = port;
  }

  /** Whether nothing was lost or doubled, and nothing answered 500. */
  public static boolean run(PrintStream out, int kills) throws Exception {
    int port;
    try (ServerSocket free = new ServerSocket(0)) {
      port = free.getLocalPort();
    }
    return new Kills(out, port).run(kills);
  }

  private String address() {
    return "http://127.0.0.1:" + port;
  }

  private boolean run(int kills) throws Exception {
    start();
    String field =
        Visitor.signedIn(address(), DemoFarm.PLANNER)
            .get("/api/v1/fields")
            .json()
            .get(0)
            .path("field")
            .path("id")
            .asString();
    List<Thread> writers = new ArrayList<>();
    for (int w = 0; w < WRITERS; w++) {
      Thread writer = new Thread(() -> write(field));
      writer.start();
      writers.add(writer);
    }
    Map<String, Integer> done = new HashMap<>();
    Random dice = new Random(9);
    for (int i = 0; i < kills; i++) {
      LockSupport.parkNanos(BETWEEN);
      String what =
          List.of("server", "connections", "connections", "database").get(dice.nextInt(4));
      done.merge(what, 1, Integer::sum);
      switch (what) {
        case "server" -> {
          server.destroyForcibly().waitFor();
          start();
        }
        case "connections" ->
            script(
                "pg psql $db -d postgres -qAtc \"select count(pg_terminate_backend(pid)) from pg_stat_activity"
                    + " where datname = 'furrow'\"");
        default ->
            script(
                "as_db $(PG_BIN)/pg_ctl -D $db/data -m immediate -w stop >/dev/null; db_launch $db");
      }
    }
    LockSupport.parkNanos(BETWEEN);
    over.set(true);
    for (Thread writer : writers) {
      writer.join();
    }
    boolean held = judged(done);
    server.destroyForcibly().waitFor();
    return held;
  }

  private boolean judged(Map<String, Integer> done) {
    String log = Visitor.signedIn(address(), DemoFarm.PLANNER).get("/api/v1/log").text();
    Set<String> lost =
        acknowledged.stream().filter(id -> !log.contains(id)).collect(Collectors.toSet());
    long twice =
        acknowledged.stream()
            .filter(id -> log.indexOf(id) != log.lastIndexOf("\"id\":\"" + id) + 6)
            .count();
    out.printf(
        "killed %s; %d entries acknowledged, %d lost, %d doubled; answers by status %s%n",
        done, acknowledged.size(), lost.size(), twice, statuses);
    return lost.isEmpty() && twice == 0 && !statuses.containsKey(500) && !acknowledged.isEmpty();
  }

  /** Writes entries until it is over; each is sent until it is known to be kept or refused. */
  private void write(String field) {
    Visitor person = null;
    while (!over.get()) {
      UUID id = UUID.randomUUID();
      int status = 0;
      while (status != 200 && !(over.get() && status == 0)) {
        try {
          person = person == null ? Visitor.signedIn(address(), DemoFarm.PLANNER) : person;
          status =
              person
                  .send(
                      "POST",
                      "/api/v1/log",
                      "{\"id\":\"%s\",\"fieldId\":\"%s\",\"on\":\"2026-07-01\",\"fact\":{\"kind\":\"WEEDS\",\"readings\":[1,2,3]}}"
                          .formatted(id, field))
                  .status();
          count(status);
          if (status == 401) {
            person = null;
          }
        } catch (RuntimeException gone) {
          status = 0;
          count(0);
        }
        if (status == 200) {
          acknowledged.add(id.toString());
        } else {
          if (over.get()) {
            return;
          }
          LockSupport.parkNanos(TRY_AGAIN);
        }
      }
    }
  }

  private synchronized void count(int status) {
    statuses.merge(status, 1, Integer::sum);
  }

  private void start() throws Exception {
    Path log = Files.createTempFile("killed", ".log");
    server =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx768m",
                "-cp",
                System.getProperty("java.class.path"),
                FurrowServer.class.getName(),
                "--server.port=" + port,
                "--furrow.demo=true",
                "--furrow.today=2026-07-15",
                "--furrow.free-farms=100000")
            .redirectErrorStream(true)
            .redirectOutput(log.toFile())
            .start();
    while (!answers()) {
      if (!server.isAlive()) {
        throw new IllegalStateException("the server ended by itself; see " + log);
      }
      LockSupport.parkNanos(TRY_AGAIN);
    }
  }

  private boolean answers() {
    try {
      return new Visitor(address()).get("/actuator/health").status() == 200;
    } catch (RuntimeException notYet) {
      return false;
    }
  }

  /** What the start command itself does with the database. */
  private static void script(String does) throws IOException, InterruptedException {
    Process bash =
        new ProcessBuilder(
                "bash",
                "-c",
                "source ./furrow; set +eu; db=" + System.getenv("FURROW_BENCH_DB") + "; " + does)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    bash.waitFor();
  }
}
