package nimblefurrow.server.journal;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.platform.Maybe;

/**
 * What somebody saw in a field, as far as the kind of entry has it.
 *
 * @param plants of each spot of a stand count
 * @param squareFeet ground of each spot of a stand count
 * @param stemsPerPlant where stems were looked at
 * @param alive plants found alive after the winter, of those {@code looked} at
 * @param spots where it was counted, one after the other
 */
public record Look(
    @Maybe @Size(max = 100) List<Integer> plants,
    @Maybe Double squareFeet,
    @Maybe Double stemsPerPlant,
    @Maybe Integer alive,
    @Maybe Integer looked,
    @Maybe @Size(max = 100) List<Spot> spots) {
  /**
   * A spot.
   *
   * @param zone that it lies in; null where the field has none, or nobody said
   */
  public record Spot(
      @Maybe Double longitude,
      @Maybe Double latitude,
      @Maybe UUID zone,
      @Maybe Integer stems,
      @Maybe Integer past) {}
}
