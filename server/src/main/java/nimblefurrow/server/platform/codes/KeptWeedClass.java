package nimblefurrow.server.platform.codes;

import jakarta.persistence.Converter;
import nimblefurrow.core.cover.WeedClass;

@Converter(autoApply = true)
class KeptWeedClass extends KeptCode<WeedClass> {
  KeptWeedClass() {
    super(WeedClass.class);
  }
}
