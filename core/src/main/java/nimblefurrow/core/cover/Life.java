package nimblefurrow.core.cover;

/** Whether a cover lives on in spring or the winter ends it. */
public enum Life {
  WINTER,
  WINTER_KILLED
}
