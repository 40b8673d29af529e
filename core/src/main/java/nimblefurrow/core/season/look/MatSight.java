package nimblefurrow.core.season.look;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SampleMean;

/**
 * Something seen that tells of a cover's weight: frames clipped, a height, green ground. A clipping
 * says most; a height of a tenth more than the figures' says 15 % more weight, give or take a
 * third; green ground says little once it is closed.
 */
public sealed interface MatSight {
  /** The day on which it was seen. */
  LocalDate date();

  /** What it says of the weight; empty where it says nothing. */
  Optional<Said> said(MatForecast curve);

  /**
   * A weight and how sure it is.
   *
   * @param cv error as a share of the weight, more than 0 to 2
   */
  record Said(DryMatter mat, double cv) {}

  /** Frames clipped, dried and weighed. */
  record Clipped(LocalDate date, Quadrats frames) implements MatSight {
    @Override
    public Optional<Said> said(MatForecast curve) {
      return frames.mean().poundsPerAcre() <= 0
          ? Optional.empty()
          : Optional.of(new Said(frames.mean(), frames.cv(curve.outlook().figures())));
    }
  }

  /** Height by spot, in. */
  record Tall(LocalDate date, SampleMean inches) implements MatSight {
    private static final FigureKey POWER = FigureKey.of("scouting", "height_power");
    private static final FigureKey ERROR = FigureKey.of("scouting", "height_error");

    @Override
    public Optional<Said> said(MatForecast curve) {
      double expected = CoverHeight.on(curve, date).inches();
      if (expected <= 0 || inches.mean() <= 0) {
        return Optional.empty();
      }
      Figures figures = curve.outlook().figures();
      double power = figures.of(POWER);
      double scatter = power * inches.standardError() / inches.mean();
      double pounds =
          curve.curveOn(date).poundsPerAcre() * Math.pow(inches.mean() / expected, power);
      return told(pounds, Math.hypot(scatter, figures.of(ERROR)));
    }
  }

  /**
   * Share of the ground that is green, by spot, 0–1.
   *
   * @param photo whether it was told from photos
   */
  record Green(LocalDate date, SampleMean shares, boolean photo) implements MatSight {
    private static final FigureKey EYE = FigureKey.of("scouting", "cover_eye_error");
    private static final FigureKey PHOTO = FigureKey.of("scouting", "cover_photo_error");

    @Override
    public Optional<Said> said(MatForecast curve) {
      MatForecast.Covering covering = curve.covering(shares.mean(), date);
      if (covering.slope() <= 0 || covering.mat().poundsPerAcre() <= 0) {
        return Optional.empty();
      }
      double error = curve.outlook().figures().of(photo ? PHOTO : EYE);
      double sd = Math.hypot(shares.standardError(), error);
      return told(covering.mat().poundsPerAcre(), sd / covering.slope());
    }
  }

  private static Optional<Said> told(double pounds, double cv) {
    return cv > 2 || pounds <= 0
        ? Optional.empty()
        : Optional.of(new Said(DryMatter.poundsPerAcre(pounds), cv));
  }
}
