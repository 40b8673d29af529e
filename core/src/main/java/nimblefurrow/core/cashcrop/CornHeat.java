package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.weather.Site;

/**
 * Heat that a corn hybrid needs from planting, °F-days 86/50. Relative maturity sets silking and
 * black layer; each day planted after 1 May needs a little less.
 */
record CornHeat(double silking, double blackLayer) {
  static final double EMERGENCE = 115;
  private static final double PER_COLLAR = 82;
  private static final double PER_LATE_COLLAR = 50;

  static CornHeat of(LocalDate planted, double relativeMaturity, Site site) {
    long late = Math.max(0, ChronoUnit.DAYS.between(site.season(planted.getYear(), 5, 1), planted));
    double silking = 11.46 * relativeMaturity + 100 - Math.min(75, 2.0 * late);
    double blackLayer = 24.16 * relativeMaturity - 15 - Math.min(250, 6.8 * late);
    return new CornHeat(silking, blackLayer);
  }

  /** Heat from planting to the n-th leaf collar. */
  static double collar(int n) {
    return EMERGENCE + PER_COLLAR * Math.min(n, 10) + PER_LATE_COLLAR * Math.max(0, n - 10);
  }
}
