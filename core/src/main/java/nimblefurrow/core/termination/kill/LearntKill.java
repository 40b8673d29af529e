package nimblefurrow.core.termination.kill;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.termination.TerminationMethod;

/**
 * What a farm's own kill ratings say of the starting figures: how much surer or less sure its
 * roller or its spray kills, on the scale of odds, drawn toward the starting figures while ratings
 * are few. Three ratings of 75 % where 85 % were expected move an expected 85 % to about 81 %. Not
 * a rating of one field, and not of one species.
 *
 * @param shift natural logarithm by which the odds of a kill move; 0 as the figures have it
 * @param ratings how many it is learnt from
 */
public record LearntKill(double shift, int ratings) {
  /** What a farm has taken over of its ratings of the roller. */
  public static final FigureKey ROLLED = FigureKey.of("termination", "learnt_rolled");

  /** What it has taken over of its ratings of the spray. */
  public static final FigureKey SPRAYED = FigureKey.of("termination", "learnt_sprayed");

  private static final FigureKey PRIOR = FigureKey.of("termination", "learnt_prior");
  private static final double LEAST = 0.01;

  /** What kills, as far as ratings of its work teach something of it alone. */
  public enum By {
    ROLLER,
    SPRAY;

    /** The figure that takes over what was learnt. */
    public FigureKey taken() {
      return this == ROLLER ? ROLLED : SPRAYED;
    }

    /** What a way of ending kills by; empty where it is neither alone. */
    public static Optional<By> of(TerminationMethod termination) {
      return switch (termination) {
        case ROLL, ROLL_AFTER -> Optional.of(ROLLER);
        case EARLY_SPRAY, PLANT_GREEN -> Optional.of(SPRAY);
        default -> Optional.empty();
      };
    }
  }

  /**
   * A kill that was judged for good.
   *
   * @param expected share by the figures as they are, 0–1
   * @param seen share that was dead, 0–1
   */
  public record Rated(double expected, double seen) {}

  /**
   * Learnt from ratings, on top of what is taken over already.
   *
   * @param taken the shift under which the ratings were expected
   */
  public static LearntKill of(List<Rated> rated, double taken, Figures figures) {
    if (rated.isEmpty()) {
      return new LearntKill(taken, 0);
    }
    double mean =
        rated.stream()
            .mapToDouble(r -> odds(r.seen()) - odds(r.expected()) + taken)
            .average()
            .orElseThrow();
    double counts = rated.size() / (rated.size() + figures.of(PRIOR));
    return new LearntKill(mean * counts, rated.size());
  }

  /** Mean of what was expected, or of what was seen; empty where nothing was rated. */
  public static OptionalDouble mean(List<Rated> rated, ToDoubleFunction<Rated> of) {
    return rated.stream().mapToDouble(of).average();
  }

  /** An expected kill, 0–1, moved by what was learnt; none and all stay. */
  public static double moved(double kill, double shift) {
    return shift == 0 || kill <= 0 || kill >= 1 ? kill : 1 / (1 + Math.exp(-odds(kill) - shift));
  }

  private static double odds(double share) {
    double held = Math.max(LEAST, Math.min(1 - LEAST, share));
    return Math.log(held / (1 - held));
  }
}
