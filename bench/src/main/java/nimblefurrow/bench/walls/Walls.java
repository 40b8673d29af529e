package nimblefurrow.bench.walls;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import nimblefurrow.bench.api.ApiMap;
import nimblefurrow.bench.api.Belongings;
import nimblefurrow.bench.api.BenchServer;
import nimblefurrow.bench.api.Endpoint;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.bench.api.Visitor.Reply;
import nimblefurrow.bench.fuzz.BodyMaker;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Asks every endpoint as planner and as operator of one farm for the things of another, by every id
 * of theirs in every place of the address and of the body; and as a stranger for everything.
 * Wanted: nothing of theirs in any answer, and nothing of theirs changed.
 */
public final class Walls {
  private static final int SHOWN = 25;
  private static final int BODIES = 4;
  private static final JsonMapper JSON = new JsonMapper();

  /** What anybody may ask: signing in, starting a farm, what can be chosen. */
  private static final Set<String> OPEN =
      Set.of(
          "GET /api/v1/session",
          "POST /api/v1/session",
          "DELETE /api/v1/session",
          "POST /api/v1/farms");

  /** What a secret word opens instead of a name; one that was never given opens nothing. */
  private static final String BY_WORD = "{word}";

  /** Whoever enters one names it; so an id that is somebody's field is a new date here. */
  private static final String NAMED_BY_ASKER = "termination-date";

  private final BenchServer server;
  private final List<String> leaks = new ArrayList<>();
  private final Map<String, TreeMap<Integer, Integer>> byRole = new TreeMap<>();
  private final Set<String> theirs = new LinkedHashSet<>();
  private ApiMap api;
  private Belongings of;
  private BodyMaker bodies;

  private Walls(BenchServer server) {
    this.server = server;
  }

  /** Whether every wall held. */
  public static boolean run(PrintStream out) {
    try (BenchServer server = BenchServer.start()) {
      return new Walls(server).knockEverywhere(out);
    }
  }

  private boolean knockEverywhere(PrintStream out) {
    UUID victim = server.farm("orchard", 28);
    server.farm("hedge", 6);
    Visitor owner = Visitor.signedIn(server.address(), "planner@orchard.example");
    Visitor planner = Visitor.signedIn(server.address(), "planner@hedge.example");
    Visitor operator = Visitor.signedIn(server.address(), "operator@hedge.example");
    Visitor stranger = new Visitor(server.address());
    api = ApiMap.of(owner);
    of = Belongings.of(owner);
    of.ids().forEach((kind, ids) -> theirs.addAll(ids));
    // What is made up for a good body comes from the asker's own farm; ids are then put in.
    bodies = new BodyMaker(api, Belongings.of(planner), new Random(7));
    String before = content(victim);
    for (Endpoint door : api.endpoints()) {
      if (!door.toString().equals("DELETE /api/v1/session")) {
        if (!door.stream()) {
          knock(door, "planner", planner);
          knock(door, "operator", operator);
        }
        stranger(door, stranger);
      }
    }
    boolean same = before.equals(content(victim));
    if (!same) {
      leaks.add("something of the other farm has changed");
    }
    byRole.forEach((role, statuses) -> out.printf("%-9s %s%n", role, statuses));
    out.printf(
        "%d endpoints, %d kinds of things, %d leaks; the other farm is %s%n",
        api.endpoints().size(), of.ids().size(), leaks.size(), same ? "as it was" : "CHANGED");
    leaks.stream().limit(SHOWN).forEach(out::println);
    return leaks.isEmpty();
  }

  private void knock(Endpoint door, String role, Visitor who) {
    List<Endpoint.Parameter> places =
        door.parameters().stream().filter(Endpoint.Parameter::inPath).toList();
    for (Endpoint.Parameter place : places) {
      for (String id : oneOfEachKind()) {
        String path = place.put(door.path(), id);
        for (Endpoint.Parameter other : places) {
          path = other.put(path, bodies.parameter(door, other, 0));
        }
        send(
            door, role, who, path, door.body().isPresent() ? bodies.body(door, 0) : null, id, true);
      }
    }
    if (door.body().isPresent()) {
      for (int i = 0; i < BODIES; i++) {
        for (String id : oneOfEachKind()) {
          JsonNode body = JSON.readTree(bodies.body(door, 0));
          if (put(body, id)) {
            String path = door.path();
            for (Endpoint.Parameter other : places) {
              path = other.put(path, bodies.parameter(door, other, 0));
            }
            send(door, role, who, path, body.toString(), id, false);
          }
        }
      }
    }
  }

  private List<String> oneOfEachKind() {
    return of.ids().keySet().stream().map(kind -> of.ids(kind).get(0)).toList();
  }

  /** Puts an id into every place of a body that names one; false where there is none. */
  private static boolean put(JsonNode body, String id) {
    boolean placed = false;
    if (body instanceof ObjectNode object) {
      for (String name : List.copyOf(object.propertyNames())) {
        if ((name.endsWith("Id") || name.equals("other") || name.equals("joined"))
            && object.get(name).isString()) {
          object.put(name, id);
          placed = true;
        } else {
          placed |= put(object.get(name), id);
        }
      }
    }
    return placed;
  }

  private void send(
      Endpoint door,
      String role,
      Visitor who,
      String path,
      String body,
      String id,
      boolean inPath) {
    Reply reply =
        door.upload()
            ? who.upload(path, "x.csv", "longitude,latitude\n".getBytes())
            : who.send(door.method(), path, body);
    byRole.computeIfAbsent(role, r -> new TreeMap<>()).merge(reply.status(), 1, Integer::sum);
    String asked = "%s as %s, %s".formatted(door, role, path);
    String echoed = reply.text().replace(id, "").replace(path, "");
    if (door.kindOf("id").equals(NAMED_BY_ASKER) && !of.ids(NAMED_BY_ASKER).contains(id)) {
      return;
    }
    theirs.stream()
        .filter(other -> echoed.contains(other))
        .findFirst()
        .ifPresent(other -> leaks.add(asked + " tells of " + other));
    if (inPath && reply.status() < 300 && !harmless(door)) {
      leaks.add(asked + " answers " + reply.status());
    } else if (reply.status() >= 500) {
      leaks.add(asked + " answers " + reply.status() + ": " + reply.text());
    }
  }

  /** Species are everyone's: their places in an address hold no id of a farm. */
  private static boolean harmless(Endpoint door) {
    return door.path().startsWith("/api/v1/species");
  }

  private void stranger(Endpoint door, Visitor who) {
    if (OPEN.contains(door.toString())) {
      return;
    }
    String path = door.path();
    for (Endpoint.Parameter place : door.parameters()) {
      List<String> ids = of.ids(door.kindOf(place.name()));
      path = place.put(path, ids.isEmpty() ? "rye" : ids.get(0));
    }
    Reply reply =
        who.send(door.method(), path, door.body().isPresent() ? bodies.body(door, 0) : null);
    byRole.computeIfAbsent("stranger", r -> new TreeMap<>()).merge(reply.status(), 1, Integer::sum);
    boolean nothing =
        door.path().contains(BY_WORD) && List.of(400, 404, 415).contains(reply.status());
    if (reply.status() != 401 && !nothing) {
      leaks.add("%s answers a stranger with %d".formatted(door, reply.status()));
    }
  }

  /** All that the database keeps of a farm, as one text to compare. */
  private String content(UUID farm) {
    List<String> tables =
        server
            .sql()
            .sql(
                "select table_name from information_schema.columns"
                    + " where table_schema = 'public' and column_name = 'farm_id' order by 1")
            .query(String.class)
            .list();
    StringBuilder all = new StringBuilder();
    for (String table : tables) {
      all.append(table)
          .append(
              server
                  .sql()
                  .sql(
                      "select coalesce(md5(string_agg(t::text, '|' order by t::text)), '') from \"%s\" t where farm_id = ?"
                          .formatted(table))
                  .param(farm)
                  .query(String.class)
                  .single())
          .append('\n');
    }
    return all.toString();
  }
}
