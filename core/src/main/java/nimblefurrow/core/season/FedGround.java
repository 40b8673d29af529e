package nimblefurrow.core.season;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * Nitrogen that was written down for a field: a soil test says what lies there, manure and
 * fertilizer add to it. Without a test 40 lb/ac are taken to lie there.
 */
public final class FedGround {
  private static final FigureKey FOUND = FigureKey.of("scouting", "nitrogen_found");
  private static final double MOST = 400;

  /**
   * Something written down, in the order of the days.
   *
   * @param tested whether it was found in the soil; else it was spread
   */
  public record Note(boolean tested, double poundsPerAcre) {}

  private FedGround() {}

  /** What a cover finds, lb/ac; empty where nothing was written down. */
  public static Optional<Double> nitrogen(List<Note> notes, Figures figures) {
    if (notes.isEmpty()) {
      return Optional.empty();
    }
    double now = figures.of(FOUND);
    for (Note note : notes) {
      now = note.tested() ? note.poundsPerAcre() : now + note.poundsPerAcre();
    }
    return Optional.of(Math.min(MOST, now));
  }
}
