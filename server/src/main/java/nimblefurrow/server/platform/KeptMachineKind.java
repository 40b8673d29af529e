package nimblefurrow.server.platform;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import nimblefurrow.core.work.MachineKind;

/** Keeps a constant by its lasting code, wherever a row has one. */
@Converter(autoApply = true)
class KeptMachineKind implements AttributeConverter<MachineKind, String> {
  @Override
  public String convertToDatabaseColumn(MachineKind constant) {
    return Codes.kept(constant);
  }

  @Override
  public MachineKind convertToEntityAttribute(String kept) {
    return Codes.read(MachineKind.class, kept);
  }
}
