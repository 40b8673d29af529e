package nimblefurrow.bench;

import java.io.PrintStream;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.locks.LockSupport;
import nimblefurrow.bench.api.BenchServer;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.server.demo.DemoFarm;

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
      server.farm("wide", 600);
      measure(out, server.address());
    }
  }

  private static void measure(PrintStream out, String base) {
    out.println(
        "milliseconds at the client on loopback, server warm: median, 95 %, worst of " + COUNTED);
    for (String[] farm :
        new String[][] {{"28 fields", DemoFarm.PLANNER}, {"600 fields", "planner@wide.example"}}) {
      Visitor client = Visitor.signedIn(base, farm[1]);
      out.printf(Locale.ROOT, "%-11s planned in %.1f s%n", farm[0], planned(client));
      for (String view : VIEWS) {
        double[] took = time(client, view);
        Arrays.sort(took);
        out.printf(
            Locale.ROOT,
            "%-11s %-14s %6.1f %6.1f %6.1f%n",
            farm[0],
            view,
            took[COUNTED / 2],
            took[COUNTED * 95 / 100],
            took[COUNTED - 1]);
      }
    }
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

  private static double[] time(Visitor client, String address) {
    double[] took = new double[COUNTED];
    for (int i = -WARM; i < COUNTED; i++) {
      Visitor.Reply answer = client.get(address);
      if (answer.status() != 200) {
        throw new IllegalStateException(address + " answered " + answer.status());
      }
      if (i >= 0) {
        took[i] = answer.millis();
      }
    }
    return took;
  }
}
