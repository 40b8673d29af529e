package nimblefurrow.server.journal;

/**
 * How far a farm's journal is written. Nothing in it is ever rewritten, and the database counts
 * what is added, so what was read of a journal that is as far is the same.
 */
record Written(long entries, long last, long corrections, long lastCorrection) {
  static final Written NOTHING = new Written(0, 0, 0, 0);

  boolean correctedAs(Written other) {
    return corrections == other.corrections && lastCorrection == other.lastCorrection;
  }
}
