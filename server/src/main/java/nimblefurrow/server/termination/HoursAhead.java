package nimblefurrow.server.termination;

import java.util.List;
import nimblefurrow.core.termination.hours.HourBlock;
import nimblefurrow.core.termination.hours.HourOutlook;
import nimblefurrow.core.termination.hours.SprayNeed;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import org.locationtech.jts.geom.Coordinate;

/** What a field's end depends on beside its window: hours of the coming days, and noted ruts. */
public final class HoursAhead {
  private static final int DAYS = 10;

  private HoursAhead() {}

  /**
   * Blocks of hours for a machine on a field.
   *
   * @param needs what is to be sprayed wants of them
   * @param kind null, or a machine whose hours nothing decides: none
   */
  public static List<HourBlock> blocks(
      FieldSeasons field, FarmDay day, MachineKind kind, List<SprayNeed> needs) {
    if (kind != MachineKind.ROLLER && kind != MachineKind.SPRAYER) {
      return List.of();
    }
    List<HourOutlook> hours =
        HourOutlook.of(
            day.outlook(),
            day.weather().fit(),
            field.now().field().facts().ground(true),
            day.today(),
            DAYS,
            needs);
    return HourBlock.of(
        hours, kind == MachineKind.ROLLER ? HourOutlook::crimp : HourOutlook::spray, day.figures());
  }

  /** Where ruts were noted in a field. */
  public static List<Coordinate> ruts(FieldSeasons field) {
    return NotedSpot.ruts(field).stream()
        .map(spot -> new Coordinate(spot.longitude(), spot.latitude()))
        .toList();
  }
}
