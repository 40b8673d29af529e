package nimblefurrow.core.cashcrop;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;

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

  public CropPlanting {
    Limits.given("crop", kind);
    Limits.given("planting date", planted);
    if (kind.corn()) {
      Limits.within("relative maturity", maturity, 80, 125, "days");
      Limits.within("harvest moisture", harvestMoisture, 14, 35, "%");
    } else if (kind == CropKind.SOYBEANS && !dates.containsKey(CropStage.HARVEST)) {
      Limits.within("maturity group", maturity, 1.5, 4.0, "(enter harvest dates outside it)");
    } else if ((kind == CropKind.OTHER || kind == CropKind.FREE_GROUND)
        && !dates.containsKey(CropStage.HARVEST)) {
      throw new OutOfRange(
          "harvest date", "harvest date is missing: a crop without a calendar needs it");
    }
    dates = Map.copyOf(dates);
    seen = List.copyOf(seen);
  }

  public static CropPlanting corn(LocalDate planted, double relativeMaturity, double moisture) {
    return new CropPlanting(
        CropKind.CORN_GRAIN, planted, relativeMaturity, moisture, Map.of(), List.of());
  }

  public static CropPlanting soybeans(LocalDate planted, double group) {
    return new CropPlanting(CropKind.SOYBEANS, planted, group, 0, Map.of(), List.of());
  }

  public CropPlanting sighted(CropStage stage, LocalDate date) {
    List<Observation> all = new java.util.ArrayList<>(seen);
    all.add(new Observation(stage, date));
    return new CropPlanting(kind, planted, maturity, harvestMoisture, dates, all);
  }

  public CropPlanting dated(CropStage stage, LocalDate date) {
    Map<CropStage, LocalDate> all = new java.util.HashMap<>(dates);
    all.put(stage, date);
    return new CropPlanting(kind, planted, maturity, harvestMoisture, all, seen);
  }
}
