package nimblefurrow.server.platform;

import jakarta.persistence.Converter;
import nimblefurrow.core.work.MachineKind;

@Converter(autoApply = true)
class KeptMachineKind extends KeptCode<MachineKind> {
  KeptMachineKind() {
    super(MachineKind.class);
  }
}
