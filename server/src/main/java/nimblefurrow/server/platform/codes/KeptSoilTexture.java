package nimblefurrow.server.platform.codes;

import jakarta.persistence.Converter;
import nimblefurrow.core.weather.SoilTexture;

@Converter(autoApply = true)
class KeptSoilTexture extends KeptCode<SoilTexture> {
  KeptSoilTexture() {
    super(SoilTexture.class);
  }
}
