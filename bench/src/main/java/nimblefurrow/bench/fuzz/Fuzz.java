package nimblefurrow.bench.fuzz;

import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import nimblefurrow.bench.api.ApiMap;
import nimblefurrow.bench.api.Belongings;
import nimblefurrow.bench.api.BenchServer;
import nimblefurrow.bench.api.Endpoint;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.bench.api.Visitor.Reply;

/**
 * Sends requests made from the server's own description, most with something in them that cannot
 * be. Wanted: no 5xx, nothing over two seconds, nothing absurd kept, and a farm that still answers.
 */
public final class Fuzz {
  private static final double SLOW_MILLIS = 2000;

  /** What is asked here is searched for, for two seconds of its own. */
  private static final Set<String> SEARCHED =
      Set.of("POST /api/v1/dispatch/replan", "POST /api/v1/dispatch/morning");

  private static final double SEARCHED_MILLIS = 8000;
  private static final int SHOWN = 25;
  private static final String[] VIEWS = {
    "/api/v1/season",
    "/api/v1/dispatch",
    "/api/v1/fields",
    "/api/v1/log",
    "/api/v1/order",
    "/api/v1/land",
    "/api/v1/machines",
    "/api/v1/lots",
    "/api/v1/marks",
    "/api/v1/weather",
    "/api/v1/farm"
  };
  private static final int WARM_UP = 2;
  private static final int TOLD_EVERY = 1_000;

  private final BenchServer server;
  private final Random random;
  private final TreeMap<Integer, Integer> statuses = new TreeMap<>();
  private final List<String> faults = new ArrayList<>();
  private double slowest;
  private String slowestWas = "";

  private Fuzz(BenchServer server, long seed) {
    this.server = server;
    this.random = new Random(seed);
  }

  /** Whether all held. */
  public static boolean run(PrintStream out, int requests, long seed) {
    try (BenchServer server = BenchServer.start()) {
      return new Fuzz(server, seed).run(out, requests);
    }
  }

  private boolean run(PrintStream out, int requests) {
    server.farm("hedge", 28);
    Visitor planner = Visitor.signedIn(server.address(), "planner@hedge.example");
    Visitor operator = Visitor.signedIn(server.address(), "operator@hedge.example");
    Visitor stranger = new Visitor(server.address());
    ApiMap api = ApiMap.of(planner);
    Belongings own = Belongings.of(planner);
    BodyMaker bodies = new BodyMaker(api, own, random);
    List<Endpoint> doors =
        api.endpoints().stream().filter(e -> !e.stream() && !signsOut(e)).toList();
    for (int i = 0; i < WARM_UP; i++) {
      for (String view : VIEWS) {
        planner.get(view);
      }
      planner.get("/api/v1/order/file?format=pdf"); // the first page printed loads its fonts
    }
    int sent = 0;
    while (sent < requests) {
      Endpoint door = doors.get(random.nextInt(doors.size()));
      if (door.method().equals("DELETE") && random.nextInt(10) > 0) {
        continue; // else the farm is soon empty and refuses everything for that alone
      }
      sent++;
      int who = random.nextInt(20);
      try {
        ask(door, bodies, who == 0 ? stranger : who < 4 ? operator : planner);
      } catch (UncheckedIOException none) {
        faults.add("no answer: " + none.getMessage());
      }
      if (sent % TOLD_EVERY == 0) {
        out.printf("%d sent, %s, %d faults%n", sent, statuses, faults.size());
      }
    }
    // Its own weather may have been chosen without any being there; the station always answers.
    planner.send("PUT", "/api/v1/weather/source", "{\"source\":\"SIMULATED\"}");
    List<String> absurd = AbsurdRows.absurd(server.sql());
    absurd.forEach(a -> faults.add("kept though it cannot be: " + a));
    for (String view : VIEWS) {
      Reply reply = planner.get(view);
      if (reply.status() != 200 && !(view.equals("/api/v1/order") && reply.status() == 400)) {
        faults.add("afterwards %s answers %d: %s".formatted(view, reply.status(), reply.text()));
      }
    }
    out.printf("%d requests to %d doors; by status %s%n", sent, doors.size(), statuses);
    out.printf("slowest %.0f ms: %s%n", slowest, slowestWas);
    out.printf("%d faults%n", faults.size());
    faults.stream().limit(SHOWN).forEach(out::println);
    return faults.isEmpty();
  }

  /**
   * Signing out would end the run's own people; a new day or a new farm would change the ground.
   */
  private static boolean signsOut(Endpoint door) {
    return door.toString().equals("DELETE /api/v1/session");
  }

  private void ask(Endpoint door, BodyMaker bodies, Visitor who) {
    double spoilt = List.of(0.0, 0.05, 0.25).get(random.nextInt(3));
    String path = address(door, bodies, spoilt);
    String body = null;
    Reply reply;
    if (door.upload()) {
      reply = who.upload(path, Files.name(random), Files.content(random));
    } else if (door.body().isPresent()) {
      body = bodies.body(door, spoilt);
      if (random.nextInt(40) == 0) {
        body = body.substring(0, random.nextInt(body.length() + 1));
      }
      byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
      if (random.nextInt(60) == 0 && bytes.length > 0) {
        bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
      }
      String type = random.nextInt(80) == 0 ? "text/plain" : "application/json";
      reply = who.send(door.method(), path, type, bytes);
    } else {
      reply = who.send(door.method(), path, null);
    }
    judge(door, path, body, reply);
  }

  private void judge(Endpoint door, String path, String body, Reply reply) {
    statuses.merge(reply.status(), 1, Integer::sum);
    if (reply.millis() > slowest) {
      slowest = reply.millis();
      slowestWas = door + " " + reply.status();
    }
    String asked = "%s %s %s".formatted(door.method(), path, cut(body));
    if (reply.status() >= 500) {
      faults.add("%d: %s%n    %s".formatted(reply.status(), asked, cut(reply.text())));
    } else if (reply.millis()
        > (SEARCHED.contains(door.toString()) ? SEARCHED_MILLIS : SLOW_MILLIS)) {
      faults.add("%.0f ms: %s".formatted(reply.millis(), asked));
    } else if (reply.status() >= 400 && !reply.text().contains("\"detail\"")) {
      faults.add(
          "%d without a word: %s%n    %s".formatted(reply.status(), asked, cut(reply.text())));
    }
  }

  private String address(Endpoint door, BodyMaker bodies, double spoilt) {
    String path = door.path();
    StringBuilder query = new StringBuilder();
    for (Endpoint.Parameter p : door.parameters()) {
      String value = bodies.parameter(door, p, spoilt);
      if (p.inPath()) {
        path = p.put(path, value);
      } else if (random.nextBoolean()) {
        query
            .append(query.isEmpty() ? '?' : '&')
            .append(p.name())
            .append('=')
            .append(URLEncoder.encode(value, StandardCharsets.UTF_8));
      }
    }
    return path + query;
  }

  private static String cut(String text) {
    return text == null ? "" : text.length() > 400 ? text.substring(0, 400) + "…" : text;
  }
}
