package nimblefurrow.core.work;

import java.util.Optional;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.SoilTexture;

/**
 * One thing to do on one field.
 *
 * @param id stays the same while the plan does
 * @param words what is done, as on a day sheet
 * @param livingCover whether a living cover carries the traffic
 * @param goes how many times the machine's work for one going-over it takes, 0.1–10
 * @param after what it waits for
 */
public record Job(
    JobId id,
    String field,
    MachineKind kind,
    String words,
    Area area,
    SoilTexture soil,
    boolean tiled,
    boolean livingCover,
    JobWindow window,
    double goes,
    Optional<After> after) {
  public Job {
    Limits.given("job", id);
    Limits.given("kind of work", kind);
    Limits.given("what is done", words);
    Limits.positive("area", area.acres(), 50_000, Unit.ACRE);
    Limits.within("goes over the field", goes, 0.1, 10, Unit.NONE);
  }

  /** A job of one going-over that waits for nothing. */
  public Job(
      JobId id,
      String field,
      MachineKind kind,
      Area area,
      SoilTexture soil,
      boolean tiled,
      boolean livingCover,
      JobWindow window) {
    this(
        id, field, kind, kind.words(), area, soil, tiled, livingCover, window, 1, Optional.empty());
  }

  /** Hours that a machine needs for all of it. */
  public double hoursOn(Machine machine) {
    return machine.rate().hoursFor(area) * goes;
  }

  /** Acres done in some hours on a machine. */
  double acresIn(double hours, Machine machine) {
    return hours * machine.rate().acresPerHour() / goes;
  }
}
