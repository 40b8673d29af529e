package nimblefurrow.core.schedule;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.WorkRate;

/** A machine with its crew: what it does and how many acres an hour. */
public record Machine(String id, String name, MachineKind kind, WorkRate rate) {
  public Machine {
    Limits.given("machine", id);
    Limits.given("kind of machine", kind);
    Limits.given("field capacity", rate);
  }
}
