package nimblefurrow.bench.api;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** What a farm has: the ids of its things by kind, and the values that its answers hold by name. */
public final class Belongings {
  private static final String[] LISTS = {
    "/api/fields", "/api/machines", "/api/lots", "/api/marks", "/api/mixes", "/api/log",
    "/api/dispatch", "/api/flight/runs", "/api/species", "/api/figures", "/api/farm", "/api/order",
    "/api/land", "/api/choices", "/api/season"
  };
  private static final int KEPT = 60;

  private final Map<String, Set<String>> ids = new TreeMap<>();
  private final Map<String, List<JsonNode>> seen = new LinkedHashMap<>();

  private Belongings() {}

  /** Furnishes a farm with one of everything that the demo lacks, then looks through it. */
  public static Belongings of(Visitor planner) {
    Belongings all = new Belongings();
    all.look(planner);
    all.furnish(planner);
    all.look(planner);
    return all;
  }

  public Map<String, Set<String>> ids() {
    return ids;
  }

  public List<String> ids(String kind) {
    return List.copyOf(ids.getOrDefault(kind, Set.of()));
  }

  /** Values that answers held under a name; none where it was never seen. */
  public List<JsonNode> seen(String name) {
    return seen.getOrDefault(name, List.of());
  }

  private void look(Visitor planner) {
    for (String list : LISTS) {
      walk(planner.get(list).json());
    }
    collect("field", planner.get("/api/fields").json(), "/field/id");
    for (JsonNode field : planner.get("/api/fields").json()) {
      collect("link", field.path("chain"), "/id");
    }
    collect("machine", planner.get("/api/machines").json(), "/id");
    collect("lot", planner.get("/api/lots").json(), "/id");
    collect("mark", planner.get("/api/marks").json(), "/id");
    collect("mix", planner.get("/api/mixes").json(), "/id");
    collect("entry", planner.get("/api/log").json(), "/id");
    collect("job", planner.get("/api/dispatch").json().path("jobs"), "/id");
    collect("flight", planner.get("/api/flight/runs").json(), "/id");
    for (String field : ids("field").subList(0, Math.min(2, ids("field").size()))) {
      JsonNode uses = planner.get("/api/herbicides/fields/" + field).json();
      walk(uses);
      collect("herbicide", uses.isArray() ? uses : uses.path("uses"), "/id");
      walk(planner.get("/api/cover/" + field).json());
    }
    for (String lot : ids("lot")) {
      collect("paper", planner.get("/api/lot-papers/lots/" + lot).json(), "/id");
    }
    for (String machine : ids("machine")) {
      JsonNode tests = planner.get("/api/calibrations/machines/" + machine).json().path("tests");
      walk(tests);
      collect("calibration", tests, "/id");
    }
  }

  private void furnish(Visitor planner) {
    String field = ids("field").get(0);
    String drone = "";
    for (JsonNode machine : planner.get("/api/machines").json()) {
      drone =
          machine.path("kind").asString().equals("DRONE") ? machine.path("id").asString() : drone;
    }
    String today = planner.get("/api/session").json().path("today").asString();
    planner.send(
        "POST",
        "/api/herbicides/fields/" + field,
        "{\"active\":\"imazethapyr\",\"appliedOn\":\"%s\",\"days\":300,\"families\":[\"BRASSICA\"]}"
            .formatted(today));
    planner.send(
        "POST",
        "/api/mixes",
        "{\"name\":\"Bench mix\",\"members\":[{\"species\":\"oats\",\"share\":1}]}");
    planner.upload("/api/lot-papers/lots/" + ids("lot").get(0), "paper.txt", "tested".getBytes());
    planner.send(
        "POST",
        "/api/calibrations",
        ("{\"machineId\":\"%s\",\"kind\":\"CATCH\",\"details\":{\"grams\":620,\"outlets\":8,"
                + "\"rowSpacingIn\":7.5,\"distanceFt\":200,\"setting\":40}}")
            .formatted(ids("machine").get(0)));
    planner.send(
        "POST",
        "/api/log",
        "{\"id\":\"%s\",\"fieldId\":\"%s\",\"on\":\"%s\",\"fact\":{\"kind\":\"CROP_STAGE\",\"stage\":\"SILKING\"}}"
            .formatted(UUID.randomUUID(), field, today));
    planner.send(
        "POST",
        "/api/flight/runs",
        "{\"fieldId\":\"%s\",\"machineId\":\"%s\",\"windMph\":4}".formatted(field, drone));
  }

  private void collect(String kind, JsonNode list, String pointer) {
    for (JsonNode item : list) {
      String id = item.at(pointer).asString("");
      if (!id.isEmpty()) {
        ids.computeIfAbsent(kind, k -> new TreeSet<>()).add(id);
      }
    }
  }

  private void walk(JsonNode node) {
    for (JsonNode item : node) {
      walk(item);
    }
    for (var property : node.properties()) {
      List<JsonNode> values = seen.computeIfAbsent(property.getKey(), k -> new ArrayList<>());
      if (values.size() < KEPT) {
        values.add(property.getValue());
      }
    }
  }
}
