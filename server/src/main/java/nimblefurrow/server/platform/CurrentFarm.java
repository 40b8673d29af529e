package nimblefurrow.server.platform;

import java.util.UUID;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** The farm of whoever is asking. Every query goes through it. */
@Component
public class CurrentFarm {
  public UUID id() {
    return user().farmId();
  }

  public FarmUser user() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (who == null || !(who.getPrincipal() instanceof FarmUser user)) {
      throw new AccessDeniedException("sign in first");
    }
    return user;
  }
}
