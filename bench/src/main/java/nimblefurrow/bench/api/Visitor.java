package nimblefurrow.bench.api;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import nimblefurrow.server.demo.DemoFarm;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody with a browser: a session cookie and the page's token. */
public final class Visitor {
  private static final JsonMapper JSON = new JsonMapper();
  private static final Duration PATIENCE = Duration.ofSeconds(60);

  /**
   * What came back.
   *
   * @param millis from sending to the last byte
   */
  public record Reply(int status, String text, double millis) {
    public JsonNode json() {
      return JSON.readTree(text);
    }
  }

  private final String base;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client;

  /** A stranger at a server's door. */
  public Visitor(String base) {
    this.base = base;
    this.client = HttpClient.newBuilder().cookieHandler(cookies).build();
    get("/api/v1/session");
  }

  /** One of the demo's people, signed in. */
  public static Visitor signedIn(String base, String email) {
    Visitor visitor = new Visitor(base);
    Reply answer =
        visitor.send(
            "POST",
            "/api/v1/session",
            "{\"email\":\"%s\",\"password\":\"%s\"}".formatted(email, DemoFarm.PASSWORD));
    if (answer.status() != 200) {
      throw new IllegalStateException("sign-in of " + email + " failed: " + answer.text());
    }
    return visitor;
  }

  public Reply get(String path) {
    return send("GET", path, null);
  }

  /**
   * Sends JSON, or nothing.
   *
   * @param body null for none
   */
  public Reply send(String method, String path, String body) {
    return send(
        method,
        path,
        "application/json",
        body == null ? null : body.getBytes(StandardCharsets.UTF_8));
  }

  /** Sends a file as a form does. */
  public Reply upload(String path, String fileName, byte[] content) {
    String edge = "edge-of-a-part";
    byte[] head =
        ("--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"%s\"\r\n"
                + "Content-Type: application/octet-stream\r\n\r\n")
            .formatted(edge, fileName)
            .getBytes(StandardCharsets.UTF_8);
    byte[] tail = "\r\n--%s--\r\n".formatted(edge).getBytes(StandardCharsets.UTF_8);
    byte[] all = new byte[head.length + content.length + tail.length];
    System.arraycopy(head, 0, all, 0, head.length);
    System.arraycopy(content, 0, all, head.length, content.length);
    System.arraycopy(tail, 0, all, head.length + content.length, tail.length);
    return send("POST", path, "multipart/form-data; boundary=" + edge, all);
  }

  public Reply send(String method, String path, String type, byte[] body) {
    BodyPublisher publisher =
        body == null ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body);
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(base + path))
            .timeout(PATIENCE)
            .header("Content-Type", type)
            .method(method, publisher);
    token().ifPresent(token -> request.header("X-XSRF-TOKEN", token));
    long start = System.nanoTime();
    try {
      var answer = client.send(request.build(), BodyHandlers.ofByteArray());
      double millis = (System.nanoTime() - start) / 1e6;
      return new Reply(
          answer.statusCode(), new String(answer.body(), StandardCharsets.UTF_8), millis);
    } catch (IOException broken) {
      throw new UncheckedIOException(method + " " + path, broken);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(stopped);
    }
  }

  private java.util.Optional<String> token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(c -> c.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst();
  }
}
