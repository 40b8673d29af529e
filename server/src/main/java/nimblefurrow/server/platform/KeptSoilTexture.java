package nimblefurrow.server.platform;

import jakarta.persistence.Converter;
import nimblefurrow.core.weather.SoilTexture;

@Converter(autoApply = true)
class KeptSoilTexture extends KeptCode<SoilTexture> {
  KeptSoilTexture() {
    super(SoilTexture.class);
  }
}
