package nimblefurrow.server.farm;

/** What a link of a field's chain is. */
public enum LinkKind {
  CROP,
  COVER,
  CUT
}
