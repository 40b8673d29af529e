package nimblefurrow.server.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import nimblefurrow.server.account.Doors.Door;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.web.AskingOnly;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Starting a new farm with its first planner. */
@RestController
@RequestMapping("/api/v1/farms")
class NewFarmController {
  record NewFarm(
      @NotBlank @Size(max = 120) String farm,
      @NotNull @DecimalMin("-60") @DecimalMax("60") Double latitude,
      @NotNull @DecimalMin("-180") @DecimalMax("180") Double longitude,
      @NotBlank @Size(max = 120) String name,
      @NotBlank @Email @Size(max = 200) String email,
      @NotBlank @Size(max = 200) String password) {}

  private final Farms farms;
  private final Accounts accounts;
  private final Sessions sessions;
  private final TransactionTemplate transaction;
  private final Doors doors;
  private final KnownDevices devices;

  NewFarmController(
      Farms farms,
      Accounts accounts,
      Sessions sessions,
      TransactionTemplate transaction,
      Doors doors,
      KnownDevices devices) {
    this.doors = doors;
    this.devices = devices;
    this.farms = farms;
    this.accounts = accounts;
    this.sessions = sessions;
    this.transaction = transaction;
  }

  @AskingOnly // the session that is opened here is a row of its own
  @PostMapping
  ResponseEntity<?> start(
      @Valid @RequestBody NewFarm typed, HttpServletRequest request, HttpServletResponse response) {
    Passwords.check(typed.password(), List.of(typed.email(), typed.name(), typed.farm()));
    Optional<Duration> wait = doors.knock(Door.NEW_FARM, request.getRemoteAddr());
    if (wait.isPresent()) {
      return Sessions.later(wait.get());
    }
    FarmUser planner =
        transaction.execute(
            status -> {
              FarmView farm = farms.start(typed.farm(), typed.latitude(), typed.longitude());
              return accounts.add(
                  farm.id(), typed.email(), typed.name(), typed.password(), FarmUser.Role.PLANNER);
            });
    devices.remember(request, response, planner.userId(), Accounts.normal(typed.email()));
    sessions.enter(planner, request, response);
    return ResponseEntity.ok(sessions.view(planner));
  }
}
