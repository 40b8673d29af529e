package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Site;

/**
 * Heat that a corn hybrid needs from planting, °F-days 86/50. Relative maturity sets silking and
 * black layer; each day planted after 1 May needs a little less.
 */
record CornHeat(double emergence, double silking, double blackLayer, double collar, double late) {
  static final FigureKey BLACK_LATE_MOST = FigureKey.of("crops", "corn_black_late_most");
  static final FigureKey BLACK_LATE = FigureKey.of("crops", "corn_black_late");
  static final FigureKey BLACK_BASE = FigureKey.of("crops", "corn_black_base");
  static final FigureKey BLACK_PER_RM = FigureKey.of("crops", "corn_black_per_rm");
  static final FigureKey SILKING_LATE_MOST = FigureKey.of("crops", "corn_silking_late_most");
  static final FigureKey SILKING_LATE = FigureKey.of("crops", "corn_silking_late");
  static final FigureKey SILKING_BASE = FigureKey.of("crops", "corn_silking_base");
  static final FigureKey SILKING_PER_RM = FigureKey.of("crops", "corn_silking_per_rm");
  static final FigureKey EMERGENCE = FigureKey.of("crops", "corn_emergence");
  static final FigureKey PER_COLLAR = FigureKey.of("crops", "corn_collar");
  static final FigureKey PER_LATE_COLLAR = FigureKey.of("crops", "corn_late_collar");

  static CornHeat of(LocalDate planted, double relativeMaturity, Site site, Figures figures) {
    long late = Math.max(0, ChronoUnit.DAYS.between(site.season(planted.getYear(), 5, 1), planted));
    double silking =
        figures.of(SILKING_PER_RM) * relativeMaturity
            + figures.of(SILKING_BASE)
            - Math.min(figures.of(SILKING_LATE_MOST), figures.of(SILKING_LATE) * late);
    double blackLayer =
        figures.of(BLACK_PER_RM) * relativeMaturity
            + figures.of(BLACK_BASE)
            - Math.min(figures.of(BLACK_LATE_MOST), figures.of(BLACK_LATE) * late);
    return new CornHeat(
        figures.of(EMERGENCE),
        silking,
        blackLayer,
        figures.of(PER_COLLAR),
        figures.of(PER_LATE_COLLAR));
  }

  /** Heat from planting to the n-th leaf collar. */
  double collar(int n) {
    return emergence + collar * Math.min(n, 10) + late * Math.max(0, n - 10);
  }
}
