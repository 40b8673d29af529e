package nimblefurrow.scheduler.help;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.Person;

/** A campaign with one driver or one machine more, on some days. */
final class More {
  private static final String MORE = "one more";

  private More() {}

  /** Machines that somebody must drive, each with one driver more. */
  static List<Machine> driven(Campaign campaign) {
    return campaign.machines().stream()
        .map(m -> m.drivers().isEmpty() ? m : m.with(b -> b.drivers(and(m.drivers()))))
        .toList();
  }

  private static List<String> and(List<String> drivers) {
    List<String> all = new ArrayList<>(drivers);
    all.add(MORE);
    return all;
  }

  /** With one driver more from one day to another. */
  static Campaign driver(Campaign campaign, List<Machine> driven, LocalDate from, LocalDate to) {
    Set<LocalDate> off = new HashSet<>();
    for (LocalDate day = campaign.first(); !day.isAfter(campaign.last()); day = day.plusDays(1)) {
      if (day.isBefore(from) || day.isAfter(to)) {
        off.add(day);
      }
    }
    List<Person> people = new ArrayList<>(campaign.people());
    people.add(Person.always(MORE).away(off));
    return campaign.with(driven, people);
  }

  /** The first machine of a kind. */
  static Machine like(Campaign campaign, MachineKind kind) {
    return campaign.machines().stream().filter(m -> m.kind() == kind).findFirst().orElseThrow();
  }

  /** A machine like another, had on some days, with a crew of its own. */
  static Machine machine(Machine like, LocalDate from, LocalDate to) {
    Set<LocalDate> days = from.datesUntil(to.plusDays(1)).collect(Collectors.toSet());
    return Machine.of(MORE, like.name(), like.kind(), like.rate())
        .with(m -> m.booked(days).place(like.place()));
  }

  /** With one machine more. */
  static Campaign machine(Campaign campaign, Machine more) {
    List<Machine> machines = new ArrayList<>(campaign.machines());
    machines.add(more);
    return campaign.with(machines, campaign.people());
  }
}
