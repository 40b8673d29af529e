package nimblefurrow.server.logbook;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.util.Set;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A phone without a signal may hold entries of a page from before facts had kinds of their own, for
 * days: what waits on it is taken as it was written. Such a body has all figures side by side, with
 * what was seen under {@code look}; here they are put under {@code fact}.
 */
@ControllerAdvice
class EntriesOfOldPages extends RequestBodyAdviceAdapter {
  private static final Set<String> OF_THE_ENTRY =
      Set.of("id", "fieldId", "zoneId", "on", "job", "machineId", "acres", "pounds", "lot", "note");

  private final JsonMapper json;

  EntriesOfOldPages(JsonMapper json) {
    this.json = json;
  }

  @Override
  public boolean supports(
      MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
    return target == Logbook.EntryForm.class || target == LogController.ReplacementForm.class;
  }

  @Override
  public HttpInputMessage beforeBodyRead(
      HttpInputMessage message,
      MethodParameter parameter,
      Type target,
      Class<? extends HttpMessageConverter<?>> converter)
      throws IOException {
    byte[] sent = message.getBody().readAllBytes();
    return new Body(message.getHeaders(), new ByteArrayInputStream(now(sent)));
  }

  private byte[] now(byte[] sent) {
    try {
      JsonNode body = json.readTree(sent);
      boolean replaces = body.path("entry").isObject();
      JsonNode entry = replaces ? body.path("entry") : body;
      if (!(entry instanceof ObjectNode old) || old.has("fact") || !old.has("kind")) {
        return sent;
      }
      ObjectNode fact = json.createObjectNode();
      ObjectNode kept = json.createObjectNode();
      old.properties()
          .forEach(
              p -> (OF_THE_ENTRY.contains(p.getKey()) ? kept : fact).set(p.getKey(), p.getValue()));
      spread(fact);
      kept.set("fact", fact);
      if (!replaces) {
        return json.writeValueAsBytes(kept);
      }
      ObjectNode whole = ((ObjectNode) body).deepCopy();
      whole.set("entry", kept);
      return json.writeValueAsBytes(whole);
    } catch (JacksonException unreadable) {
      return sent; // which is told as any other body that cannot be read
    }
  }

  private static void spread(ObjectNode fact) {
    JsonNode look = fact.remove("look");
    if (look != null) {
      look.properties()
          .forEach(p -> fact.set(p.getKey().equals("spots") ? "where" : p.getKey(), p.getValue()));
    }
  }

  private record Body(HttpHeaders headers, InputStream body) implements HttpInputMessage {
    @Override
    public InputStream getBody() {
      return body;
    }

    @Override
    public HttpHeaders getHeaders() {
      return headers;
    }
  }
}
