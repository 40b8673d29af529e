package nimblefurrow.server.platform.files;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Writes days and hours for a calendar. */
public final class IcsOut {
  private IcsOut() {}

  /**
   * Something on whole days.
   *
   * @param id the same whenever it is taken out, so that a calendar knows it again
   */
  public record Days(String id, LocalDate first, LocalDate last, String says, String about) {}

  /**
   * Something between two moments; told in universal time, which every calendar shows by its own
   * clock.
   */
  public record Hours(String id, Instant begins, Instant ends, String says, String about) {}

  /** A calendar of whole days. */
  public static byte[] calendar(String name, List<Days> all) {
    return calendar(name, all, List.of());
  }

  /** A calendar of whole days and of hours. */
  public static byte[] calendar(String name, List<Days> all, List<Hours> near) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Nimble Furrow//%s//EN".formatted(name)));
    calendar.add(ImmutableVersion.VERSION_2_0);
    for (Days days : all) {
      // An event ends on the day after its last.
      VEvent event = new VEvent(days.first(), days.last().plusDays(1), days.says());
      calendar.add(told(event, days.id(), days.about()));
    }
    for (Hours hours : near) {
      VEvent event = new VEvent(hours.begins(), hours.ends(), hours.says());
      calendar.add(told(event, hours.id(), hours.about()));
    }
    return calendar.toString().getBytes(StandardCharsets.UTF_8);
  }

  private static VEvent told(VEvent event, String id, String about) {
    event.add(new Uid(id + "@nimble-furrow"));
    event.add(new Description(about));
    return event;
  }
}
