package nimblefurrow.server.farm;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.schedule.Machine;
import nimblefurrow.core.schedule.MachineKind;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The farm's machines and hired crews. */
@Service
public class Machines {
  public record MachineView(
      UUID id,
      String name,
      MachineKind kind,
      double acresPerHour,
      boolean hired,
      BigDecimal costPerAcre,
      MachineSetup setup) {
    public Machine machine() {
      return new Machine(
          id.toString(),
          name,
          kind,
          WorkRate.acresPerHour(acresPerHour),
          setup.bookedDays() == null ? Set.of() : Set.copyOf(setup.bookedDays()),
          setup.drivers() == null ? List.of() : setup.drivers());
    }
  }

  private final FarmMachines machines;

  Machines(FarmMachines machines) {
    this.machines = machines;
  }

  @Transactional(readOnly = true)
  public List<MachineView> all(UUID farmId) {
    return machines.findByFarmIdOrderByName(farmId).stream()
        .map(Machines::view)
        .sorted(Comparator.comparing(MachineView::kind))
        .toList();
  }

  @Transactional
  public MachineView add(
      UUID farmId,
      String name,
      MachineKind kind,
      double acresPerHour,
      boolean hired,
      double costPerAcre) {
    return set(new FarmMachine(farmId), name, kind, acresPerHour, hired, costPerAcre);
  }

  @Transactional
  public MachineView change(
      UUID farmId,
      UUID id,
      String name,
      MachineKind kind,
      double acresPerHour,
      boolean hired,
      double costPerAcre) {
    return set(row(farmId, id), name, kind, acresPerHour, hired, costPerAcre);
  }

  /** Keeps what the machine is made of; field capacity follows where width and speed are known. */
  @Transactional
  public MachineView setUp(UUID farmId, UUID id, MachineSetup setup) {
    FarmMachine machine = row(farmId, id);
    machine.setup = setup.checked();
    setup.fieldCapacity().ifPresent(rate -> machine.acresPerHour = rate.acresPerHour());
    return view(machine);
  }

  @Transactional(readOnly = true)
  public MachineView one(UUID farmId, UUID id) {
    return view(row(farmId, id));
  }

  @Transactional
  public void remove(UUID farmId, UUID id) {
    machines.delete(row(farmId, id));
  }

  private MachineView set(
      FarmMachine machine,
      String name,
      MachineKind kind,
      double acresPerHour,
      boolean hired,
      double cost) {
    machine.name = name.strip();
    machine.kind = kind;
    machine.acresPerHour = WorkRate.acresPerHour(acresPerHour).acresPerHour();
    machine.hired = hired;
    machine.costPerAcre = nimblefurrow.core.quantity.Money.of(cost).amount();
    return view(machines.save(machine));
  }

  private FarmMachine row(UUID farmId, UUID id) {
    return machines.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("machine"));
  }

  private static MachineView view(FarmMachine m) {
    return new MachineView(m.id, m.name, m.kind, m.acresPerHour, m.hired, m.costPerAcre, m.setup);
  }
}
