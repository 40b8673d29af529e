package nimblefurrow.server.platform.web;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Requests that the container refuses before anyone is asked are answered as problems too. */
@Component
class ContainerProblems implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addContextCustomizers(
        context -> {
          if (context.getParent() instanceof StandardHost host) {
            host.setErrorReportValveClass(Report.class.getName());
          }
        });
  }

  /** Instead of the container's own page. */
  public static final class Report extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, Throwable thrown) {
      int status = response.getStatus();
      if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
        return;
      }
      String problem =
          "{\"status\":%d,\"detail\":\"%s\"}"
              .formatted(
                  status,
                  status < 500
                      ? "this request cannot be understood"
                      : "something broke on our side; nothing was saved");
      try {
        response.setContentType("application/problem+json");
        response.setCharacterEncoding("utf-8");
        response.getReporter().write(problem);
        response.finishResponse();
      } catch (IOException | IllegalStateException left) {
        container.getLogger().debug("nobody to tell", left);
      }
    }
  }
}
