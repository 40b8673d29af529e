package nimblefurrow.server.field;

/** How a field sheds water, as its owner knows it. */
public enum Drainage {
  GOOD,
  MODERATE,
  POOR
}
