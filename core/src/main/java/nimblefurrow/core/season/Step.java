package nimblefurrow.core.season;

/** Which part of a cover's year a job is, told by the end of its id. */
public enum Step {
  DISC,
  SEED,
  SLURRY,
  PLANT,
  SPRAY,
  ROLL;

  /** The step that a job's id names, such as {@code …:disc1}. */
  public static Step of(String jobId) {
    String last = jobId.substring(jobId.lastIndexOf(':') + 1).replaceAll("[0-9]", "");
    return valueOf(last.toUpperCase(java.util.Locale.ROOT));
  }

  /** Whether it belongs to the end of the cover rather than to its sowing. */
  public boolean ends() {
    return this == PLANT || this == SPRAY || this == ROLL;
  }
}
