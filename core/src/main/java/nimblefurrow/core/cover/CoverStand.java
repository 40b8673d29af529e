package nimblefurrow.core.cover;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.Site;

/**
 * A cover as sown, or as it would be, with what was seen of it.
 *
 * @param seeded the day of sowing
 * @param conditions what the field gives it to grow with
 * @param seen what people saw of it in the field
 */
public record CoverStand(Mix mix, LocalDate seeded, StandConditions conditions, CoverSeen seen) {
  public CoverStand {
    Limits.given("mix", mix);
    Limits.given("seeding date", seeded);
    Limits.given("conditions", conditions);
    Limits.given("what was seen", seen);
  }

  /**
   * The spring to which the cover's end belongs: for what lives through winter the one whose heat
   * it counts, for what frost kills the one after its first winter.
   */
  public LocalDate spring(Site site) {
    return mix.winterHardy().isEmpty() ? site.turnAfter(seeded) : site.springStart(seeded);
  }

  /** A full stand of a mix with enough of everything, nothing seen of it yet. */
  public static CoverStand sown(Mix mix, LocalDate seeded) {
    return new CoverStand(mix, seeded, StandConditions.ENOUGH, CoverSeen.NOTHING);
  }

  /** The same with what the field gives it. */
  public CoverStand with(StandConditions given) {
    return new CoverStand(mix, seeded, given, seen);
  }

  /** The same with what was seen of it. */
  public CoverStand with(CoverSeen told) {
    return new CoverStand(mix, seeded, conditions, told);
  }
}
