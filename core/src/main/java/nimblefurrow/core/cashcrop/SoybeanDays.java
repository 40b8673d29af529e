package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.Site;

/** Soybean maturity by day length: days of a 365-day year from group, planting day and latitude. */
final class SoybeanDays {
  static final double LEAST_GROUP = 1.5;
  static final double MOST_GROUP = 4.0;
  static final int RIPE_TO_HARVEST = 7;
  private static final double SOUTHERNMOST = 37;
  private static final double NORTHERNMOST = 45;

  private SoybeanDays() {}

  /** Whether the calendar holds for a maturity group at a place. */
  static boolean holds(double group, Site site) {
    return within(site) && group >= LEAST_GROUP && group <= MOST_GROUP;
  }

  private static boolean within(Site site) {
    return site.latitude() >= SOUTHERNMOST && site.latitude() <= NORTHERNMOST;
  }

  /**
   * Refuses a place for which there is no calendar.
   *
   * @throws OutOfRange when the site lies outside 37–45°N
   */
  static void refuseElsewhere(Site site) {
    if (!within(site)) {
      throw new OutOfRange(
          "latitude",
          "the soybean calendar holds from 37 to 45°N, got %.1f°: enter this crop's harvest day instead"
              .formatted(site.latitude()));
    }
  }

  /**
   * Day on which all pods are brown (R8).
   *
   * @throws OutOfRange when the site lies outside 37–45°N
   */
  static LocalDate brownPods(LocalDate planted, double group, Site site) {
    refuseElsewhere(site);
    int day = dayOf365(planted);
    double late = (day - 130) / (day < 130 ? 5.0 : 3.0);
    double r8 = 251 + 10 * (group - 2.0) + late + 3 * (site.latitude() - 40.5);
    return LocalDate.ofYearDay(2025, (int) Math.round(r8)).withYear(planted.getYear());
  }

  /** The stages about brown pods, in the order they come. */
  static Map<CropStage, LocalDate> before(LocalDate brown) {
    Map<CropStage, LocalDate> days = new LinkedHashMap<>();
    days.put(CropStage.R6_SEED, brown.minusDays(30));
    days.put(CropStage.FIRST_YELLOW, brown.minusDays(21));
    days.put(CropStage.LEAF_DROP, brown.minusDays(11));
    days.put(CropStage.BROWN_PODS, brown);
    days.put(CropStage.HARVEST, brown.plusDays(RIPE_TO_HARVEST));
    return days;
  }

  private static int dayOf365(LocalDate date) {
    int day = date.getDayOfYear();
    return date.isLeapYear() && day > 59 ? day - 1 : day;
  }
}
