package nimblefurrow.server.journal;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.server.platform.Maybe;

/**
 * What somebody saw in a field, as far as the kind of entry has it.
 *
 * @param plants of each spot of a stand count
 * @param squareFeet ground of each spot of a stand count
 * @param stemsPerPlant where stems were looked at
 * @param alive plants found alive after the winter, of those {@code looked} at
 * @param spots where it was counted, one after the other
 * @param readings by spot, in the unit of what was read
 * @param photo whether the readings were told from photos
 * @param tested whether nitrogen was found in the soil; else it was spread
 */
public record Look(
    @Maybe @Size(max = 100) List<Integer> plants,
    @Maybe Double squareFeet,
    @Maybe Double stemsPerPlant,
    @Maybe Integer alive,
    @Maybe Integer looked,
    @Maybe @Size(max = 100) List<Spot> spots,
    @Maybe @Size(max = 100) List<Double> readings,
    @Maybe Pest pest,
    @Maybe SoilFeel feel,
    @Maybe Boolean photo,
    @Maybe Boolean tested) {
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
