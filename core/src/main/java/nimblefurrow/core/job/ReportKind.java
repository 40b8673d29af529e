package nimblefurrow.core.job;

import nimblefurrow.core.quantity.Coded;

/** What somebody in the field says of a job. */
public enum ReportKind implements Coded {
  /** "I have it, and come on that day": a driver who has read his sheet, a crew that was called. */
  ACCEPTED("accepted"),
  /** "Not then; on that other day." */
  PROPOSED("proposed"),
  STARTED("started"),
  /** Stopped, with the acres that are done so far. */
  STOPPED("stopped"),
  PROBLEM("problem");

  private final String code;

  ReportKind(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
