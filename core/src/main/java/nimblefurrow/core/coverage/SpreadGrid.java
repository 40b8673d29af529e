package nimblefurrow.core.coverage;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.Area;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;

/** A field as a grid of small cells that takes up pounds and remembers which runs passed over. */
final class SpreadGrid {
  private static final double CELL_M = 2;
  private static final int MOST_CELLS = 4_000_000;

  private final Envelope box;
  private final double cell;
  private final int wide;
  private final int high;
  private final boolean[] inside;
  private final double[] pounds;
  private final int[] lastRun;
  private final int[] runs;
  private double outside;

  SpreadGrid(Geometry field) {
    this.box = field.getEnvelopeInternal();
    this.cell = Math.max(CELL_M, Math.sqrt(box.getArea() / MOST_CELLS));
    this.wide = (int) Math.ceil(box.getWidth() / cell);
    this.high = (int) Math.ceil(box.getHeight() / cell);
    this.inside = new boolean[wide * high];
    this.pounds = new double[wide * high];
    this.lastRun = new int[wide * high];
    this.runs = new int[wide * high];
    IndexedPointInAreaLocator locator = new IndexedPointInAreaLocator(field);
    for (int i = 0; i < inside.length; i++) {
      inside[i] = locator.locate(middle(i)) != Location.EXTERIOR;
    }
  }

  private Coordinate middle(int i) {
    return new Coordinate(
        box.getMinX() + (i % wide + 0.5) * cell, box.getMinY() + (i / wide + 0.5) * cell);
  }

  /**
   * Lays pounds evenly on the cells whose middles lie in a rectangle along a line from a to b, as
   * part of a run (from 1).
   */
  void lay(Coordinate a, Coordinate b, double widthM, double lb, int run) {
    double length = a.distance(b);
    double ux = (b.x - a.x) / length;
    double uy = (b.y - a.y) / length;
    double half = widthM / 2;
    double reachX = half * Math.abs(uy);
    double reachY = half * Math.abs(ux);
    int left = column(Math.min(a.x, b.x) - reachX);
    int right = column(Math.max(a.x, b.x) + reachX);
    int low = row(Math.min(a.y, b.y) - reachY);
    int top = row(Math.max(a.y, b.y) + reachY);
    int[] hit = new int[(right - left + 1) * (top - low + 1)];
    int hits = 0;
    for (int row = low; row <= top; row++) {
      for (int column = left; column <= right; column++) {
        double x = box.getMinX() + (column + 0.5) * cell - a.x;
        double y = box.getMinY() + (row + 0.5) * cell - a.y;
        double along = x * ux + y * uy;
        double across = x * -uy + y * ux;
        if (along >= 0 && along < length && across >= -half && across < half) {
          hit[hits++] = index(column, row);
        }
      }
    }
    if (hits == 0) {
      hit[hits++] = index(column((a.x + b.x) / 2), row((a.y + b.y) / 2));
    }
    for (int i = 0; i < hits; i++) {
      drop(hit[i], lb / hits, run);
    }
  }

  private int column(double x) {
    return (int) Math.floor((x - box.getMinX()) / cell);
  }

  private int row(double y) {
    return (int) Math.floor((y - box.getMinY()) / cell);
  }

  /** The cell's place in the grid, −1 outside the field. */
  private int index(int column, int row) {
    boolean on = column >= 0 && row >= 0 && column < wide && row < high;
    return on && inside[row * wide + column] ? row * wide + column : -1;
  }

  private void drop(int i, double lb, int run) {
    if (i < 0) {
      outside += lb;
      return;
    }
    pounds[i] += lb;
    if (lastRun[i] != run) {
      lastRun[i] = run;
      runs[i]++;
    }
  }

  double cellAcres() {
    return Area.ofSquareMetres(cell * cell).acres();
  }

  double cellsInside() {
    return count(i -> true);
  }

  double coveredInside() {
    return count(i -> pounds[i] > 0);
  }

  double overlappedInside() {
    return count(i -> runs[i] > 1);
  }

  double poundsInside() {
    double sum = 0;
    for (double lb : pounds) {
      sum += lb;
    }
    return sum;
  }

  double poundsOutside() {
    return outside;
  }

  private double count(java.util.function.IntPredicate asked) {
    int count = 0;
    for (int i = 0; i < inside.length; i++) {
      count += inside[i] && asked.test(i) ? 1 : 0;
    }
    return count;
  }

  /** A square of the grid with its mean rate. */
  record Patch(Coordinate low, Coordinate high, double poundsPerAcre) {}

  /** Squares of about a side that lie mostly in the field. */
  List<Patch> patches(double sideM) {
    int step = Math.max(1, (int) Math.round(sideM / cell));
    List<Patch> patches = new ArrayList<>();
    for (int row = 0; row < high; row += step) {
      for (int column = 0; column < wide; column += step) {
        patch(row, column, step, patches);
      }
    }
    return patches;
  }

  private void patch(int row, int column, int step, List<Patch> patches) {
    double lb = 0;
    int cells = 0;
    for (int r = row; r < Math.min(high, row + step); r++) {
      for (int c = column; c < Math.min(wide, column + step); c++) {
        if (inside[r * wide + c]) {
          lb += pounds[r * wide + c];
          cells++;
        }
      }
    }
    if (cells * 3 > step * step) {
      double x = box.getMinX() + column * cell;
      double y = box.getMinY() + row * cell;
      patches.add(
          new Patch(
              new Coordinate(x, y),
              new Coordinate(x + step * cell, y + step * cell),
              lb / (cells * cellAcres())));
    }
  }
}
