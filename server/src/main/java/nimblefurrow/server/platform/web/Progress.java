package nimblefurrow.server.platform.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.boot.actuate.endpoint.annotation.Endpoint;
import org.springframework.boot.actuate.endpoint.annotation.ReadOperation;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Whether the server gets on with what it is asked: how many requests it has answered, and how many
 * it is at. It is told on the port of the health checks, by threads that no reader's request holds,
 * so that a server that is only busy is not taken for one that hangs.
 */
@Configuration
class Progress {
  private final AtomicLong answered = new AtomicLong();
  private final AtomicInteger running = new AtomicInteger();

  /**
   * @param answered requests so far
   * @param running requests that are being answered
   */
  record Told(long answered, int running) {}

  /** What the keeper asks. */
  @Endpoint(id = "progress")
  static final class ProgressEndpoint {
    private final Progress progress;

    ProgressEndpoint(Progress progress) {
      this.progress = progress;
    }

    @ReadOperation
    public Told told() {
      return new Told(progress.answered.get(), progress.running.get());
    }
  }

  @Bean
  ProgressEndpoint progressEndpoint() {
    return new ProgressEndpoint(this);
  }

  /** Counts what is asked and answered. */
  @Order(Ordered.HIGHEST_PRECEDENCE)
  static final class Counting extends OncePerRequestFilter {
    private final Progress progress;

    Counting(Progress progress) {
      this.progress = progress;
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      progress.running.incrementAndGet();
      try {
        chain.doFilter(request, response);
      } finally {
        progress.running.decrementAndGet();
        progress.answered.incrementAndGet();
      }
    }
  }

  @Bean
  Counting counting() {
    return new Counting(this);
  }
}
