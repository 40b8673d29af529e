package nimblefurrow.core.job;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Work of one job on one day: hours on the machine and acres done.
 *
 * @param road hours on the road to it before the first acre
 * @param from share of the day's fit hours that is over when it begins, 0–1
 * @param driver who drives; empty where the machine brings its own crew
 */
public record DayWork(
    LocalDate date,
    double hours,
    double acres,
    double road,
    double from,
    Optional<String> driver) {}
