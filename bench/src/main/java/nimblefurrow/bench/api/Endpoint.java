package nimblefurrow.bench.api;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/**
 * Something that may be asked of the server.
 *
 * @param body what it takes as JSON, if it does
 * @param upload whether it takes a file
 */
public record Endpoint(
    String method,
    String path,
    List<Parameter> parameters,
    Optional<JsonNode> body,
    boolean upload) {

  private static final String API = "/api/v1/";

  /** A part of the address: within the path, or behind the question mark. */
  public record Parameter(String name, boolean inPath, JsonNode schema) {
    /** An address with a value in this place of it, such as {@code cereal rye}, encoded. */
    public String put(String path, String value) {
      String encoded = URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
      return path.replace("{" + name + "}", encoded.isEmpty() ? "%20" : encoded);
    }
  }

  /** A stream that does not end by itself is not asked here. */
  public boolean stream() {
    return path.endsWith("/events");
  }

  public boolean reads() {
    return method.equals("GET");
  }

  /**
   * The kind of thing that an id in this place names, such as a field; by the words of the address:
   * in {@code /api/v1/fields/{id}/growth} it is a field.
   */
  public String kindOf(String parameter) {
    if (!parameter.equals("id")) {
      return parameter.endsWith("Id") ? parameter.substring(0, parameter.length() - 2) : parameter;
    }
    String room = path.substring(API.length()).split("/")[0];
    return switch (room) {
      case "fields", "land" -> "field";
      case "log" -> "entry";
      case "lot-papers" -> "paper";
      case "flight" -> "flight";
      case "mixes" -> "mix";
      default -> room.replaceAll("s$", "");
    };
  }

  @Override
  public String toString() {
    return method + " " + path;
  }
}
