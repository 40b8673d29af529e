package nimblefurrow.server.journal;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import nimblefurrow.server.platform.Codes;

/** Keeps a kind of entry by its lasting code. */
@Converter(autoApply = true)
class KeptEntryKind implements AttributeConverter<EntryKind, String> {
  @Override
  public String convertToDatabaseColumn(EntryKind kind) {
    return Codes.kept(kind);
  }

  @Override
  public EntryKind convertToEntityAttribute(String kept) {
    return Codes.read(EntryKind.class, kept);
  }
}
