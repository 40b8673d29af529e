package nimblefurrow.server.platform.web;

import java.time.Clock;
import java.time.LocalDate;
import nimblefurrow.core.quantity.SensibleDay;
import org.springframework.stereotype.Component;

/** Which days may be typed, as of the day it is: see {@link SensibleDay}. */
@Component
public class SensibleDays {
  private final Clock clock;

  SensibleDays(Clock clock) {
    this.clock = clock;
  }

  /** The rule as it stands today. */
  public SensibleDay rule() {
    return SensibleDay.asOf(LocalDate.now(clock));
  }
}
