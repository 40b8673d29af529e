package nimblefurrow.core.scouting;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/** Clipped and dried samples from equal frames: lb/ac = dry grams ÷ ft² × 96.03. */
public record Quadrats(double frameSquareFeet, List<Double> dryGrams) {
  private static final FigureKey LEAST_CV = FigureKey.of("scouting", "least_sample_error");
  private static final FigureKey LONE_SAMPLE_CV = FigureKey.of("scouting", "lone_sample_error");
  private static final double POUNDS_PER_ACRE = 96.03;

  /** Share of water in a fresh clipping that nobody dried. */
  public static final FigureKey MOISTURE = FigureKey.of("scouting", "clip_moisture");

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

  /** Dry matter of frames of a size, lb/ac each. */
  public static SampleMean poundsPerAcre(double frameSquareFeet, double[] dryGrams) {
    double[] pounds = new double[dryGrams.length];
    for (int i = 0; i < pounds.length; i++) {
      pounds[i] = dryGrams[i] / frameSquareFeet * POUNDS_PER_ACRE;
    }
    return new SampleMean(pounds);
  }

  private SampleMean sample() {
    return poundsPerAcre(
        frameSquareFeet, dryGrams.stream().mapToDouble(Double::doubleValue).toArray());
  }

  /** Mean dry matter of the frames. */
  public DryMatter mean() {
    return DryMatter.poundsPerAcre(sample().mean());
  }

  /** Standard error of the mean, lb/ac; empty for a single frame. */
  public Optional<Double> standardError() {
    return Optional.of(sample()).filter(SampleMean::told).map(SampleMean::standardError);
  }

  /** Half width of the 90 % t interval, lb/ac; empty for a single frame. */
  public Optional<Double> halfWidth() {
    return Optional.of(sample()).filter(SampleMean::told).map(SampleMean::halfWidth);
  }

  /** Whether the interval is wider than ± 25 % of the mean, or cannot be told. */
  public boolean clipMore(Figures figures) {
    return sample().wide(figures.of(WIDE));
  }

  /** Sampling error as a share of the mean. */
  public double cv(Figures figures) {
    return standardError()
        .map(se -> Math.max(figures.of(LEAST_CV), se / Math.max(1, mean().poundsPerAcre())))
        .orElse(figures.of(LONE_SAMPLE_CV));
  }
}
