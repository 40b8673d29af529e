package nimblefurrow.server;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Calls the API as a browser would: with its session cookie and its CSRF token. */
public class Caller {
  private static final JsonMapper JSON = new JsonMapper();

  /** A status and what came with it. */
  public record Answer(int status, String text) {
    public JsonNode json() {
      return JSON.readTree(text);
    }
  }

  private final String base;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
  boolean withToken = true;

  public Caller(String base) {
    this.base = base;
  }

  /** Another person, not signed in. */
  public Caller stranger() {
    return new Caller(base);
  }

  public Caller signIn(String email, String password) {
    get("/api/v1/session");
    Answer answer = post("/api/v1/session", Map.of("email", email, "password", password));
    if (answer.status() != 200) {
      throw new IllegalStateException("sign-in failed: " + answer.text());
    }
    return this;
  }

  public Caller planner() {
    return signIn("wren@sorrelbend.example", "cover-the-ground");
  }

  public Caller operator() {
    return signIn("otis@sorrelbend.example", "cover-the-ground");
  }

  /** Starts a farm of one's own at 40°N on the simulated station. */
  public Caller ownFarm() {
    get("/api/v1/session");
    String email = UUID.randomUUID() + "@test.example";
    Answer answer =
        post(
            "/api/v1/farms",
            Map.of(
                "farm",
                "Test farm",
                "latitude",
                40,
                "longitude",
                -97,
                "name",
                "Tess Ting",
                "email",
                email,
                "password",
                "long enough words"));
    if (answer.status() != 200) {
      throw new IllegalStateException("no farm: " + answer.text());
    }
    put("/api/v1/weather/source", Map.of("source", "SIMULATED"));
    return this;
  }

  public Answer get(String path) {
    return send("GET", path, null);
  }

  /** A file as it is handed out. */
  public byte[] bytes(String path) {
    try {
      HttpResponse<byte[]> answer =
          client.send(
              HttpRequest.newBuilder(URI.create(base + path)).build(),
              HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != 200) {
        throw new IllegalStateException(path + " answered " + answer.statusCode());
      }
      return answer.body();
    } catch (java.io.IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  public Answer post(String path, Object body) {
    return send("POST", path, named(path, body));
  }

  /** An entry of the log bears an id of its writer's; tests that do not care get a fresh one. */
  private static Object named(String path, Object body) {
    if (!path.equals("/api/v1/log")
        || !(body instanceof Map<?, ?> form)
        || form.containsKey("id")) {
      return body;
    }
    Map<Object, Object> named = new java.util.HashMap<>(form);
    named.put("id", UUID.randomUUID());
    return named;
  }

  public Answer put(String path, Object body) {
    return send("PUT", path, body);
  }

  public Answer delete(String path) {
    return send("DELETE", path, null);
  }

  public Answer send(String method, String path, Object body) {
    HttpRequest.BodyPublisher publisher =
        body == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(
                body instanceof String text ? text : JSON.writeValueAsString(body));
    return exchange(
        HttpRequest.newBuilder(URI.create(base + path))
            .method(method, publisher)
            .header("Content-Type", "application/json"),
        method);
  }

  /** Sends a file as a browser's form would. */
  public Answer upload(String path, String name, byte[] content) {
    String edge = "----" + UUID.randomUUID();
    byte[] head =
        ("--"
                + edge
                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
                + name
                + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
            .getBytes(StandardCharsets.UTF_8);
    byte[] tail = ("\r\n--" + edge + "--\r\n").getBytes(StandardCharsets.UTF_8);
    HttpRequest.BodyPublisher publisher =
        HttpRequest.BodyPublishers.concat(
            HttpRequest.BodyPublishers.ofByteArray(head),
            HttpRequest.BodyPublishers.ofByteArray(content),
            HttpRequest.BodyPublishers.ofByteArray(tail));
    return exchange(
        HttpRequest.newBuilder(URI.create(base + path))
            .POST(publisher)
            .header("Content-Type", "multipart/form-data; boundary=" + edge),
        "POST");
  }

  private Answer exchange(HttpRequest.Builder request, String method) {
    if (withToken && !method.equals("GET")) {
      cookies.getCookieStore().getCookies().stream()
          .filter(c -> c.getName().equals("XSRF-TOKEN"))
          .map(HttpCookie::getValue)
          .findFirst()
          .ifPresent(t -> request.header("X-XSRF-TOKEN", t));
    }
    try {
      HttpResponse<String> response =
          client.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(response.statusCode(), response.body());
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }
}
