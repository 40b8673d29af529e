package nimblefurrow.server.platform.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import nimblefurrow.server.platform.background.DatabaseTrouble;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whoever meets trouble of the database outside of every controller, as when their session is
 * looked up, is asked to come again, like everyone else. Who has a whole answer already keeps it,
 * whatever happens to their session afterwards; half an answer is broken off.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class FullHouse extends OncePerRequestFilter {
  private static final Logger LOG = LoggerFactory.getLogger(FullHouse.class);
  private static final String ANSWERED = FullHouse.class.getName() + ".answered";

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
    } catch (InvalidParameterException noText) {
      problems.write(request, response, HttpStatus.BAD_REQUEST, Problems.NO_TEXT);
    } catch (RuntimeException | ServletException broken) {
      Optional<DatabaseTrouble> trouble = DatabaseTrouble.of(broken);
      if (trouble.isPresent() && request.getAttribute(ANSWERED) != null && response.isCommitted()) {
        LOG.warn("trouble with the database after the answer: {}", broken.getMessage());
        return;
      }
      if (trouble.isEmpty() || response.isCommitted()) {
        throw broken;
      }
      response.setHeader(HttpHeaders.RETRY_AFTER, DatabaseTrouble.RETRY_SECONDS);
      problems.write(request, response, trouble.get().status, trouble.get().says);
    }
  }

  /** Notes, within the look-up of the session, that an answer is whole. */
  @Component
  @Order(SessionRepositoryFilter.DEFAULT_ORDER + 1)
  static class Answered extends OncePerRequestFilter {
    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      chain.doFilter(request, response);
      request.setAttribute(ANSWERED, true);
    }
  }
}
