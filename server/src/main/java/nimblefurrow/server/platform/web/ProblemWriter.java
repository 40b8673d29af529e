package nimblefurrow.server.platform.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem where no controller stands: in filters, at the doors, on unknown errors. */
@Component
public class ProblemWriter {
  private final JsonMapper json;

  ProblemWriter(JsonMapper json) {
    this.json = json;
  }

  public void write(
      HttpServletRequest request, HttpServletResponse response, HttpStatus status, String said)
      throws IOException {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, PlainText.shown(said));
    try {
      problem.setInstance(URI.create(request.getRequestURI()));
    } catch (IllegalArgumentException notAnAddress) {
      // The address itself is what is wrong: the problem stands without it.
    }
    response.setStatus(status.value());
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.getOutputStream().write(json.writeValueAsBytes(problem));
  }
}
