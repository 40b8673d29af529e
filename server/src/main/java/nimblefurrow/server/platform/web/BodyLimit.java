package nimblefurrow.server.platform.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Holds every body to its size, while it is read and whoever sends it: 1 MB, files 12 MB as
 * documented. A body that announces more is refused before a byte is read; one that announces
 * nothing, when the limit is passed. Addresses with a NUL in them are refused as well.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {
  static final long MOST_BYTES = 1024 * 1024;

  static final long MOST_FILE_BYTES = 12 * 1024 * 1024;

  /** The form about a file; the container holds the file itself to 12 MB. */
  private static final long FORM_BYTES = 64 * 1024;

  private final ProblemWriter problems;

  BodyLimit(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (hasNul(request)) {
      problems.write(
          request, response, HttpStatus.BAD_REQUEST, "this address holds a character that is none");
      return;
    }
    long most = file(request) ? MOST_FILE_BYTES : MOST_BYTES;
    if (request.getContentLengthLong() > most + (file(request) ? FORM_BYTES : 0)) {
      problems.write(
          request, response, HttpStatus.CONTENT_TOO_LARGE, new BodyTooLarge(most).getMessage());
      return;
    }
    chain.doFilter(file(request) ? request : new Held(request, most), response);
  }

  private static boolean hasNul(HttpServletRequest request) {
    String query = request.getQueryString();
    String uri = request.getRequestURI();
    return query != null && (query.contains("%00") || query.indexOf('\0') >= 0)
        || uri.contains("%00");
  }

  private static boolean file(HttpServletRequest request) {
    String type = request.getContentType();
    return type != null && type.toLowerCase(Locale.ROOT).startsWith("multipart/");
  }

  /** The request with its body counted. */
  private static final class Held extends HttpServletRequestWrapper {
    private final long most;
    private ServletInputStream counted;

    Held(HttpServletRequest request, long most) {
      super(request);
      this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      if (counted == null) {
        counted = new Counted(super.getInputStream(), most);
      }
      return counted;
    }

    @Override
    public BufferedReader getReader() throws IOException {
      return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
  }

  private static final class Counted extends ServletInputStream {
    private final ServletInputStream in;
    private final long most;
    private long read;

    Counted(ServletInputStream in, long most) {
      this.in = in;
      this.most = most;
    }

    @Override
    public int read() throws IOException {
      int b = in.read();
      count(b < 0 ? 0 : 1);
      return b;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      int n = in.read(into, from, length);
      count(Math.max(0, n));
      return n;
    }

    private void count(int n) throws BodyTooLarge {
      read += n;
      if (read > most) {
        throw new BodyTooLarge(most);
      }
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}
