package nimblefurrow.server.platform.web;

import nimblefurrow.core.quantity.UnitSystem;

/** Tells in which units whoever is asking reads figures; US before anyone has signed in. */
public interface ReaderUnits {
  UnitSystem units();
}
