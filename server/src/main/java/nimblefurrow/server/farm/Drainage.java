package nimblefurrow.server.farm;

/** How a field sheds water, as its owner knows it. */
public enum Drainage {
  GOOD,
  MODERATE,
  POOR
}
