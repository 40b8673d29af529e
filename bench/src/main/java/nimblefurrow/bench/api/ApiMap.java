package nimblefurrow.bench.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/** All that may be asked, as the server itself describes it. */
public final class ApiMap {
  private final JsonNode description;
  private final List<Endpoint> endpoints = new ArrayList<>();

  private ApiMap(JsonNode description) {
    this.description = description;
    for (var path : description.path("paths").properties()) {
      for (var method : path.getValue().properties()) {
        endpoints.add(endpoint(method.getKey().toUpperCase(), path.getKey(), method.getValue()));
      }
    }
  }

  public static ApiMap of(Visitor anyone) {
    return new ApiMap(anyone.get("/v3/api-docs").json());
  }

  public List<Endpoint> endpoints() {
    return List.copyOf(endpoints);
  }

  /** A schema with its reference, if it is one, followed. */
  public JsonNode followed(JsonNode schema) {
    String reference = schema.path("$ref").asString("");
    return reference.isEmpty()
        ? schema
        : description.at("/" + reference.substring(reference.indexOf("components")));
  }

  private static Endpoint endpoint(String method, String path, JsonNode operation) {
    List<Endpoint.Parameter> parameters = new ArrayList<>();
    for (JsonNode p : operation.path("parameters")) {
      parameters.add(
          new Endpoint.Parameter(
              p.path("name").asString(), p.path("in").asString().equals("path"), p.path("schema")));
    }
    JsonNode content = operation.path("requestBody").path("content");
    JsonNode json = content.path("application/json").path("schema");
    return new Endpoint(
        method,
        path,
        parameters,
        json.isMissingNode() ? Optional.empty() : Optional.of(json),
        content.has("multipart/form-data"));
  }
}
