package nimblefurrow.core.season;

import java.time.LocalDate;
import nimblefurrow.core.ensemble.Spread;

/** Dry matter of a cover on a day, lb/ac: alive, or lying dead. */
public record RidgePoint(LocalDate date, Spread pounds, boolean alive) {}
