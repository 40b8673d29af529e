package nimblefurrow.server.chain;

/** What a link of a field's chain is. */
public enum LinkKind {
  CROP,
  COVER,
  CUT
}
