package nimblefurrow.core.cover;

import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * How far a field's growth lies above or below the curve, and how sure that is. Without samples the
 * curve is taken as it is, with a model error of 35 %; each sample pulls it by its own weight.
 *
 * @param factor times the curve
 * @param spread standard deviation of the factor's logarithm
 */
public record CurveScale(double factor, double spread) {
  public static final double MODEL_CV = 0.35;

  /** Error taken for a single clipping, which cannot show its own. */
  public static final double LONE_SAMPLE_CV = 0.25;

  public static final CurveScale UNSAMPLED = new CurveScale(1, MODEL_CV);

  /**
   * The scale after a sample.
   *
   * @param curve what the unscaled curve says for that day
   * @param sampled what was clipped
   * @param samplingCv standard error of the sample's mean over its mean
   */
  public CurveScale after(DryMatter curve, DryMatter sampled, double samplingCv) {
    Limits.positive("sampling error as a share of the mean", samplingCv, 2, Unit.NONE);
    if (curve.poundsPerAcre() <= 0 || sampled.poundsPerAcre() <= 0) {
      throw new OutOfRange("biomass", "biomass is more than 0, curve and sample alike");
    }
    double seen = Math.log(sampled.poundsPerAcre() / curve.poundsPerAcre());
    double trustBefore = 1 / (spread * spread);
    double trustSample = 1 / (samplingCv * samplingCv);
    double mean =
        (Math.log(factor) * trustBefore + seen * trustSample) / (trustBefore + trustSample);
    return new CurveScale(Math.exp(mean), Math.sqrt(1 / (trustBefore + trustSample)));
  }
}
