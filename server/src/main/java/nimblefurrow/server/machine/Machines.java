package nimblefurrow.server.machine;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.yard.Hire;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.StarterYard;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.Records;
import nimblefurrow.server.platform.Removed;
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
      MachineSetup setup,
      int version) {
    public Machine machine() {
      return Machine.of(id.toString(), name, kind, WorkRate.acresPerHour(acresPerHour))
          .with(
              m ->
                  m.booked(known(setup.bookedDays()).collect(Collectors.toSet()))
                      .drivers(known(setup.drivers()).toList())
                      .tractors(known(setup.tractors()).toList())
                      .place(Optional.ofNullable(setup.stands()).orElse(""))
                      .hire(hired ? Optional.of(hire()) : Optional.empty()));
    }

    private Hire hire() {
      return new Hire(
          new Money(costPerAcre),
          Area.ofAcres(Optional.ofNullable(setup.leastAcres()).orElse(0.0)),
          Optional.ofNullable(setup.noticeDays()).orElse(0));
    }
  }

  private static <T> Stream<T> known(List<T> kept) {
    return kept == null ? Stream.empty() : kept.stream().filter(Objects::nonNull);
  }

  private final FarmMachines machines;
  private final Records records;
  private final FarmFigures own;

  Machines(FarmMachines machines, Records records, FarmFigures own) {
    this.machines = machines;
    this.records = records;
    this.own = own;
  }

  Figures figures(UUID farmId) {
    return own.of(farmId);
  }

  /** The names of all machines, those that are gone among them, for what was logged of them. */
  @Transactional(readOnly = true)
  public Map<UUID, String> names(UUID farmId) {
    return machines.findByFarmIdOrderByName(farmId).stream()
        .collect(Collectors.toMap(m -> m.id, m -> m.name));
  }

  @Transactional(readOnly = true)
  public List<MachineView> all(UUID farmId) {
    return machines.findByFarmIdOrderByName(farmId).stream()
        .filter(m -> !m.retired)
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

  /**
   * Adds a machine as the starter yard offers it.
   *
   * @param code of the offer
   */
  @Transactional
  public MachineView add(UUID farmId, String code) {
    StarterYard.Starter offered = StarterYard.of(code, own.of(farmId));
    MachineView added =
        add(
            farmId,
            offered.words(),
            offered.kind(),
            offered.rate().acresPerHour(),
            offered.hired(),
            offered.costPerAcre().amount().doubleValue());
    Map<String, Object> figures = new HashMap<>();
    offered.setUp().forEach((figure, value) -> figures.put(figure.code(), value));
    return setUp(farmId, added.id(), MachineSetups.of(figures), added.version());
  }

  @Transactional
  public MachineView change(
      UUID farmId,
      UUID id,
      String name,
      MachineKind kind,
      double acresPerHour,
      boolean hired,
      double costPerAcre,
      Integer version) {
    FarmMachine machine = row(farmId, id);
    Conflict.refuseStale(machine.version, version);
    return set(machine, name, kind, acresPerHour, hired, costPerAcre);
  }

  /** Keeps what the machine is made of; field capacity follows where width and speed are known. */
  @Transactional
  public MachineView setUp(UUID farmId, UUID id, MachineSetup setup, Integer version) {
    FarmMachine machine = row(farmId, id);
    MachineSetup checked = setup.checked();
    Conflict.refuseStale(machine.version, version);
    machine.setup = StoredSetup.of(checked);
    setup
        .fieldCapacity(machine.kind, own.of(farmId))
        .ifPresent(rate -> machine.acresPerHour = rate.acresPerHour());
    return view(machines.saveAndFlush(machine));
  }

  @Transactional(readOnly = true)
  public MachineView one(UUID farmId, UUID id) {
    return view(row(farmId, id));
  }

  /** Takes a machine off the farm; its jobs lose their places, what was logged of it stays. */
  @Transactional
  public Removed remove(UUID farmId, UUID id) {
    FarmMachine machine = row(farmId, id);
    int kept = records.ofMachine(farmId, id);
    if (kept == 0) {
      machines.delete(machine);
      return Removed.gone(machine.name);
    }
    machine.retired = true;
    records.clearPlaces(farmId, id);
    return Removed.retired(machine.name, kept);
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
    machine.costPerAcre = Money.of(cost).amount();
    return view(machines.saveAndFlush(machine));
  }

  private FarmMachine row(UUID farmId, UUID id) {
    return machines
        .findByFarmIdAndIdAndRetiredFalse(farmId, id)
        .orElseThrow(() -> new NotOnThisFarm("machine"));
  }

  private static MachineView view(FarmMachine m) {
    return new MachineView(
        m.id, m.name, m.kind, m.acresPerHour, m.hired, m.costPerAcre, m.setup.setup(), m.version);
  }
}
