package nimblefurrow.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.Optional;
import nimblefurrow.server.account.Doors.Door;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.web.AskingOnly;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/v1/session")
public class SessionController {
  record SignIn(
      @NotBlank @Size(max = 200) String email, @NotBlank @Size(max = 200) String password) {}

  private final Accounts accounts;
  private final Doors doors;
  private final KnownDevices devices;
  private final Sessions sessions;

  SessionController(Accounts accounts, Doors doors, KnownDevices devices, Sessions sessions) {
    this.accounts = accounts;
    this.doors = doors;
    this.devices = devices;
    this.sessions = sessions;
  }

  @GetMapping
  SessionView who(Authentication who) {
    return who != null && who.getPrincipal() instanceof FarmUser user
        ? sessions.view(user)
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
      return Sessions.later(wait.get());
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
    sessions.enter(user.get(), request, response);
    return ResponseEntity.ok(sessions.view(user.get()));
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

  private static ResponseEntity<ProblemDetail> refused(HttpStatus status, String said) {
    return ResponseEntity.status(status).body(ProblemDetail.forStatusAndDetail(status, said));
  }
}
