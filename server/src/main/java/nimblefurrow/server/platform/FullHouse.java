package nimblefurrow.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLTransientConnectionException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whoever finds no connection to the database outside of every controller, as when their session is
 * looked up, is asked to come again, like everyone else.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class FullHouse extends OncePerRequestFilter {
  static final String SAID = "too much is asked at once: try again in a moment; nothing was saved";
  static final String RETRY_SECONDS = "3";

  private final ProblemWriter problems;

  FullHouse(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (RuntimeException | ServletException broken) {
      boolean full =
          NestedExceptionUtils.getMostSpecificCause(broken)
              instanceof SQLTransientConnectionException;
      if (!full || response.isCommitted()) {
        throw broken;
      }
      response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_SECONDS);
      problems.write(request, response, HttpStatus.SERVICE_UNAVAILABLE, SAID);
    }
  }
}
