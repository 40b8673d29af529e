package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.Site;

/** Soybean maturity by day length: days of a 365-day year from group, planting day and latitude. */
final class SoybeanDays {
  static final FigureKey DROP_BEFORE = FigureKey.of("crops", "soybean_drop_before");
  static final FigureKey YELLOW_BEFORE = FigureKey.of("crops", "soybean_yellow_before");
  static final FigureKey SEED_BEFORE = FigureKey.of("crops", "soybean_seed_before");
  static final FigureKey LEAST_GROUP = FigureKey.of("crops", "soybean_least_group");
  static final FigureKey MOST_GROUP = FigureKey.of("crops", "soybean_most_group");
  static final FigureKey RIPE_TO_HARVEST = FigureKey.of("crops", "soybean_ripe_to_harvest");
  static final FigureKey SOUTHERNMOST = FigureKey.of("crops", "soybean_south");
  static final FigureKey NORTHERNMOST = FigureKey.of("crops", "soybean_north");

  private SoybeanDays() {}

  /** Whether the calendar holds for a maturity group at a place. */
  static boolean holds(double group, Site site, Figures figures) {
    return within(site, figures)
        && group >= figures.of(LEAST_GROUP)
        && group <= figures.of(MOST_GROUP);
  }

  private static boolean within(Site site, Figures figures) {
    return site.latitude() >= figures.of(SOUTHERNMOST)
        && site.latitude() <= figures.of(NORTHERNMOST);
  }

  /**
   * Refuses a group or a place for which there is no calendar.
   *
   * @throws OutOfRange when the site lies outside 37–45°N
   */
  static void refuse(double group, Site site, Figures figures) {
    Limits.within(
        "maturity group (enter the harvest day outside it)",
        group,
        figures.of(LEAST_GROUP),
        figures.of(MOST_GROUP),
        Unit.NONE);
    if (!within(site, figures)) {
      throw new OutOfRange(
          "latitude",
          "the soybean calendar holds from %.0f to %.0f°N, got %.1f°: enter this crop's harvest day instead"
              .formatted(figures.of(SOUTHERNMOST), figures.of(NORTHERNMOST), site.latitude()));
    }
  }

  /**
   * Day on which all pods are brown (R8).
   *
   * @throws OutOfRange when the site lies outside 37–45°N
   */
  static LocalDate brownPods(LocalDate planted, double group, Site site, Figures figures) {
    refuse(group, site, figures);
    int day = dayOf365(planted);
    double late = (day - 130) / (day < 130 ? 5.0 : 3.0);
    double r8 = 251 + 10 * (group - 2.0) + late + 3 * (site.latitude() - 40.5);
    return LocalDate.ofYearDay(2025, (int) Math.round(r8)).withYear(planted.getYear());
  }

  /** The stages about brown pods, in the order they come. */
  static Map<CropStage, LocalDate> before(LocalDate brown, Figures figures) {
    Map<CropStage, LocalDate> days = new LinkedHashMap<>();
    days.put(CropStage.R6_SEED, brown.minusDays(figures.whole(SEED_BEFORE)));
    days.put(CropStage.FIRST_YELLOW, brown.minusDays(figures.whole(YELLOW_BEFORE)));
    days.put(CropStage.LEAF_DROP, brown.minusDays(figures.whole(DROP_BEFORE)));
    days.put(CropStage.BROWN_PODS, brown);
    days.put(CropStage.HARVEST, brown.plusDays(figures.whole(RIPE_TO_HARVEST)));
    return days;
  }

  private static int dayOf365(LocalDate date) {
    int day = date.getDayOfYear();
    return date.isLeapYear() && day > 59 ? day - 1 : day;
  }
}
