package nimblefurrow.server.demo;

import java.util.UUID;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.server.land.Marks;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.springframework.stereotype.Component;

/** What is marked on the demo farm's map, in miles from the county corner. */
@Component
class DemoMarks {
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private final Marks marks;

  DemoMarks(Marks marks) {
    this.marks = marks;
  }

  void draw(UUID farm) {
    add(farm, MarkKind.ROAD, "South section road", line(-0.1, 0.005, 4.45, 0.005));
    add(farm, MarkKind.ROAD, "Mill road", line(-0.1, 0.505, 1.01, 0.505));
    add(farm, MarkKind.ROAD, "Ferry road", line(2.02, 0.515, 4.02, 0.515));
    add(farm, MarkKind.ROAD, "Middle section road", line(-0.1, 1.015, 4.45, 1.015));
    add(farm, MarkKind.ROAD, "Chapel road", line(1.01, 1.505, 2.55, 1.505));
    add(farm, MarkKind.ROAD, "West county road", line(0.005, -0.05, 0.005, 1.1));
    add(farm, MarkKind.ROAD, "Church lane", line(0.505, -0.05, 0.505, 1.015));
    add(farm, MarkKind.ROAD, "County blacktop", line(1.01, -0.05, 1.01, 2.7));
    add(farm, MarkKind.ROAD, "Range road", line(2.02, -0.05, 2.02, 2.7));
    add(farm, MarkKind.ROAD, "Creek section road", line(3.01, -0.05, 3.01, 1.1));
    add(farm, MarkKind.ROAD, "Bridge lane", line(4.015, -0.05, 4.015, 1.1));
    add(farm, MarkKind.WIRE, "Mill road line", line(-0.05, 0.522, 1.0, 0.522));
    add(farm, MarkKind.WIRE, "Cross line", line(0.56, 0.40, 0.79, 0.03));
    add(farm, MarkKind.HOUSE, "Cemetery", point(0.585, 0.725));
    add(farm, MarkKind.HOUSE, "Farmhouse", point(0.63, 0.49));
    add(farm, MarkKind.TOWER, "Weather mast", point(1.75, 0.8));
    add(farm, MarkKind.BEES, "Hives by the windbreak", point(0.765, 0.3));
    add(farm, MarkKind.OPEN_WATER, "Barn pond", ring(0.70, 0.36, 0.745, 0.40));
    add(farm, MarkKind.SENSITIVE_CROP, "Neighbour's melons", ring(-0.16, 0.10, -0.03, 0.20));
    add(farm, MarkKind.FILLING_PLACE, "Yard at the barn", point(0.512, 0.22));
    add(farm, MarkKind.FILLING_PLACE, "Cemetery gate", point(0.532, 0.60));
    add(farm, MarkKind.ACCESS, "East gate", point(1.0, 0.25));
    add(farm, MarkKind.SOFT_SPOT, "Seep", point(0.62, 0.12));
    add(farm, MarkKind.RUTS, "Ruts of last fall", line(0.88, 0.10, 0.90, 0.30));
  }

  private void add(UUID farm, MarkKind kind, String name, Geometry shape) {
    marks.add(farm, kind, name, shape, null);
  }

  private static Geometry point(double x, double y) {
    return SHAPES.createPoint(DemoShapes.place(new double[] {x, y}));
  }

  private static Geometry line(double x1, double y1, double x2, double y2) {
    return SHAPES.createLineString(
        new Coordinate[] {
          DemoShapes.place(new double[] {x1, y1}), DemoShapes.place(new double[] {x2, y2})
        });
  }

  private static Geometry ring(double x1, double y1, double x2, double y2) {
    return SHAPES.createPolygon(
        new Coordinate[] {
          DemoShapes.place(new double[] {x1, y1}),
          DemoShapes.place(new double[] {x2, y1 + (y2 - y1) * 0.2}),
          DemoShapes.place(new double[] {x2 - (x2 - x1) * 0.1, y2}),
          DemoShapes.place(new double[] {x1 + (x2 - x1) * 0.2, y2 - (y2 - y1) * 0.1}),
          DemoShapes.place(new double[] {x1, y1})
        });
  }
}
