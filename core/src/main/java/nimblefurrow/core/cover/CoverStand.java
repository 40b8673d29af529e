package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.util.Map;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.Site;

/**
 * A cover as sown, or as it would be.
 *
 * @param seeded the day of sowing
 * @param standFactor what its stand lets growth reach, 0–1 (1 = the curve itself)
 * @param stageShift °F-days by which each species' stages come later than the catalogue's, from
 *     counts in the field; species without a count are absent
 * @param scale what clipped samples say of the growth curve
 */
public record CoverStand(
    Mix mix,
    LocalDate seeded,
    double standFactor,
    Map<String, Double> stageShift,
    CurveScale scale) {
  public CoverStand {
    Limits.given("mix", mix);
    Limits.given("seeding date", seeded);
    Limits.within("stand factor", standFactor, 0, 1, Unit.NONE);
    stageShift = Map.copyOf(stageShift);
  }

  /**
   * The spring to which the cover's end belongs: for what lives through winter the one whose heat
   * it counts, for what frost kills the one after its first winter.
   */
  public LocalDate spring(Site site) {
    return mix.winterHardy().isEmpty() ? site.turnAfter(seeded) : site.springStart(seeded);
  }

  /** A full stand of a mix, nothing seen of it yet. */
  public static CoverStand sown(Mix mix, LocalDate seeded) {
    return new CoverStand(mix, seeded, 1, Map.of(), CurveScale.UNSAMPLED);
  }
}
