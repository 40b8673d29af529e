package nimblefurrow.core.weather;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * How far a temperature forecast is off: a standard deviation of 2.5 °F for the next day, growing
 * evenly to 6.5 °F for the tenth; never more than a day strays from its normal by itself, since a
 * forecaster who knows nothing says the normal.
 */
final class ForecastError {
  private static final FigureKey FIRST_DAY_F = FigureKey.of("weather", "forecast_first_day");
  private static final FigureKey TENTH_DAY_F = FigureKey.of("weather", "forecast_tenth_day");

  private ForecastError() {}

  /** Spread of the truth about a forecast, °F. */
  static double spreadF(int lead, Figures figures) {
    Limits.within("lead", lead, 1, 60, Unit.DAY);
    return figures.of(FIRST_DAY_F)
        + (figures.of(TENTH_DAY_F) - figures.of(FIRST_DAY_F)) * (lead - 1) / 9.0;
  }

  /**
   * Share of a day's departure from normal that a forecast tells, 0–1.
   *
   * @param strayF spread of that day about its normal, °F
   */
  static double known(int lead, double strayF, Figures figures) {
    double share = spreadF(lead, figures) / strayF;
    return Math.max(0, 1 - share * share);
  }
}
