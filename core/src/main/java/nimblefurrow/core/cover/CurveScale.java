package nimblefurrow.core.cover;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * What clipped samples say of a field's growth against the curve: each pulls it up or down by its
 * own weight, against the trust that the curve itself deserves. Example: {@code
 * CurveScale.UNSAMPLED.factor(figures)} is 1, with the curve's own error of 35 % to start with. It
 * is not a forecast; {@link MatForecast} applies it.
 *
 * @param pull logarithms of sample over curve, each times the trust in it, added up
 * @param trust of all samples together: one over the square of each one's error
 */
public record CurveScale(double pull, double trust) {
  private static final FigureKey MODEL_CV = FigureKey.of("cover", "curve_error");

  /** Nothing was clipped yet. */
  public static final CurveScale UNSAMPLED = new CurveScale(0, 0);

  /**
   * The scale after a sample.
   *
   * @param curve what the unscaled curve says for that day
   * @param sampled what was clipped
   * @param samplingCv standard error of the sample's mean over its mean, more than 0 to 2
   * @throws OutOfRange where curve or sample is nothing
   */
  public CurveScale after(DryMatter curve, DryMatter sampled, double samplingCv) {
    Limits.positive("sampling error as a share of the mean", samplingCv, 2, Unit.NONE);
    if (curve.poundsPerAcre() <= 0 || sampled.poundsPerAcre() <= 0) {
      throw new OutOfRange("biomass", "biomass is more than 0, curve and sample alike");
    }
    double seen = Math.log(sampled.poundsPerAcre() / curve.poundsPerAcre());
    double weight = 1 / (samplingCv * samplingCv);
    return new CurveScale(pull + seen * weight, trust + weight);
  }

  /** How often the curve's growth stands in this field. */
  public double factor(Figures figures) {
    return Math.exp(pull / whole(figures));
  }

  /** Standard deviation of the factor's logarithm. */
  public double spread(Figures figures) {
    return Math.sqrt(1 / whole(figures));
  }

  private double whole(Figures figures) {
    double model = figures.of(MODEL_CV);
    return 1 / (model * model) + trust;
  }
}
