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
    "/api/v1/fields", "/api/v1/machines", "/api/v1/lots", "/api/v1/marks", "/api/v1/mixes",
        "/api/v1/log",
    "/api/v1/dispatch", "/api/v1/flight/runs", "/api/v1/species", "/api/v1/figures", "/api/v1/farm",
        "/api/v1/order",
    "/api/v1/land", "/api/v1/choices", "/api/v1/season"
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
    collect("field", planner.get("/api/v1/fields").json(), "/field/id");
    for (JsonNode field : planner.get("/api/v1/fields").json()) {
      collect("link", field.path("chain"), "/id");
    }
    collect("machine", planner.get("/api/v1/machines").json(), "/id");
    collect("lot", planner.get("/api/v1/lots").json(), "/id");
    collect("mark", planner.get("/api/v1/marks").json(), "/id");
    collect("mix", planner.get("/api/v1/mixes").json(), "/id");
    collect("entry", planner.get("/api/v1/log").json(), "/id");
    collect("job", planner.get("/api/v1/dispatch").json().path("jobs"), "/id");
    collect("termination-date", planner.get("/api/v1/termination-dates").json(), "/id");
    collect("flight", planner.get("/api/v1/flight/runs").json(), "/id");
    for (String field : ids("field").subList(0, Math.min(2, ids("field").size()))) {
      JsonNode uses = planner.get("/api/v1/herbicides/fields/" + field).json();
      walk(uses);
      collect("herbicide", uses.isArray() ? uses : uses.path("uses"), "/id");
      walk(planner.get("/api/v1/cover/" + field).json());
    }
    for (String lot : ids("lot")) {
      collect("paper", planner.get("/api/v1/lot-papers/lots/" + lot).json(), "/id");
    }
    for (String machine : ids("machine")) {
      JsonNode tests = planner.get("/api/v1/calibrations/machines/" + machine).json().path("tests");
      walk(tests);
      collect("calibration", tests, "/id");
    }
  }

  private void furnish(Visitor planner) {
    String field = ids("field").get(0);
    String drone = "";
    for (JsonNode machine : planner.get("/api/v1/machines").json()) {
      drone =
          machine.path("kind").asString().equals("DRONE") ? machine.path("id").asString() : drone;
    }
    String today = planner.get("/api/v1/session").json().path("today").asString();
    planner.send(
        "POST",
        "/api/v1/herbicides/fields/" + field,
        "{\"active\":\"imazethapyr\",\"appliedOn\":\"%s\",\"days\":300,\"families\":[\"BRASSICA\"]}"
            .formatted(today));
    planner.send(
        "PUT",
        "/api/v1/termination-dates/" + UUID.randomUUID(),
        "{\"name\":\"Bench agent\",\"kind\":\"DEAD_BY\",\"on\":\"%s\",\"fieldIds\":[]}"
            .formatted(today));
    planner.send(
        "POST",
        "/api/v1/mixes",
        "{\"name\":\"Bench mix\",\"members\":[{\"species\":\"oats\",\"share\":1}]}");
    planner.upload(
        "/api/v1/lot-papers/lots/" + ids("lot").get(0), "paper.txt", "tested".getBytes());
    planner.send(
        "POST",
        "/api/v1/calibrations",
        ("{\"machineId\":\"%s\",\"kind\":\"CATCH\",\"details\":{\"grams\":620,\"outlets\":8,"
                + "\"rowSpacingIn\":7.5,\"distanceFt\":200,\"setting\":40}}")
            .formatted(ids("machine").get(0)));
    planner.send(
        "POST",
        "/api/v1/log",
        "{\"id\":\"%s\",\"fieldId\":\"%s\",\"on\":\"%s\",\"fact\":{\"kind\":\"CROP_STAGE\",\"stage\":\"SILKING\"}}"
            .formatted(UUID.randomUUID(), field, today));
    planner.send(
        "POST",
        "/api/v1/flight/runs",
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
