package nimblefurrow.server.season;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.platform.NotOnThisFarm;

/**
 * One field that was asked for, on the farm's day.
 *
 * @param parts the field first, then its zones with covers of their own; never empty
 */
public record OneField(FarmDay day, List<FieldSeasons> parts) {
  /** Its running season. */
  public FieldSeasons running() {
    return parts.get(0);
  }

  /**
   * One of its covers.
   *
   * @param place 0 for the running one, 1 for the one after the next cut
   */
  public FieldSeasons cover(int place) {
    List<FieldSeasons> all = running().andAfter();
    Limits.within("place (0 is the running cover)", place, 0, all.size() - 1, Unit.NONE);
    return all.get(place);
  }

  /**
   * The part that an entry is about: a zone with a cover of its own, else the field.
   *
   * @param zone null where it says none; then the job may tell
   */
  public FieldSeasons part(UUID zone, JobId job) {
    FieldSeasons field = running();
    if (zone != null
        && field.field().zones().stream().noneMatch(z -> z.id().equals(zone))
        && parts.stream().noneMatch(f -> f.zone().filter(zone::equals).isPresent())) {
      throw new NotOnThisFarm("zone");
    }
    return parts.stream()
        .filter(f -> f.zone().isPresent())
        .filter(f -> f.zone().get().equals(zone) || job != null && f.key().equals(job.cover()))
        .findFirst()
        .orElse(field);
  }
}
