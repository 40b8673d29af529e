package nimblefurrow.core.advice;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.seeding.SeedingMethod;

/**
 * A species that will do by a way in.
 *
 * @param sowing where its window is best in the middle year
 * @param chance that the window is open before its last useful day, 0–1
 * @param kill expected kill by the chosen route, 0–1
 * @param survival chance that a hardy species lives through the winter, 1 for others
 * @param establishment share of live seed that comes up
 * @param late whether it only gives a little cover
 */
record Fit(
    Species species,
    SeedingMethod way,
    LocalDate sowing,
    double chance,
    double kill,
    double survival,
    double establishment,
    boolean late,
    List<Reason> notes) {}
