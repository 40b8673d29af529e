package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.Site;

/**
 * A cash crop as planted or as planned.
 *
 * @param maturity corn: relative maturity 80–125 days; soybeans: maturity group 1.5–4.0; otherwise
 *     not used
 * @param harvestMoisture corn for grain: moisture at which the farm starts, 14–35 %
 * @param dates dates entered by hand (any crop): they replace what would be computed
 * @param seen stages seen in the field
 */
public record CropPlanting(
    CropKind kind,
    LocalDate planted,
    double maturity,
    double harvestMoisture,
    Map<CropStage, LocalDate> dates,
    List<Observation> seen) {
  private static final int LONGEST_DAYS = 400;

  public CropPlanting {
    Limits.given("crop", kind);
    Limits.given("planting date", planted);
    if (kind.corn()) {
      Limits.within("relative maturity", maturity, 80, 125, Unit.DAY);
      Limits.within("harvest moisture", harvestMoisture, 14, 35, Unit.PERCENT);
    } else if ((kind == CropKind.OTHER || kind == CropKind.FREE_GROUND)
        && !dates.containsKey(CropStage.HARVEST)) {
      throw new OutOfRange(
          "harvest date", "harvest date is missing: a crop without a calendar needs it");
    }
    Limits.within("relative maturity or group", maturity, 0, 125, Unit.NONE);
    Limits.within("harvest moisture", harvestMoisture, 0, 40, Unit.PERCENT);
    dates = Map.copyOf(dates);
    seen = List.copyOf(seen);
  }

  /**
   * This planting, when its calendar can be worked out at a place.
   *
   * @throws OutOfRange for soybeans of a group or at a place without a calendar and without a
   *     harvest day, or a day entered that lies before planting or more than 400 days after it
   */
  public CropPlanting checkedAt(Site site, Figures figures) {
    if (kind == CropKind.SOYBEANS && !dates.containsKey(CropStage.HARVEST)) {
      SoybeanDays.refuse(maturity, site, figures);
    }
    dates.forEach(
        (stage, day) -> {
          if (day.isBefore(planted) || day.isAfter(planted.plusDays(LONGEST_DAYS))) {
            String words = stage.name().toLowerCase(Locale.ROOT).replace('_', ' ');
            throw new OutOfRange(
                words,
                "%s is within %d days after planting on %s, got %s"
                    .formatted(words, LONGEST_DAYS, planted, day));
          }
        });
    return this;
  }

  /**
   * Corn for grain.
   *
   * @param relativeMaturity days on the bag, 70–125
   * @param moisture at which it is harvested, %
   */
  public static CropPlanting corn(LocalDate planted, double relativeMaturity, double moisture) {
    return new CropPlanting(
        CropKind.CORN_GRAIN, planted, relativeMaturity, moisture, Map.of(), List.of());
  }

  /** Soybeans of a maturity group, 0–7. */
  public static CropPlanting soybeans(LocalDate planted, double group) {
    return new CropPlanting(CropKind.SOYBEANS, planted, group, 0, Map.of(), List.of());
  }

  /** The same crop with a stage that somebody saw; the calendar goes on from there. */
  public CropPlanting sighted(CropStage stage, LocalDate date) {
    List<Observation> all = new java.util.ArrayList<>(seen);
    all.add(new Observation(stage, date));
    return new CropPlanting(kind, planted, maturity, harvestMoisture, dates, all);
  }

  /** The same crop with a day that is known, whatever would be computed. */
  public CropPlanting dated(CropStage stage, LocalDate date) {
    Map<CropStage, LocalDate> all = new java.util.HashMap<>(dates);
    all.put(stage, date);
    return new CropPlanting(kind, planted, maturity, harvestMoisture, all, seen);
  }
}
