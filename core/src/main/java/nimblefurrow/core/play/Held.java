package nimblefurrow.core.play;

/** What held a job back on a day, by the rule that failed first. */
public enum Held {
  /** It could not be asked on an earlier day: this is the first. */
  FIRST_DAY,
  WINDOW,
  WAIT,
  GIVEN,
  BEFORE_UNDONE,
  LAG,
  NOT_HAD,
  MACHINE_HELD,
  MACHINE_FULL,
  NOT_FIT,
  DRIVER,
  TRACTOR,
  TOO_LITTLE_LEFT,
  LEFT_OUT,
  BEFORE_LOST,
  LAG_OVER,
  WINDOW_OVER
}
