package nimblefurrow.core.cover;

/** What kind of plant a cover is, as far as it changes a rule. */
public enum Family {
  GRASS,
  LEGUME,
  BRASSICA,
  BROADLEAF
}
