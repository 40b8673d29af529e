package nimblefurrow.bench;

import java.io.PrintStream;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import nimblefurrow.bench.api.BenchServer;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.server.demo.DemoFarm;
import tools.jackson.databind.JsonNode;

/**
 * Times the answers of the real server over HTTP on loopback: the demo's 28 fields and 600
 * generated ones.
 */
final class SeasonLoad {
  private static final int WARM = 30;
  private static final int COUNTED = 60;
  private static final long LOOK_EVERY = 200_000_000L;
  private static final String[] VIEWS = {
    "/api/season", "/api/dispatch", "/api/dispatch/risk", "/api/fields", "/api/log"
  };

  private SeasonLoad() {}

  static void run(PrintStream out) {
    try (BenchServer server = BenchServer.start()) {
      server.farm("sixty", 60);
      server.farm("wide", 600);
      measure(out, server.address());
    }
  }

  private static void measure(PrintStream out, String base) {
    out.println(
        "milliseconds at the client on loopback, server warm: median, 95 %, worst of " + COUNTED);
    for (String[] farm :
        new String[][] {
          {"28 fields", DemoFarm.PLANNER},
          {"60 fields", "planner@sixty.example"},
          {"600 fields", "planner@wide.example"}
        }) {
      Visitor client = Visitor.signedIn(base, farm[1]);
      out.printf(Locale.ROOT, "%-11s planned in %.1f s%n", farm[0], planned(client));
      for (String view : VIEWS) {
        told(out, farm[0], view, time(() -> client.get(view)));
      }
      JsonNode board = client.get("/api/dispatch").json();
      String move = moved(board);
      told(
          out,
          farm[0],
          "a drag, %d jobs".formatted(board.path("jobs").size()),
          time(() -> client.send("POST", "/api/dispatch/what-if", move)));
    }
  }

  private static void told(PrintStream out, String farm, String what, double[] took) {
    Arrays.sort(took);
    out.printf(
        Locale.ROOT,
        "%-11s %-18s %6.1f %6.1f %6.1f%n",
        farm,
        what,
        took[COUNTED / 2],
        took[COUNTED * 95 / 100],
        took[COUNTED - 1]);
  }

  /** The first job that has a place, carried to the day after it ends. */
  private static String moved(JsonNode board) {
    for (JsonNode job : board.path("jobs")) {
      JsonNode days = job.path("place").path("days");
      if (!days.isEmpty()) {
        String last = days.get(days.size() - 1).path("day").asString();
        return "{\"job\":%s,\"machineId\":%s,\"day\":\"%s\",\"locked\":true}"
            .formatted(
                job.path("id"),
                job.path("place").path("machineId"),
                LocalDate.parse(last).plusDays(1));
      }
    }
    throw new IllegalStateException("nothing is placed");
  }

  /** Seconds from asking for a plan until it is on the board. */
  private static double planned(Visitor client) {
    long begin = System.nanoTime();
    client.send("POST", "/api/dispatch/plan", "{}");
    String state = "WAITING";
    while (state.equals("WAITING") || state.equals("SEARCHING")) {
      LockSupport.parkNanos(LOOK_EVERY);
      state = client.get("/api/dispatch/plan").json().path("state").asString();
    }
    if (!state.equals("DONE")) {
      throw new IllegalStateException("no plan: " + state);
    }
    return (System.nanoTime() - begin) / 1e9;
  }

  private static double[] time(Supplier<Visitor.Reply> asked) {
    double[] took = new double[COUNTED];
    for (int i = -WARM; i < COUNTED; i++) {
      Visitor.Reply answer = asked.get();
      if (answer.status() != 200) {
        throw new IllegalStateException("answered " + answer.status() + ": " + answer.text());
      }
      if (i >= 0) {
        took[i] = answer.millis();
      }
    }
    return took;
  }
}
