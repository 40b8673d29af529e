package nimblefurrow.server.land;

import java.util.UUID;
import nimblefurrow.server.field.Fields.Outline;
import nimblefurrow.server.platform.codes.Stored;

/** How a field lay before an act, as the act's row keeps it. */
record StoredOutline(UUID id, String name, String boundary, boolean retired) implements Stored {
  static StoredOutline of(Outline outline) {
    return new StoredOutline(outline.id(), outline.name(), outline.boundary(), outline.retired());
  }

  Outline outline() {
    return new Outline(id, name, boundary, retired);
  }
}
