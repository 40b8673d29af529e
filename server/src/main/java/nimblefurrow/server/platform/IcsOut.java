package nimblefurrow.server.platform;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/** Writes days for a calendar. */
public final class IcsOut {
  private IcsOut() {}

  /**
   * Something on whole days.
   *
   * @param id the same whenever it is taken out, so that a calendar knows it again
   */
  public record Days(String id, LocalDate first, LocalDate last, String says, String about) {}

  /** A calendar of whole days. */
  public static byte[] calendar(String name, List<Days> all) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Nimble Furrow//%s//EN".formatted(name)));
    calendar.add(ImmutableVersion.VERSION_2_0);
    for (Days days : all) {
      // An event ends on the day after its last.
      VEvent event = new VEvent(days.first(), days.last().plusDays(1), days.says());
      event.add(new Uid(days.id() + "@nimble-furrow"));
      event.add(new Description(days.about()));
      calendar.add(event);
    }
    return calendar.toString().getBytes(StandardCharsets.UTF_8);
  }
}
