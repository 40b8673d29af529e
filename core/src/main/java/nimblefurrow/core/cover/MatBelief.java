package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * What is held of how far a field's growth strays from the curve, in spreads of the curve's own
 * error: 0 ± 1 before anything was clipped. A clipping of 5,000 where the curve says 4,000 leaves
 * 0.555 with a variance of 0.185; twenty days on 0.474 and 0.406, since what was seen then is less
 * sure now. It is not a weight; {@link MatForecast} turns it into one.
 *
 * @param clipped the day of the last clipping; empty while there is none
 * @param lean spreads by which the field stands above the curve, on that day
 * @param variance how sure that is, 0–1
 */
public record MatBelief(Optional<LocalDate> clipped, double lean, double variance) {
  private static final FigureKey CURVE_ERROR = FigureKey.of("cover", "curve_error");
  private static final FigureKey OPEN_ERROR = FigureKey.of("cover", "curve_error_open");
  private static final FigureKey CLIP_ERROR = FigureKey.of("cover", "clip_error");
  private static final FigureKey LASTS = FigureKey.of("cover", "clip_lasts");
  private static final FigureKey FADES = FigureKey.of("cover", "clip_fades");

  /** Nothing was clipped yet. */
  public static final MatBelief UNSEEN = new MatBelief(Optional.empty(), 0, 1);

  /** The curve's own error, SD of the logarithm: larger while the ground is open. */
  public static double error(double groundCover, Figures figures) {
    return figures.of(CURVE_ERROR) + figures.of(OPEN_ERROR) * (1 - groundCover);
  }

  /** What is left of it on another day, before or after. */
  public MatBelief on(LocalDate date, Figures figures) {
    if (clipped.isEmpty()) {
      return this;
    }
    double days = Math.abs(ChronoUnit.DAYS.between(clipped.get(), date));
    double lasts = figures.of(LASTS);
    double kept = lasts + (1 - lasts) * Math.exp(-days / figures.of(FADES));
    return new MatBelief(Optional.of(date), kept * lean, 1 - kept * kept * (1 - variance));
  }

  /**
   * What is held after a sample.
   *
   * @param curve what the curve says for that day, before any sample
   * @param groundCover that the curve gives for that day, 0–1
   * @param sampled what was clipped
   * @param samplingCv standard error of the sample's mean over its mean, more than 0 to 2
   * @throws OutOfRange where curve or sample is nothing
   */
  public MatBelief after(
      LocalDate date,
      DryMatter curve,
      double groundCover,
      DryMatter sampled,
      double samplingCv,
      Figures figures) {
    Limits.positive("sampling error as a share of the mean", samplingCv, 2, Unit.NONE);
    if (curve.poundsPerAcre() <= 0 || sampled.poundsPerAcre() <= 0) {
      throw new OutOfRange("biomass", "biomass is more than 0, curve and sample alike");
    }
    MatBelief before = on(date, figures);
    double error = error(groundCover, figures);
    double seen = Math.log(sampled.poundsPerAcre() / curve.poundsPerAcre()) / error;
    double clipError = figures.of(CLIP_ERROR);
    double seenVariance = (samplingCv * samplingCv + clipError * clipError) / (error * error);
    double after = 1 / (1 / before.variance + 1 / seenVariance);
    double now = after * (before.lean / before.variance + seen / seenVariance);
    return new MatBelief(Optional.of(date), now, after);
  }
}
