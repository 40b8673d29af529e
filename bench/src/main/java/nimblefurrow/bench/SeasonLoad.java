package nimblefurrow.bench;

import com.sun.management.OperatingSystemMXBean;
import java.io.PrintStream;
import java.lang.management.ManagementFactory;
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
 * Times the answers of the real server over HTTP on loopback: the demo's 28 fields, as many with a
 * year of entries, and 60 and 600 generated ones; unchanged, and each after a change by which it is
 * worked out anew. Processor time is that of server and client together.
 */
final class SeasonLoad {
  private static final int WARM = 30;
  private static final int COUNTED = 60;
  private static final long LOOK_EVERY = 200_000_000L;
  private static final int ENTRIES = 1_500;
  private static final String[] VIEWS = {
    "/api/v1/season", "/api/v1/dispatch", "/api/v1/dispatch/risk", "/api/v1/fields", "/api/v1/log"
  };

  private SeasonLoad() {}

  static void run(PrintStream out) {
    try (BenchServer server = BenchServer.start()) {
      server.year(server.farm("year", 28), ENTRIES);
      server.farm("sixty", 60);
      server.farm("wide", 600);
      measure(out, server.address());
    }
  }

  private static void measure(PrintStream out, String base) {
    out.println(
        "milliseconds at the client on loopback, server warm: median, 95 %, worst of "
            + COUNTED
            + "; milliseconds of processors an answer");
    for (String[] farm :
        new String[][] {
          {"28 fields", DemoFarm.PLANNER},
          {"28, a year", "planner@year.example"},
          {"60 fields", "planner@sixty.example"},
          {"600 fields", "planner@wide.example"}
        }) {
      Visitor client = Visitor.signedIn(base, farm[1]);
      out.printf(Locale.ROOT, "%-11s planned in %.1f s%n", farm[0], planned(client));
      for (String view : VIEWS) {
        told(out, farm[0], view, time(() -> {}, () -> client.get(view)));
        told(out, farm[0], view + ", anew", time(() -> change(client), () -> client.get(view)));
      }
      JsonNode board = client.get("/api/v1/dispatch").json();
      String move = moved(board);
      told(
          out,
          farm[0],
          "a drag, %d jobs".formatted(board.path("jobs").size()),
          time(() -> {}, () -> client.send("POST", "/api/v1/dispatch/what-if", move)));
    }
  }

  /** Something small of the farm, after which its answers hold no more. */
  private static void change(Visitor client) {
    client.send(
        "PUT",
        "/api/v1/order/prices",
        "{\"species\":\"cereal-rye\",\"dealer\":\"Bench\",\"packLb\":50,\"pricePerLb\":%s}"
            .formatted(0.2 + System.nanoTime() % 1000 / 1e4));
  }

  /** What answers took, and what each of them cost all processors. */
  private record Took(double[] millis, double cpuMillis) {}

  private static void told(PrintStream out, String farm, String what, Took all) {
    double[] took = all.millis();
    Arrays.sort(took);
    out.printf(
        Locale.ROOT,
        "%-11s %-26s %6.1f %6.1f %6.1f %6.1f%n",
        farm,
        what,
        took[COUNTED / 2],
        took[COUNTED * 95 / 100],
        took[COUNTED - 1],
        all.cpuMillis());
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
    client.send("POST", "/api/v1/dispatch/plan", "{}");
    String state = "WAITING";
    while (state.equals("WAITING") || state.equals("SEARCHING")) {
      LockSupport.parkNanos(LOOK_EVERY);
      state = client.get("/api/v1/dispatch/plan").json().path("state").asString();
    }
    if (!state.equals("DONE")) {
      throw new IllegalStateException("no plan: " + state);
    }
    return (System.nanoTime() - begin) / 1e9;
  }

  private static Took time(Runnable before, Supplier<Visitor.Reply> asked) {
    OperatingSystemMXBean machine =
        (OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
    double[] took = new double[COUNTED];
    long cpu = 0;
    for (int i = -WARM; i < COUNTED; i++) {
      before.run();
      long from = machine.getProcessCpuTime();
      Visitor.Reply answer = asked.get();
      if (answer.status() != 200) {
        throw new IllegalStateException("answered " + answer.status() + ": " + answer.text());
      }
      if (i >= 0) {
        took[i] = answer.millis();
        cpu += machine.getProcessCpuTime() - from;
      }
    }
    return new Took(took, cpu / 1e6 / COUNTED);
  }
}
