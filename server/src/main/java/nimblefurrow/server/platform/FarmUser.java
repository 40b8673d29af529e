package nimblefurrow.server.platform;

import java.io.Serial;
import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** Who is signed in, and on which farm. Kept in the session. */
public record FarmUser(UUID userId, UUID farmId, String email, String name, Role role)
    implements Principal, Serializable {
  @Serial private static final long serialVersionUID = 1;

  /** Planners change plans and settings; operators read and log what they did. */
  public enum Role {
    PLANNER,
    OPERATOR
  }

  /** The same person, looking at another farm. */
  public FarmUser on(UUID farm) {
    return new FarmUser(userId, farm, email, name, role);
  }

  @Override
  public String getName() {
    return email;
  }
}
