package nimblefurrow.server.platform;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import nimblefurrow.core.weather.SoilTexture;

/** Keeps a constant by its lasting code, wherever a row has one. */
@Converter(autoApply = true)
class KeptSoilTexture implements AttributeConverter<SoilTexture, String> {
  @Override
  public String convertToDatabaseColumn(SoilTexture constant) {
    return Codes.kept(constant);
  }

  @Override
  public SoilTexture convertToEntityAttribute(String kept) {
    return Codes.read(SoilTexture.class, kept);
  }
}
