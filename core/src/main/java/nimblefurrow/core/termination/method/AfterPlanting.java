package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;

/**
 * When a cover that was planted into can be ended over or between the young crop: ripe by the house
 * rule, not before the crop's first leaves and not after a machine fits.
 *
 * @param first day on which the crop bears it, {@code last} on which a machine fits
 */
record AfterPlanting(LocalDate first, LocalDate last, DateForecast opens, DateForecast closes) {
  private static final FigureKey CROP_DAYS = FigureKey.of("worth", "crop_days");

  /**
   * Of a stand whose members all have a day of flowering.
   *
   * @param fits days after planting until which a machine fits
   */
  static AfterPlanting of(StandToTerminate at, FigureKey fits) {
    LocalDate planned = at.next().planned();
    LocalDate first = planned.plusDays(at.figures().whole(CROP_DAYS));
    LocalDate last = planned.plusDays(at.figures().whole(fits));
    RollWindow window = at.rolling();
    Ensemble<LocalDate> opens = window.opens().days().map(d -> d.isBefore(first) ? first : d);
    Ensemble<LocalDate> closes = window.closes().days().map(d -> d.isAfter(last) ? last : d);
    return new AfterPlanting(first, last, DateForecast.of(opens), DateForecast.of(closes));
  }

  /** The day to aim at. */
  Optional<LocalDate> aim() {
    return opens.median();
  }

  /** Whether it is ripe only when no machine fits any more. */
  boolean tooLate() {
    Optional<LocalDate> over = closes.median();
    return aim().isPresent() && over.isPresent() && aim().get().isAfter(over.get());
  }
}
