package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cashcrop.Observation;
import nimblefurrow.server.platform.web.Maybe;

/**
 * A cash crop in a field's chain, as kept. Dates entered by hand replace what would be computed.
 *
 * @param name what a crop without a calendar of its own is called, such as peas; null for others
 */
public record CropDetails(
    CropKind kind,
    double maturity,
    double harvestMoisture,
    @Maybe Map<CropStage, LocalDate> dates,
    @Maybe String name) {
  public CropDetails {
    dates = dates == null ? Map.of() : Map.copyOf(dates);
  }

  /** What the ground under a cover is to the cover that follows it: free from a day on. */
  public static CropDetails freeFrom(LocalDate day) {
    return new CropDetails(CropKind.FREE_GROUND, 0, 0, Map.of(CropStage.HARVEST, day), null);
  }

  public CropPlanting planting(LocalDate planted, LocalDate harvested, List<Observation> seen) {
    Map<CropStage, LocalDate> known = new EnumMap<>(CropStage.class);
    known.putAll(dates);
    if (harvested != null) {
      known.put(CropStage.HARVEST, harvested);
    }
    return new CropPlanting(kind, planted, maturity, harvestMoisture, known, seen);
  }
}
