package nimblefurrow.server.farm;

import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.ReaderUnits;
import org.springframework.dao.DataAccessException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** The units of the farm of whoever is asking. A refusal is never lost for want of them. */
@Component
class FarmReaderUnits implements ReaderUnits {
  private final CurrentFarm current;
  private final Farms farms;

  FarmReaderUnits(CurrentFarm current, Farms farms) {
    this.current = current;
    this.farms = farms;
  }

  @Override
  public UnitSystem units() {
    try {
      return farms.view(current.id()).units();
    } catch (AccessDeniedException
        | NotOnThisFarm
        | DataAccessException
        | TransactionException unknown) {
      return UnitSystem.US;
    }
  }
}
