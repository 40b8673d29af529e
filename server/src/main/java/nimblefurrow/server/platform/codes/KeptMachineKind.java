package nimblefurrow.server.platform.codes;

import jakarta.persistence.Converter;
import nimblefurrow.core.yard.MachineKind;

@Converter(autoApply = true)
class KeptMachineKind extends KeptCode<MachineKind> {
  KeptMachineKind() {
    super(MachineKind.class);
  }
}
