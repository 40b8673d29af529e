package nimblefurrow.core.coverage;

import java.util.List;
import nimblefurrow.core.land.LocalPlane;
import org.locationtech.jts.geom.Coordinate;

/**
 * Follows a machine from reading to reading. A run ends where nothing is laid, where readings fail
 * for a while, or where it turns sharply: only another run can overlap it.
 */
final class Runs {
  private static final double METRES_PER_FOOT = 0.3048;
  private static final double LOST_SECONDS = 10;
  private static final double LOST_METRES = 60;
  private static final double SHARP = Math.toRadians(100);

  private final LocalPlane plane;
  private final Ground ground;

  Runs(LocalPlane plane, Ground ground) {
    this.plane = plane;
    this.ground = ground;
  }

  void lay(List<AppliedPoint> points) {
    int run = 1;
    Coordinate before = null;
    double heading = Double.NaN;
    double seconds = 0;
    for (AppliedPoint p : points) {
      Coordinate at = plane.toPlane(new Coordinate(p.longitude(), p.latitude()));
      double moved = before == null ? 0 : before.distance(at);
      boolean lost = before == null || p.seconds() - seconds > LOST_SECONDS || moved > LOST_METRES;
      if (p.pounds() <= 0 || lost) {
        run++;
        heading = Double.NaN;
      } else if (moved > 0.05) {
        double now = Math.atan2(at.y - before.y, at.x - before.x);
        run += turned(heading, now) ? 1 : 0;
        heading = now;
        ground.lay(before, at, p.widthFt() * METRES_PER_FOOT, p.pounds(), run);
      }
      before = moved > 0.05 || lost ? at : before;
      seconds = p.seconds();
    }
  }

  private static boolean turned(double before, double now) {
    if (Double.isNaN(before)) {
      return false;
    }
    double by = Math.abs(now - before) % (2 * Math.PI);
    return Math.min(by, 2 * Math.PI - by) > SHARP;
  }
}
