package nimblefurrow.server.account;

import java.time.LocalDate;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.web.Maybe;

/** Who is signed in, on which farm and as of which day; nobody where {@code signedIn} is false. */
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
