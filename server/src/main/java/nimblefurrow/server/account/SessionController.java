package nimblefurrow.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.account.Doors.Door;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.platform.AskingOnly;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.Maybe;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
public class SessionController {
  record SignIn(
      @NotBlank @Size(max = 200) String email, @NotBlank @Size(max = 200) String password) {}

  public record SessionView(
      boolean signedIn,
      @Maybe String name,
      @Maybe FarmUser.Role role,
      @Maybe String farm,
      @Maybe UnitSystem units,
      @Maybe LocalDate today,
      @Maybe Boolean demo,
      @Maybe Boolean sample,
      @Maybe String weatherSource) {}

  private final Accounts accounts;
  private final Doors doors;
  private final KnownDevices devices;
  private final SecurityContextRepository contexts;
  private final Farms farms;

  SessionController(
      Accounts accounts,
      Doors doors,
      KnownDevices devices,
      SecurityContextRepository contexts,
      Farms farms) {
    this.accounts = accounts;
    this.doors = doors;
    this.devices = devices;
    this.contexts = contexts;
    this.farms = farms;
  }

  @GetMapping
  SessionView who(Authentication who) {
    return who != null && who.getPrincipal() instanceof FarmUser user
        ? view(user)
        : new SessionView(false, null, null, null, null, null, null, null, null);
  }

  /** One answer for a wrong password and for an e-mail that nobody has. */
  @AskingOnly
  @PostMapping
  ResponseEntity<?> signIn(
      @Valid @RequestBody SignIn typed, HttpServletRequest request, HttpServletResponse response) {
    String email = Accounts.normal(typed.email());
    Optional<String> device = devices.of(request, email);
    String account = device.map(d -> email + " on " + d).orElse(email);
    String address = request.getRemoteAddr();
    Optional<Duration> wait = doors.knock(Door.ACCOUNT, account);
    if (wait.isEmpty() && device.isEmpty()) {
      wait = doors.knock(Door.ADDRESS, address);
    }
    if (wait.isPresent()) {
      return later(wait.get());
    }
    Optional<FarmUser> user = accounts.check(email, typed.password());
    if (user.isEmpty()) {
      return refused(HttpStatus.UNAUTHORIZED, "e-mail and password do not match");
    }
    doors.opened(Door.ACCOUNT, account);
    if (device.isEmpty()) {
      doors.right(Door.ADDRESS, address);
    }
    devices.remember(request, response, user.get().userId(), email);
    enter(user.get(), request, response);
    return ResponseEntity.ok(view(user.get()));
  }

  @AskingOnly
  @DeleteMapping
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
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

  SessionView view(FarmUser user) {
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

  private static ResponseEntity<ProblemDetail> refused(HttpStatus status, String said) {
    return ResponseEntity.status(status).body(ProblemDetail.forStatusAndDetail(status, said));
  }
}
