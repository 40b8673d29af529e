package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.Site;

/** Soybean maturity by day length: days of a 365-day year from group, planting day and latitude. */
final class SoybeanDays {
  private SoybeanDays() {}

  /** Day on which all pods are brown (R8); 37–45°N, group 1.5–4.0 only. */
  static LocalDate brownPods(LocalDate planted, double group, Site site) {
    if (!(site.latitude() >= 37 && site.latitude() <= 45)) {
      throw new OutOfRange(
          "latitude",
          "the soybean calendar holds from 37 to 45°N, got %.1f°: enter this crop's dates instead"
              .formatted(site.latitude()));
    }
    int day = dayOf365(planted);
    double late = (day - 130) / (day < 130 ? 5.0 : 3.0);
    double r8 = 251 + 10 * (group - 2.0) + late + 3 * (site.latitude() - 40.5);
    return LocalDate.ofYearDay(2025, (int) Math.round(r8)).withYear(planted.getYear());
  }

  private static int dayOf365(LocalDate date) {
    int day = date.getDayOfYear();
    return date.isLeapYear() && day > 59 ? day - 1 : day;
  }
}
