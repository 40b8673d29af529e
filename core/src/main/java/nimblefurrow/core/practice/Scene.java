package nimblefurrow.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * A drawing to be judged, the same from the same seed: marks in a square of 100 by 100, and what is
 * true of it. The higher the level, the more there is to see, the more it overlaps and the less
 * what is past differs from what is not. Example: forty heads, of which fourteen are past: 35 %.
 *
 * @param truth in the exercise's unit
 */
public record Scene(Exercise exercise, long seed, int level, List<Drawn> marks, int truth) {
  /** The lowest level. */
  public static final int FIRST = 1;

  /** The highest level. */
  public static final int LAST = 5;

  /** Side of the square. */
  public static final int SIDE = 100;

  private static final FigureKey MARKS_FIRST = FigureKey.of("practice", "marks_first");
  private static final FigureKey MARKS_LAST = FigureKey.of("practice", "marks_last");

  private static final int MOST_MARKS = 900;

  /** A leaf is half as wide as it is long. */
  private static final double SLIM = 0.5;

  /**
   * A mark.
   *
   * @param x from the left and {@code y} from the top, 0–100
   * @param size of it, in hundredths of the side
   * @param turn in degrees
   * @param ripe 0–1: how far it is; from 0.5 on it counts
   */
  public record Drawn(double x, double y, double size, double turn, double ripe) {
    boolean counts() {
      return ripe >= 0.5;
    }
  }

  /** The drawing of a seed. */
  public static Scene of(Exercise exercise, long seed, int level, Figures figures) {
    Limits.given("exercise", exercise);
    Limits.within("level", level, FIRST, LAST, Unit.NONE);
    SplittableRandom dice = new SplittableRandom(31 * seed + exercise.ordinal());
    double hard = (level - FIRST) / (double) (LAST - FIRST);
    return switch (exercise) {
      case HEADS, STEMS -> shares(exercise, seed, level, dice, hard, figures);
      case STAND -> stand(seed, level, dice, hard, figures);
      case QUADRAT, SKY, MAT -> covered(exercise, seed, level, dice, hard);
    };
  }

  private static int many(double hard, Figures figures) {
    double low = figures.of(MARKS_FIRST);
    return (int) Math.round(low + (figures.of(MARKS_LAST) - low) * hard);
  }

  private static Scene shares(
      Exercise exercise,
      long seed,
      int level,
      SplittableRandom dice,
      double hard,
      Figures figures) {
    int many = many(hard, figures);
    double share = dice.nextDouble();
    List<Drawn> marks = new ArrayList<>();
    int past = 0;
    for (int i = 0; i < many; i++) {
      boolean counts = dice.nextDouble() < share;
      // At the first level what is past is plainly past; later it comes close to what is not.
      double plain = 0.5 - 0.42 * hard;
      double ripe =
          counts
              ? 0.5 + plain + (0.5 - plain) * dice.nextDouble()
              : dice.nextDouble() * (0.5 - plain);
      double across = (i + 0.5) / many * SIDE;
      marks.add(
          new Drawn(
              across + (dice.nextDouble() - 0.5) * 60.0 / many,
              20 + 40 * dice.nextDouble(),
              3 + 2 * dice.nextDouble(),
              (dice.nextDouble() - 0.5) * (20 + 50 * hard),
              ripe));
      past += counts ? 1 : 0;
    }
    return new Scene(exercise, seed, level, marks, Math.round(100f * past / many));
  }

  private static Scene stand(
      long seed, int level, SplittableRandom dice, double hard, Figures figures) {
    int most = many(hard, figures) * 2;
    int plants = 5 + dice.nextInt(Math.max(1, most));
    int rows = 3 + dice.nextInt(2);
    List<Drawn> marks = new ArrayList<>();
    for (int i = 0; i < plants; i++) {
      double row = (dice.nextInt(rows) + 0.5) / rows * SIDE;
      marks.add(
          new Drawn(
              row + (dice.nextDouble() - 0.5) * (4 + 10 * hard),
              4 + 92 * dice.nextDouble(),
              3 + 3 * dice.nextDouble(),
              dice.nextDouble() * 360,
              1));
    }
    return new Scene(Exercise.STAND, seed, level, marks, plants);
  }

  /** Leaves or clouds are laid until so much is covered; what is covered is counted on a grid. */
  private static Scene covered(
      Exercise exercise, long seed, int level, SplittableRandom dice, double hard) {
    double wanted = 0.03 + 0.94 * dice.nextDouble();
    double size = exercise == Exercise.SKY ? 12 - 5 * hard : 7 - 3.5 * hard;
    boolean[] grid = new boolean[SIDE * SIDE];
    List<Drawn> marks = new ArrayList<>();
    int count = 0;
    while (count < wanted * grid.length && marks.size() < MOST_MARKS) {
      Drawn mark =
          new Drawn(
              SIDE * dice.nextDouble(),
              SIDE * dice.nextDouble(),
              size * (0.6 + 0.8 * dice.nextDouble()),
              180 * dice.nextDouble(),
              1);
      count += lay(mark, grid);
      marks.add(mark);
    }
    return new Scene(exercise, seed, level, marks, Math.round(100f * count / grid.length));
  }

  /** How many points of the grid a leaf covers anew. */
  private static int lay(Drawn leaf, boolean[] grid) {
    double cos = Math.cos(Math.toRadians(leaf.turn()));
    double sin = Math.sin(Math.toRadians(leaf.turn()));
    int added = 0;
    int reach = (int) Math.ceil(leaf.size());
    for (int y = (int) leaf.y() - reach; y <= (int) leaf.y() + reach; y++) {
      for (int x = (int) leaf.x() - reach; x <= (int) leaf.x() + reach; x++) {
        if (x < 0 || y < 0 || x >= SIDE || y >= SIDE || grid[y * SIDE + x]) {
          continue;
        }
        double dx = x + 0.5 - leaf.x();
        double dy = y + 0.5 - leaf.y();
        double along = (dx * cos + dy * sin) / leaf.size();
        double over = (dy * cos - dx * sin) / (leaf.size() * SLIM);
        if (along * along + over * over <= 1) {
          grid[y * SIDE + x] = true;
          added++;
        }
      }
    }
    return added;
  }
}
