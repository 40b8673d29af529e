package nimblefurrow.core.calibration;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * Pans laid across the path of a spreader, the path at their middle: how evenly the passes overlap
 * at each swath. The pattern counts from half a pan before the first to half a pan past the last.
 *
 * @param spacing from pan to pan
 * @param grams caught in each pan, from left to right
 */
public record PanTest(Length spacing, List<Double> grams) {
  /** CV that cover crops bear. */
  public static final FigureKey COVER_CROPS = FigureKey.of("calibration", "uneven_cover");

  /** CV wanted of an even spread. */
  public static final FigureKey EVEN = FigureKey.of("calibration", "even");

  private static final int LEAST_PANS = 5;
  private static final int PARTS = 4;

  /** How the passes lie beside each other. */
  public enum Driving implements Coded {
    /** Each pass the other way: the pattern is mirrored every second time. */
    BACK_AND_FORTH("back_and_forth"),
    /** All passes the same way, as round and round. */
    ONE_WAY("one_way");

    private final String code;

    Driving(String code) {
      this.code = code;
    }

    @Override
    public String code() {
      return code;
    }
  }

  /** CV (population SD over mean, as a share) of the overlapped pattern at a swath. */
  public record AtSwath(Length swath, double cv) {}

  public PanTest {
    Limits.positive("pan spacing", spacing.feet(), 50, Unit.FOOT);
    grams = List.copyOf(grams);
    if (grams.size() < LEAST_PANS || grams.size() > 200) {
      throw new OutOfRange(
          "pans", "a pan test has %d–200 pans, got %d".formatted(LEAST_PANS, grams.size()));
    }
    for (double g : grams) {
      Limits.within("grams in a pan", g, 0, 10_000, Unit.GRAM);
    }
    if (grams.stream().mapToDouble(g -> g).sum() <= 0) {
      throw new OutOfRange("pans", "no pan caught any seed: nothing to work out");
    }
  }

  /** Width over which seed was caught. */
  public Length thrown() {
    return Length.ofFeet(spacing.feet() * grams.size());
  }

  /**
   * A place across the swaths.
   *
   * @param across from the middle of the first pass's path
   * @param ofMean seed there over the mean; 1 where it lies evenly
   */
  public record OnTheGround(Length across, double ofMean) {}

  /**
   * What lies on the ground after many passes, across all that repeats: one swath where all passes
   * go the same way, two where each goes the other way.
   *
   * @param swath distance from pass to pass
   */
  public List<OnTheGround> onTheGround(Length swath, Driving driving) {
    double[] ground = overlapped(swath, driving);
    double mean = mean(ground);
    double step = spacing.feet() / PARTS;
    List<OnTheGround> places = new ArrayList<>();
    for (int i = 0; i < ground.length; i++) {
      places.add(new OnTheGround(Length.ofFeet((i + 0.5) * step), ground[i] / mean));
    }
    return places;
  }

  private static double mean(double[] values) {
    double mean = 0;
    for (double value : values) {
      mean += value / values.length;
    }
    return mean;
  }

  /** What lies on the ground at each place across one swath, after many passes. */
  double[] overlapped(Length swath, Driving driving) {
    double step = spacing.feet() / PARTS;
    int cells = (int) Math.max(1, Math.round(swath.feet() / step));
    int period = driving == Driving.BACK_AND_FORTH ? 2 * cells : cells;
    double[] ground = new double[period];
    int half = grams.size() * PARTS / 2;
    int copies = half / cells + 3;
    for (int pass = -copies; pass <= copies; pass++) {
      boolean mirrored = driving == Driving.BACK_AND_FORTH && Math.floorMod(pass, 2) == 1;
      for (int i = 0; i < period; i++) {
        int offset = i - pass * cells;
        ground[i] += at(mirrored ? -offset - 1 : offset, half);
      }
    }
    return ground;
  }

  /** Seed in a strip of ground a quarter pan wide, by strips right of the path's middle. */
  private double at(int strip, int half) {
    int index = strip + half;
    return index < 0 || index >= grams.size() * PARTS ? 0 : grams.get(index / PARTS);
  }

  /**
   * How uneven the overlapped pattern is at a swath: standard deviation over mean, as a share; 0 is
   * even.
   *
   * @param swath distance from pass to pass
   * @throws nimblefurrow.core.quantity.OutOfRange when the swath is narrower than the pans are
   *     apart
   */
  public double cv(Length swath, Driving driving) {
    Limits.positive("swath", swath.feet(), 500, Unit.FOOT);
    double[] ground = overlapped(swath, driving);
    double mean = mean(ground);
    double variance = 0;
    for (double g : ground) {
      variance += (g - mean) * (g - mean) / ground.length;
    }
    return mean == 0 ? Double.POSITIVE_INFINITY : Math.sqrt(variance) / mean;
  }

  /** CV against swath from two pans to the whole throw, a step of half a pan each. */
  public List<AtSwath> curve(Driving driving) {
    List<AtSwath> curve = new ArrayList<>();
    double half = spacing.feet() / 2;
    for (double feet = 4 * half; feet <= thrown().feet() + 1e-9; feet += half) {
      Length swath = Length.ofFeet(feet);
      curve.add(new AtSwath(swath, cv(swath, driving)));
    }
    return curve;
  }

  /** The widest swath whose CV is no more than asked; empty when none is so even. */
  public Optional<AtSwath> widest(Driving driving, double mostCv) {
    List<AtSwath> curve = curve(driving);
    for (int i = curve.size() - 1; i >= 0; i--) {
      if (curve.get(i).cv() <= mostCv + 1e-12) {
        return Optional.of(curve.get(i));
      }
    }
    return Optional.empty();
  }
}
