package nimblefurrow.core.work;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Work of one job on one day: hours on the machine and acres done.
 *
 * @param road hours on the road to it before the first acre
 * @param driver who drives; empty where the machine brings its own crew
 */
public record DayWork(
    LocalDate date, double hours, double acres, double road, Optional<String> driver) {}
