package nimblefurrow.bench.answers;

import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.bench.api.ApiMap;
import nimblefurrow.bench.api.BenchServer;
import nimblefurrow.bench.api.Endpoint;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.server.demo.DemoFarm;
import tools.jackson.databind.JsonNode;

/**
 * Asks the demo every question on twelve days of a year and a half, as its planner and as its
 * operator, in both systems of units, and writes each answer down in a line: whoever rebuilds the
 * house compares two such files. Names that the database gives at random are numbered in the order
 * in which they are met.
 */
public final class AnswerBook {
  private static final List<LocalDate> DAYS =
      List.of(
          LocalDate.of(2026, 1, 20),
          LocalDate.of(2026, 3, 25),
          LocalDate.of(2026, 4, 25),
          LocalDate.of(2026, 5, 12),
          LocalDate.of(2026, 6, 3),
          LocalDate.of(2026, 7, 15),
          LocalDate.of(2026, 8, 28),
          LocalDate.of(2026, 9, 20),
          LocalDate.of(2026, 10, 20),
          LocalDate.of(2026, 12, 28),
          LocalDate.of(2027, 4, 20),
          LocalDate.of(2027, 5, 20));
  private static final int FIELDS = 10;
  private static final int MACHINES = 4;
  private static final Pattern ID =
      Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

  private final BenchServer server;
  private final Map<String, Integer> numbers = new HashMap<>();
  private final List<String> lines = new ArrayList<>();

  private AnswerBook(BenchServer server) {
    this.server = server;
  }

  /** Writes the file; true when no answer was a failure of the server's. */
  public static boolean write(PrintStream out, Path file) {
    try (BenchServer server = BenchServer.start()) {
      AnswerBook answers = new AnswerBook(server);
      answers.ask();
      Files.write(file, answers.lines);
      long failed = answers.lines.stream().filter(l -> l.contains("\t5")).count();
      out.printf("%d answers in %s, %d failed%n", answers.lines.size(), file, failed);
      return failed == 0;
    } catch (IOException cannot) {
      throw new UncheckedIOException(cannot);
    }
  }

  private void ask() {
    Visitor planner = Visitor.signedIn(server.address(), DemoFarm.PLANNER);
    Visitor operator = Visitor.signedIn(server.address(), DemoFarm.OPERATOR);
    ApiMap api = ApiMap.of(planner);
    for (LocalDate day : DAYS) {
      for (String units : List.of("US", "METRIC")) {
        planner.send("PUT", "/api/v1/farm/day", "{\"day\":\"%s\"}".formatted(day));
        planner.send("PUT", "/api/v1/farm/units", "{\"units\":\"%s\"}".formatted(units));
        ask(api, planner, day, units + " planner");
        ask(api, operator, day, units + " operator");
      }
    }
  }

  private void ask(ApiMap api, Visitor who, LocalDate day, String as) {
    Map<String, List<String>> things = new HashMap<>();
    things.put("field", ids(who.get("/api/v1/fields").json(), "/field/name", "/field/id", FIELDS));
    things.put("machine", ids(who.get("/api/v1/machines").json(), "/name", "/id", MACHINES));
    things.put("day", List.of(day.toString()));
    things.put("on", List.of(day.toString()));
    for (Endpoint door : api.endpoints()) {
      if (door.reads() && !door.stream() && !door.path().startsWith("/v3")) {
        for (String address : addresses(door, things)) {
          Visitor.Reply reply = who.get(address);
          lines.add(
              named(
                  "%s %s\t%s\t%d\t%s"
                      .formatted(day, as, address, reply.status(), told(reply.text()))));
        }
      }
    }
  }

  /** A paper or a packed file is told by its size only. */
  private static String told(String text) {
    return text.startsWith("%PDF") || text.startsWith("PK")
        ? "a file"
        : text.replaceAll("[\\r\\n\\t]+", " ");
  }

  private static List<String> ids(JsonNode list, String name, String id, int most) {
    List<JsonNode> all = new ArrayList<>();
    list.forEach(all::add);
    return all.stream()
        .sorted(Comparator.comparing((JsonNode one) -> one.at(name).asString("")))
        .map(one -> one.at(id).asString(""))
        .limit(most)
        .toList();
  }

  /** The addresses of a door with each thing that belongs into it; none where one is not known. */
  private static List<String> addresses(Endpoint door, Map<String, List<String>> things) {
    List<String> all = new ArrayList<>(List.of(door.path()));
    for (Endpoint.Parameter parameter : door.parameters()) {
      if (parameter.inPath()) {
        List<String> known = things.getOrDefault(door.kindOf(parameter.name()), List.of());
        all =
            all.stream()
                .flatMap(a -> known.stream().map(v -> a.replace("{" + parameter.name() + "}", v)))
                .toList();
      } else if (things.containsKey(parameter.name())) {
        all =
            all.stream()
                .map(
                    a ->
                        a
                            + (a.contains("?") ? "&" : "?")
                            + parameter.name()
                            + "="
                            + things.get(parameter.name()).get(0))
                .toList();
      }
    }
    return all;
  }

  private String named(String line) {
    Matcher ids = ID.matcher(line);
    StringBuilder named = new StringBuilder();
    while (ids.find()) {
      ids.appendReplacement(
          named, "#" + numbers.computeIfAbsent(ids.group(), id -> numbers.size() + 1));
    }
    return ids.appendTail(named).toString();
  }
}
