package nimblefurrow.server;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/**
 * Every question that can be asked, from the server's own description, filled with a farm's things.
 */
final class EveryGet {
  private EveryGet() {}

  /**
   * Addresses without a mark left open.
   *
   * @param things what to put in the place of a path's or query's names
   */
  static List<String> of(Caller caller, Map<String, String> things) {
    List<String> all = new ArrayList<>();
    for (var path : caller.get("/v3/api-docs").json().path("paths").properties()) {
      JsonNode get = path.getValue().path("get");
      if (!get.isMissingNode()) {
        filled(path.getKey(), get, things, all);
      }
    }
    return all;
  }

  private static void filled(
      String path, JsonNode get, Map<String, String> things, List<String> all) {
    String address = path;
    Map<String, String> query = new LinkedHashMap<>();
    for (JsonNode parameter : get.path("parameters")) {
      String name = parameter.path("name").asString();
      boolean inPath = parameter.path("in").asString().equals("path");
      if (!inPath && !parameter.path("required").asBoolean()) {
        continue;
      }
      String value = things.get(name);
      if (value == null) {
        return;
      }
      if (inPath) {
        address = address.replace("{" + name + "}", value);
      } else {
        query.put(name, value);
      }
    }
    StringBuilder asked = new StringBuilder(address);
    query.forEach(
        (name, value) ->
            asked
                .append(asked.indexOf("?") < 0 ? '?' : '&')
                .append(name)
                .append('=')
                .append(value));
    all.add(asked.toString());
  }
}
