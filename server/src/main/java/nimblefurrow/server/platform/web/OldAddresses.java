package nimblefurrow.server.platform.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Addresses from before they carried a version: a phone without a signal may hold entries of such a
 * page for days. {@code /api/log} is read as {@code /api/v1/log}, before anything else looks at the
 * request, so that the same walls stand around it.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OldAddresses extends OncePerRequestFilter {
  private static final String API = "/api/";
  private static final String VERSIONED = "/api/v1/";

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return !path.startsWith(API) || path.startsWith(VERSIONED);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    chain.doFilter(new Versioned(request), response);
  }

  private static final class Versioned extends HttpServletRequestWrapper {
    Versioned(HttpServletRequest request) {
      super(request);
    }

    private static String now(String path) {
      return VERSIONED + path.substring(API.length());
    }

    @Override
    public String getRequestURI() {
      return now(super.getRequestURI());
    }

    @Override
    public String getServletPath() {
      return now(super.getServletPath());
    }
  }
}
