package nimblefurrow.server.land;

import jakarta.persistence.Converter;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.server.platform.codes.KeptCode;

@Converter(autoApply = true)
class KeptMarkKind extends KeptCode<MarkKind> {
  KeptMarkKind() {
    super(MarkKind.class);
  }
}
