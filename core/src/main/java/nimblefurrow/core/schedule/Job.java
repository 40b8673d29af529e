package nimblefurrow.core.schedule;

import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.SoilTexture;

/**
 * One thing to do on one field.
 *
 * @param id stays the same while the plan does: field, season and operation
 * @param livingCover whether a living cover carries the traffic
 */
public record Job(
    String id,
    String field,
    MachineKind kind,
    Area area,
    SoilTexture soil,
    boolean tiled,
    boolean livingCover,
    JobWindow window) {
  public Job {
    Limits.given("job", id);
    Limits.given("kind of work", kind);
    Limits.positive("area", area.acres(), 50_000, "acres");
  }
}
