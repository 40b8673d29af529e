package nimblefurrow.server.land;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.flight.Hazard;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.files.GeoJson;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is marked on the farm's map: hazards, roads, ways in, filling places, soft spots. */
@Service
public class Marks {
  private static final int MOST_POINTS = 2000;

  /** A mark; the shape is a GeoJSON geometry. */
  public record MarkView(
      UUID id,
      MarkKind kind,
      String words,
      String name,
      String shape,
      double keepAwayFt,
      int version) {
    public Geometry geometry() {
      return GeoJson.shape(shape);
    }

    public Hazard hazard() {
      return new Hazard(kind, name, geometry(), Length.ofFeet(keepAwayFt));
    }
  }

  private final MapMarks marks;
  private final FarmFigures figures;

  Marks(MapMarks marks, FarmFigures figures) {
    this.marks = marks;
    this.figures = figures;
  }

  @Transactional(readOnly = true)
  public List<MarkView> all(UUID farmId) {
    return marks.findByFarmIdOrderByKindAscNameAsc(farmId).stream().map(Marks::view).toList();
  }

  /** Adds a mark; the distance kept is the kind's own unless a wider one is given. */
  @Transactional
  public MarkView add(UUID farmId, MarkKind kind, String name, Geometry shape, Double keepAwayFt) {
    return set(new MapMark(farmId), kind, name, shape, keepAwayFt);
  }

  @Transactional
  public MarkView change(
      UUID farmId,
      UUID id,
      MarkKind kind,
      String name,
      Geometry shape,
      Double keepAwayFt,
      Integer seen) {
    MapMark mark = row(farmId, id);
    Conflict.refuseOlder(mark.version, seen);
    return set(mark, kind, name, shape, keepAwayFt);
  }

  @Transactional
  public void remove(UUID farmId, UUID id) {
    marks.delete(row(farmId, id));
  }

  private MarkView set(
      MapMark mark, MarkKind kind, String name, Geometry shape, Double keepAwayFt) {
    if (shape.isEmpty() || shape.getNumPoints() > MOST_POINTS) {
      throw new OutOfRange(
          "shape",
          "a mark has 1 to %,d points, got %,d".formatted(MOST_POINTS, shape.getNumPoints()));
    }
    for (Coordinate c : shape.getCoordinates()) {
      Limits.within("longitude", c.x, -180, 180, Unit.DEGREE);
      Limits.within("latitude", c.y, -90, 90, Unit.DEGREE);
    }
    mark.kind = kind;
    mark.name = name == null ? "" : name.strip();
    mark.shape = GeoJson.text(shape);
    mark.keepAwayFt =
        keepAwayFt == null
            ? kind.keepAway(figures.of(mark.farmId)).feet()
            : Limits.within("distance from the hazard", keepAwayFt, 0, 5000, Unit.FOOT);
    return view(marks.saveAndFlush(mark));
  }

  private MapMark row(UUID farmId, UUID id) {
    return marks.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("mark"));
  }

  private static MarkView view(MapMark m) {
    return new MarkView(m.id, m.kind, m.kind.words(), m.name, m.shape, m.keepAwayFt, m.version);
  }
}
