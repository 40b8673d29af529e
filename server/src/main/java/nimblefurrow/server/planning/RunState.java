package nimblefurrow.server.planning;

import nimblefurrow.core.quantity.Coded;

/** How a search for a plan stands. */
enum RunState implements Coded {
  WAITING("waiting"),
  SEARCHING("searching"),
  DONE("done"),
  CANCELLED("cancelled"),
  FAILED("failed");

  private final String code;

  RunState(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }

  /** Whether it may still bring a plan. */
  boolean open() {
    return this == WAITING || this == SEARCHING;
  }
}
