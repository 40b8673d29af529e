package nimblefurrow.server.journal;

import jakarta.persistence.Converter;
import nimblefurrow.server.platform.codes.KeptCode;

@Converter(autoApply = true)
class KeptEntryKind extends KeptCode<EntryKind> {
  KeptEntryKind() {
    super(EntryKind.class);
  }
}
