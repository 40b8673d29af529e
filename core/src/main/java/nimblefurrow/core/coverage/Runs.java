package nimblefurrow.core.coverage;

import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.land.LocalPlane;
import org.locationtech.jts.geom.Coordinate;

/**
 * Follows a machine from reading to reading. A run ends where nothing is laid, where readings fail
 * for a while, or where it turns sharply: only another run can overlap it.
 */
final class Runs {
  private static final double METRES_PER_FOOT = 0.3048;
  private static final FigureKey LOST_SECONDS = FigureKey.of("coverage", "lost_seconds");
  private static final FigureKey LOST_FEET = FigureKey.of("coverage", "lost_feet");
  private static final FigureKey SHARP_TURN = FigureKey.of("coverage", "sharp_turn");

  private final LocalPlane plane;
  private final SpreadGrid ground;
  private final double lostSeconds;
  private final double lostMetres;
  private final double sharp;

  Runs(LocalPlane plane, SpreadGrid ground, Figures figures) {
    this.plane = plane;
    this.ground = ground;
    this.lostSeconds = figures.of(LOST_SECONDS);
    this.lostMetres = figures.of(LOST_FEET) * METRES_PER_FOOT;
    this.sharp = Math.toRadians(figures.of(SHARP_TURN));
  }

  void lay(List<AppliedPoint> points) {
    int run = 1;
    Coordinate before = null;
    double heading = Double.NaN;
    double seconds = 0;
    for (AppliedPoint p : points) {
      Coordinate at = plane.toPlane(new Coordinate(p.longitude(), p.latitude()));
      double moved = before == null ? 0 : before.distance(at);
      boolean lost = before == null || p.seconds() - seconds > lostSeconds || moved > lostMetres;
      if (p.pounds() <= 0 || lost) {
        run++;
        heading = Double.NaN;
      } else if (moved > 0.05) {
        double now = Math.atan2(at.y - before.y, at.x - before.x);
        run += turned(heading, now) ? 1 : 0;
        heading = now;
        ground.lay(before, at, p.width().metres(), p.pounds(), run);
      }
      before = moved > 0.05 || lost ? at : before;
      seconds = p.seconds();
    }
  }

  private boolean turned(double before, double now) {
    if (Double.isNaN(before)) {
      return false;
    }
    double by = Math.abs(now - before) % (2 * Math.PI);
    return Math.min(by, 2 * Math.PI - by) > sharp;
  }
}
