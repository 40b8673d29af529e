package nimblefurrow.bench.fuzz;

import java.util.List;
import java.util.Random;
import java.util.UUID;
import nimblefurrow.bench.api.ApiMap;
import nimblefurrow.bench.api.Belongings;
import nimblefurrow.bench.api.Endpoint;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Makes bodies by a schema: such as might be meant, or with something in them that cannot be. */
public final class BodyMaker {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final JsonMapper JSON = new JsonMapper();
  private static final int DEEPEST = 6;

  /** What no figure, day, name or list may be; each as it stands in the body. */
  static final List<String> CANNOT_BE =
      List.of(
          "null",
          "-1",
          "1e308",
          "-1e308",
          "1e999",
          "\"NaN\"",
          "\"Infinity\"",
          "\"70f\"",
          "\"0x1p3\"",
          "9007199254740993",
          "0.0000000000001",
          "true",
          "[]",
          "{}",
          "[null]",
          "[[[[[[[[[[]]]]]]]]]]",
          "\"\"",
          "\" \"",
          "\"\\u0000\"",
          "\"\\ud800\"",
          "\"a\\u0000b\"",
          "\"0001-01-01\"",
          "\"9999-12-31\"",
          "\"+999999999-12-31\"",
          "\"-999999999-01-01\"",
          "\"2026-02-30\"",
          "\"2400-01-01\"",
          "\"1900-01-01\"",
          "\"' or 1=1 --\"",
          "\"<script>alert(1)</script>\"",
          "\"../../etc/passwd\"",
          "\"=1+1\"",
          "\"00000000-0000-0000-0000-000000000000\"",
          "\"not-an-id\"",
          "\"🌾\"",
          "-0.0",
          "{\"type\":\"Polygon\",\"coordinates\":[]}",
          "\"{\\\"type\\\":\\\"Polygon\\\",\\\"coordinates\\\":[[[179,40],[-179,40],[-179,41],[179,40]]]}\"");

  private final ApiMap api;
  private final Belongings own;
  private final Random random;

  public BodyMaker(ApiMap api, Belongings own, Random random) {
    this.api = api;
    this.own = own;
    this.random = random;
  }

  /**
   * A body for an endpoint.
   *
   * @param spoilt the chance that a value is one that cannot be, 0–1
   */
  public String body(Endpoint endpoint, double spoilt) {
    return make("", endpoint.body().orElseThrow(), spoilt, 0).toString();
  }

  /** A value for a place in an address, not yet encoded. */
  public String parameter(Endpoint endpoint, Endpoint.Parameter p, double spoilt) {
    if (random.nextDouble() < spoilt) {
      String text = pick(CANNOT_BE);
      return text.startsWith("\"") ? JSON.readTree(text).asString() : text;
    }
    List<String> ids = own.ids(endpoint.kindOf(p.name()));
    if (!ids.isEmpty()) {
      return pick(ids);
    }
    JsonNode made = make(p.name(), p.schema(), 0, 0);
    return made.isValueNode() ? made.asString() : made.toString();
  }

  private JsonNode make(String name, JsonNode given, double spoilt, int depth) {
    JsonNode schema = api.followed(given);
    if (random.nextDouble() < spoilt) {
      return random.nextInt(20) == 0 ? NODES.stringNode("x".repeat(30_000)) : cannotBe();
    }
    String type = schema.path("type").asString("");
    if (schema.has("oneOf")) {
      JsonNode kinds = schema.path("oneOf");
      return make(name, kinds.get(random.nextInt(kinds.size())), spoilt, depth);
    } else if (schema.has("properties") && depth < DEEPEST) {
      return object(schema, spoilt, depth);
    } else if (type.equals("array")) {
      ArrayNode list = NODES.arrayNode();
      for (int i = random.nextInt(4); i > 0; i--) {
        list.add(make(name, schema.path("items"), spoilt, depth + 1));
      }
      return list;
    }
    if (!name.isEmpty() && !schema.has("enum") && random.nextDouble() < 0.75) {
      String kind = name.endsWith("Id") ? name.substring(0, name.length() - 2) : name;
      List<String> ids = own.ids(kind);
      if (!ids.isEmpty()) {
        return NODES.stringNode(pick(ids));
      }
      List<JsonNode> known = own.seen(name);
      if (!known.isEmpty()) {
        return pick(known);
      }
    }
    return plain(schema, type);
  }

  private JsonNode cannotBe() {
    String text = pick(CANNOT_BE);
    return text.equals("1e999") ? NODES.stringNode(text) : JSON.readTree(text);
  }

  private ObjectNode object(JsonNode schema, double spoilt, int depth) {
    ObjectNode made = NODES.objectNode();
    for (var property : schema.path("properties").properties()) {
      boolean wanted = false;
      for (JsonNode required : schema.path("required")) {
        wanted |= required.asString().equals(property.getKey());
      }
      if (random.nextDouble() < (wanted ? 0.97 : 0.6)) {
        made.set(
            property.getKey(), make(property.getKey(), property.getValue(), spoilt, depth + 1));
      }
    }
    return made;
  }

  private JsonNode plain(JsonNode schema, String type) {
    List<String> choices = schema.path("enum").values().stream().map(JsonNode::asString).toList();
    if (!choices.isEmpty()) {
      return NODES.stringNode(pick(choices));
    }
    return switch (type) {
      case "integer" -> NODES.numberNode(random.nextInt(30));
      case "number" -> NODES.numberNode(pick(List.of(0.5, 1.0, 5.0, 12.5, 60.0, 200.0)));
      case "boolean" -> NODES.booleanNode(random.nextBoolean());
      default ->
          switch (schema.path("format").asString("")) {
            case "date" ->
                NODES.stringNode(
                    java.time.LocalDate.of(2026, 8, 15).plusDays(random.nextInt(300)).toString());
            case "uuid" ->
                NODES.stringNode(new UUID(random.nextLong(), random.nextLong()).toString());
            default -> NODES.stringNode(pick(List.of("North", "rye", "a b", "Élan", "x")));
          };
    };
  }

  private <T> T pick(List<T> among) {
    return among.get(random.nextInt(among.size()));
  }
}
