package nimblefurrow.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.platform.FarmUser;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Opens sessions, and tells who is in one. */
@Component
public class Sessions {
  private final SecurityContextRepository contexts;
  private final Farms farms;

  Sessions(SecurityContextRepository contexts, Farms farms) {
    this.contexts = contexts;
    this.farms = farms;
  }

  /** Opens a fresh session for a user, so that an earlier session id is worth nothing. */
  void enter(FarmUser user, HttpServletRequest request, HttpServletResponse response) {
    HttpSession earlier = request.getSession(false);
    if (earlier != null) {
      earlier.invalidate();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            user, null, List.of(new SimpleGrantedAuthority("ROLE_" + user.role()))));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
  }

  /** Goes on with the same person on another farm, in a fresh session. */
  public SessionView move(FarmUser user, HttpServletRequest request, HttpServletResponse response) {
    enter(user, request, response);
    return view(user);
  }

  public SessionView view(FarmUser user) {
    FarmView farm = farms.view(user.farmId());
    return new SessionView(
        true,
        user.name(),
        user.role(),
        farm.name(),
        farm.units(),
        farms.today(farm),
        farm.demo(),
        farms.sampleFor(farm.id()).isPresent(),
        farm.weatherSource().name());
  }

  /** Too many tries: how long to wait, in words and for programs. */
  static ResponseEntity<ProblemDetail> later(Duration wait) {
    long seconds = Math.max(1, wait.toSeconds());
    String words = seconds < 90 ? seconds + " seconds" : Math.round(seconds / 60.0) + " minutes";
    return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS)
        .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
        .body(
            ProblemDetail.forStatusAndDetail(
                HttpStatus.TOO_MANY_REQUESTS, "too many tries: wait %s".formatted(words)));
  }
}
