package nimblefurrow.core.scouting;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import org.apache.commons.statistics.distribution.TDistribution;

/** Clipped and dried samples from equal frames: lb/ac = dry grams ÷ ft² × 96.03. */
public record Quadrats(double frameSquareFeet, List<Double> dryGrams) {
  private static final FigureKey LEAST_CV = FigureKey.of("scouting", "least_sample_error");
  private static final FigureKey LONE_SAMPLE_CV = FigureKey.of("scouting", "lone_sample_error");
  private static final double POUNDS_PER_ACRE = 96.03;

  /** Half width of the interval, of the mean, from which more is to be clipped. */
  public static final FigureKey WIDE = FigureKey.of("scouting", "clip_wide");

  public Quadrats {
    Limits.positive("frame", frameSquareFeet, 200, Unit.SQUARE_FOOT);
    dryGrams = List.copyOf(dryGrams);
    if (dryGrams.isEmpty()) {
      throw new OutOfRange("dry grams", "dry grams are entered for one frame at least, got none");
    }
    dryGrams.forEach(g -> Limits.within("dry grams", g, 0, 20_000, Unit.GRAM));
  }

  private double[] poundsPerAcre() {
    return dryGrams.stream().mapToDouble(g -> g / frameSquareFeet * POUNDS_PER_ACRE).toArray();
  }

  /** Mean dry matter of the frames. */
  public DryMatter mean() {
    return DryMatter.poundsPerAcre(
        java.util.Arrays.stream(poundsPerAcre()).average().orElseThrow());
  }

  /** Standard error of the mean, lb/ac; empty for a single frame. */
  public Optional<Double> standardError() {
    double[] values = poundsPerAcre();
    if (values.length < 2) {
      return Optional.empty();
    }
    double mean = mean().poundsPerAcre();
    double squares = java.util.Arrays.stream(values).map(v -> (v - mean) * (v - mean)).sum();
    return Optional.of(Math.sqrt(squares / (values.length - 1) / values.length));
  }

  /** Half width of the 90 % t interval, lb/ac; empty for a single frame. */
  public Optional<Double> halfWidth() {
    return standardError()
        .map(se -> se * TDistribution.of(dryGrams.size() - 1.0).inverseCumulativeProbability(0.95));
  }

  /** Whether the interval is wider than ± 25 % of the mean, or cannot be told. */
  public boolean clipMore(Figures figures) {
    return halfWidth().map(h -> h > figures.of(WIDE) * mean().poundsPerAcre()).orElse(true);
  }

  /** Sampling error as a share of the mean. */
  public double cv(Figures figures) {
    return standardError()
        .map(se -> Math.max(figures.of(LEAST_CV), se / Math.max(1, mean().poundsPerAcre())))
        .orElse(figures.of(LONE_SAMPLE_CV));
  }
}
