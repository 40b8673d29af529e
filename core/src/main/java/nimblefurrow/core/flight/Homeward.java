package nimblefurrow.core.flight;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/** The shortest ways of a zone from anywhere to one place: that place's tree is grown only once. */
final class Homeward {
  private final SafePath paths;
  private final Coordinate home;
  private final SafePath.Tree tree;

  Homeward(SafePath paths, Coordinate home) {
    this.paths = paths;
    this.home = home;
    this.tree = paths.treeFrom(home);
  }

  /** The way from a point home with both ends; null when there is none. */
  List<Coordinate> from(Coordinate point) {
    if (paths.clear(point, home)) {
      return List.of(point, home);
    }
    int corner = paths.firstSeen(point, tree);
    if (corner < 0) {
      return null;
    }
    List<Coordinate> way = new ArrayList<>(List.of(point));
    for (int at = corner; at >= 0; at = tree.towards()[at]) {
      way.add(paths.corner(at));
    }
    way.add(home);
    return way;
  }

  /** The way out to a point. */
  List<Coordinate> to(Coordinate point) {
    List<Coordinate> back = from(point);
    if (back == null) {
      return null;
    }
    List<Coordinate> out = new ArrayList<>(back);
    Collections.reverse(out);
    return out;
  }
}
