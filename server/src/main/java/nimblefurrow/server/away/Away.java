package nimblefurrow.server.away;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.Person;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who and what is away, and when; the board plans around it. */
@Service
public class Away {
  /**
   * Days on which a machine or a person cannot be had; one of the two is given.
   *
   * @param first the first day, {@code last} the last
   * @param why as the farm says it: "bearing broken", "wedding"
   */
  public record Days(
      UUID id,
      @Maybe UUID machineId,
      @Maybe String person,
      LocalDate first,
      LocalDate last,
      String why) {
    private Set<LocalDate> days() {
      return first.datesUntil(last.plusDays(1)).collect(Collectors.toCollection(TreeSet::new));
    }
  }

  private static final int MOST = 200;
  private static final int LONGEST = 200;

  private final JdbcClient jdbc;

  Away(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** All of a farm's, the earliest first. */
  @Transactional(readOnly = true)
  public List<Days> all(UUID farmId) {
    return jdbc.sql(
            "select id, machine_id, person, first, last, why from away where farm_id = ? order by first, id")
        .param(farmId)
        .query(
            (row, n) ->
                new Days(
                    row.getObject(1, UUID.class),
                    row.getObject(2, UUID.class),
                    row.getString(3),
                    row.getObject(4, LocalDate.class),
                    row.getObject(5, LocalDate.class),
                    row.getString(6)))
        .list();
  }

  /**
   * Notes some days.
   *
   * @throws OutOfRange where they end before they begin, are more than 200, or there are too many
   * @throws NotOnThisFarm where the machine is not the farm's
   */
  @Transactional
  public void note(UUID farmId, Days days) {
    if ((days.machineId() == null) == (days.person() == null || days.person().isBlank())) {
      throw new OutOfRange("who", "say which machine or which person, one of the two");
    }
    if (days.last().isBefore(days.first())
        || days.last().isAfter(days.first().plusDays(LONGEST - 1))) {
      throw new OutOfRange(
          "last day",
          "last day is %s to %s, got %s"
              .formatted(days.first(), days.first().plusDays(LONGEST - 1), days.last()));
    }
    if (all(farmId).size() >= MOST) {
      throw new OutOfRange("days away", "at most %d can be noted".formatted(MOST));
    }
    int rows =
        jdbc.sql(
                "insert into away (id, farm_id, machine_id, person, first, last, why)"
                    + " select ?, f.id, ?::uuid, ?, ?, ?, ? from farm f where f.id = ? and"
                    + " (?::uuid is null or exists (select 1 from machine m where m.id = ?::uuid and m.farm_id = f.id))")
            .params(
                days.id(),
                days.machineId(),
                days.person(),
                days.first(),
                days.last(),
                days.why().strip(),
                farmId,
                days.machineId(),
                days.machineId())
            .update();
    if (rows == 0) {
      throw new NotOnThisFarm("machine");
    }
  }

  @Transactional
  public void remove(UUID farmId, UUID id) {
    if (jdbc.sql("delete from away where farm_id = ? and id = ?").params(farmId, id).update()
        == 0) {
      throw new NotOnThisFarm("day away");
    }
  }

  /** Machines with the days on which they cannot be had. */
  public static List<Machine> around(List<Machine> machines, List<Days> away) {
    Map<String, Set<LocalDate>> off = new HashMap<>();
    for (Days days : away) {
      if (days.machineId() != null) {
        off.computeIfAbsent(days.machineId().toString(), m -> new TreeSet<>()).addAll(days.days());
      }
    }
    return machines.stream()
        .map(m -> off.containsKey(m.id()) ? m.with(b -> b.off(off.get(m.id()))) : m)
        .toList();
  }

  /** People with the days on which they are away. */
  public static List<Person> people(List<Days> away) {
    Map<String, Person> people = new HashMap<>();
    for (Days days : away) {
      if (days.person() != null) {
        Person person = people.getOrDefault(days.person(), Person.always(days.person()));
        people.put(days.person(), person.away(days.days()));
      }
    }
    return List.copyOf(people.values());
  }
}
