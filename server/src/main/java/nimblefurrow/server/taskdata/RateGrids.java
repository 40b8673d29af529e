package nimblefurrow.server.taskdata;

import java.util.List;
import nimblefurrow.server.taskdata.TaskData.Rate;
import nimblefurrow.server.taskdata.TaskData.RateGrid;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/** Lays rates on a grid: so much where the work is, nothing elsewhere in the field. */
final class RateGrids {
  private static final double METRES_A_DEGREE = 111_320;
  private static final double CELL_METRES = 10;
  private static final int MOST_CELLS = 60_000;
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private RateGrids() {}

  /**
   * A grid over a field. Cells of 10 m, larger where the field would need too many.
   *
   * @param worked the part that is worked
   */
  static RateGrid of(Geometry field, Geometry worked, List<Rate> rates) {
    Envelope box = field.getEnvelopeInternal();
    double degree = METRES_A_DEGREE * Math.cos(Math.toRadians(box.centre().y));
    double metres = CELL_METRES;
    while (cells(box, degree, metres) > MOST_CELLS) {
      metres *= 2;
    }
    int columns = (int) Math.ceil(box.getWidth() * degree / metres);
    int rows = (int) Math.ceil(box.getHeight() * METRES_A_DEGREE / metres);
    double wide = metres / degree;
    double high = metres / METRES_A_DEGREE;
    PreparedGeometry inside = PreparedGeometryFactory.prepare(worked);
    int[] values = new int[rows * columns * rates.size()];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        Coordinate middle =
            new Coordinate(
                box.getMinX() + (column + 0.5) * wide, box.getMinY() + (row + 0.5) * high);
        if (inside.contains(SHAPES.createPoint(middle))) {
          for (int r = 0; r < rates.size(); r++) {
            values[(row * columns + column) * rates.size() + r] = rates.get(r).value();
          }
        }
      }
    }
    return new RateGrid(box.getMinY(), box.getMinX(), high, wide, columns, rows, values);
  }

  private static double cells(Envelope box, double degree, double metres) {
    return Math.ceil(box.getWidth() * degree / metres)
        * Math.ceil(box.getHeight() * METRES_A_DEGREE / metres);
  }
}
