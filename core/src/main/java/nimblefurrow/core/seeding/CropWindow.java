package nimblefurrow.core.seeding;

import java.time.LocalDate;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.quantity.Reason;

/**
 * What the cash crop allows a way in, before any cover species is asked: opens, best and closes per
 * climate year. A null {@code closes} means that only the cover's own last day ends it; an
 * impossible one says why and what instead.
 */
record CropWindow(
    Ensemble<LocalDate> opens,
    Ensemble<LocalDate> from,
    Ensemble<LocalDate> to,
    Ensemble<LocalDate> closes,
    Reason impossible,
    Reason remedy) {

  static CropWindow open(
      Ensemble<LocalDate> opens,
      Ensemble<LocalDate> from,
      Ensemble<LocalDate> to,
      Ensemble<LocalDate> closes) {
    return new CropWindow(opens, from, to, closes, null, null);
  }

  static CropWindow impossible(Reason why, Reason remedy) {
    return new CropWindow(null, null, null, null, why, remedy);
  }

  boolean possible() {
    return impossible == null;
  }
}
