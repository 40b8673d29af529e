package nimblefurrow.server.platform.files;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Prints a page template with its figures as PDF; nothing is loaded from outside. */
@Component
public class Pdf {
  static {
    com.openhtmltopdf.util.XRLog.setLoggingEnabled(false);
  }

  private final Map<String, Template> templates = new ConcurrentHashMap<>();

  /** The first page of all loads fonts and drawing: done before anyone waits for it. */
  @EventListener(ApplicationReadyEvent.class)
  void warm() {
    Thread warming = new Thread(() -> print("seed-order", Map.of()), "first page");
    warming.setDaemon(true);
    warming.start();
  }

  /**
   * @param name of a template among the application's own
   * @param figures what the template names; text is escaped
   */
  public byte[] print(String name, Object figures) {
    String page = templates.computeIfAbsent(name, Pdf::template).execute(figures);
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.useFastMode();
    builder.withHtmlContent(page, null);
    builder.useUriResolver((base, uri) -> uri.startsWith("data:") ? uri : null);
    builder.toStream(pdf);
    try {
      builder.run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return pdf.toByteArray();
  }

  private static Template template(String name) {
    try (Reader text =
        new InputStreamReader(
            Pdf.class.getResourceAsStream("/print/" + name + ".mustache"),
            StandardCharsets.UTF_8)) {
      return Mustache.compiler().escapeHTML(true).defaultValue("").compile(text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
