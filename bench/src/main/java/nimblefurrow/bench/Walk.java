package nimblefurrow.bench;

import java.io.PrintStream;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import nimblefurrow.bench.api.BenchServer;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.server.demo.DemoFarm;
import tools.jackson.databind.JsonNode;

/**
 * A farm walked through day by day: planned, mended, all views looked at. Nothing may be refused,
 * and what memory holds at the end is what it held after twenty days, however long the walk.
 */
final class Walk {
  private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
  private static final int SETTLED = 20;
  private static final int TELL_EVERY = 25;
  private static final int PLAN_EVERY = 7;
  private static final double MAY_GROW = 1.25;
  private static final double SOME_MB = 40;

  private Walk() {}

  /** Whether every view answered on every day, and memory stayed. */
  static boolean run(PrintStream out, int days) {
    try (BenchServer server = BenchServer.start()) {
      return run(out, server, days);
    }
  }

  private static boolean run(PrintStream out, BenchServer server, int days) {
    Visitor planner = Visitor.signedIn(server.address(), DemoFarm.PLANNER);
    String field = planner.get("/api/v1/fields").json().get(0).path("field").path("id").asString();
    List<String> views =
        List.of(
            "/api/v1/season",
            "/api/v1/dispatch",
            "/api/v1/dispatch/risk",
            "/api/v1/dispatch/morning",
            "/api/v1/termination",
            "/api/v1/termination/hours?work=SPRAY",
            "/api/v1/termination/" + field + "/worth",
            "/api/v1/scout",
            "/api/v1/fields",
            "/api/v1/log",
            "/api/v1/weather/days",
            "/api/v1/season/" + field,
            "/api/v1/cover/" + field,
            "/api/v1/openings/" + field,
            "/api/v1/order");
    double settled = 0;
    int refused = 0;
    double slowest = 0;
    out.println("day, live MB, median and slowest answer of the last days in ms");
    double[] took = new double[TELL_EVERY * views.size()];
    int n = 0;
    for (int d = 1; d <= days; d++) {
      LocalDate day = FIRST.plusDays(d - 1L);
      planner.send("PUT", "/api/v1/farm/day", "{\"day\":\"%s\"}".formatted(day));
      if (d % PLAN_EVERY == 1) {
        plan(planner);
      }
      for (String view : views) {
        Visitor.Reply reply = planner.get(view);
        if (reply.status() >= 500 || reply.text().contains("weather is known from")) {
          out.printf("%s on %s: %d %s%n", view, day, reply.status(), reply.text());
          refused++;
        }
        took[n++ % took.length] = reply.millis();
        slowest = Math.max(slowest, reply.millis());
      }
      if (d == SETTLED) {
        settled = BenchServer.liveMegabytes();
      }
      if (d % TELL_EVERY == 0 || d == days) {
        double[] last = Arrays.copyOf(took, Math.min(n, took.length));
        Arrays.sort(last);
        out.printf(
            Locale.ROOT,
            "%s %7.0f %7.0f %7.0f%n",
            day,
            BenchServer.liveMegabytes(),
            last[last.length / 2],
            last[last.length - 1]);
      }
    }
    double end = BenchServer.liveMegabytes();
    out.printf(
        Locale.ROOT,
        "%d days: %d refused; slowest answer %.0f ms; live memory %.0f MB after %d days, %.0f MB at the end%n",
        days,
        refused,
        slowest,
        settled,
        SETTLED,
        end);
    return refused == 0 && end <= settled * MAY_GROW + SOME_MB;
  }

  /** Plans anew, then mends: the search is waited for, what it proposes is taken. */
  private static void plan(Visitor planner) {
    planner.send("POST", "/api/v1/dispatch/plan", "{}");
    String state = "WAITING";
    while (state.equals("WAITING") || state.equals("SEARCHING")) {
      state = planner.get("/api/v1/dispatch/plan").json().path("state").asString();
    }
    JsonNode offer = planner.send("POST", "/api/v1/dispatch/replan", "{}").json();
    planner.send(
        "POST",
        "/api/v1/dispatch/replan/take",
        "{\"offer\":\"%s\",\"step\":%d}"
            .formatted(offer.path("offer").asString(), offer.path("proposed").asInt()));
  }
}
