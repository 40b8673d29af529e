package nimblefurrow.server.demo;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import nimblefurrow.server.account.SessionView;
import nimblefurrow.server.account.Sessions;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.web.AskingOnly;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The made-up farm to look at, and the way back. Every farm has a copy of its own, made when it is
 * first looked at, so that it may be taken apart; one's own farm is not touched by it.
 */
@RestController
@RequestMapping("/api/v1/sample")
class SampleController {
  private final DemoFarm demo;
  private final Farms farms;
  private final Sessions sessions;
  private final TransactionTemplate transaction;
  private final CurrentFarm current;

  SampleController(
      DemoFarm demo,
      Farms farms,
      Sessions sessions,
      TransactionTemplate transaction,
      CurrentFarm current) {
    this.demo = demo;
    this.farms = farms;
    this.sessions = sessions;
    this.transaction = transaction;
    this.current = current;
  }

  @AskingOnly // the session that is opened here is a row of its own
  @PostMapping
  SessionView look(HttpServletRequest request, HttpServletResponse response) {
    FarmUser user = current.user();
    if (farms.view(user.farmId()).demo()) {
      throw new Conflict("this is the demo already");
    }
    UUID sample =
        farms
            .sampleOf(user.farmId())
            .orElseGet(() -> transaction.execute(status -> demo.sample(user.farmId())));
    return sessions.move(user.on(sample), request, response);
  }

  @AskingOnly // as above
  @DeleteMapping
  SessionView back(HttpServletRequest request, HttpServletResponse response) {
    FarmUser user = current.user();
    UUID home =
        farms
            .sampleFor(user.farmId())
            .orElseThrow(() -> new Conflict("this is your own farm already"));
    return sessions.move(user.on(home), request, response);
  }
}
