package nimblefurrow.core.schedule;

import java.time.LocalDate;

/** Work of one job on one day: hours on the machine and acres done. */
public record DayWork(LocalDate date, double hours, double acres) {}
