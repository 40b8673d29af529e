package nimblefurrow.server.field;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.Zoning;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.server.field.Zones.ZoneView;
import nimblefurrow.server.platform.files.GeoJson;
import nimblefurrow.server.platform.web.Maybe;
import org.locationtech.jts.geom.Geometry;

/** A field; the boundary is a GeoJSON geometry. */
public record FieldView(
    UUID id,
    String name,
    String farmstead,
    double acres,
    String boundary,
    SoilTexture soil,
    Drainage drainage,
    boolean tiled,
    boolean organic,
    double slopePercent,
    String note,
    String access,
    @Maybe Integer leftOutSeason,
    String leftOutReason,
    List<ZoneView> zones,
    int version) {

  /** The outline, checked when it was kept. */
  public Boundary outline() {
    return Boundary.of(name, shape());
  }

  public FieldFacts facts() {
    List<ZoneView> own = zones.stream().filter(z -> z.soil() != null || z.tiled() != null).toList();
    return new FieldFacts(
        Area.ofAcres(acres),
        soil,
        tiled,
        organic,
        own.stream().map(z -> z.part(soil, tiled)).toList(),
        covered(own));
  }

  /** One of its zones, as a field by itself. */
  public FieldView in(ZoneView zone) {
    return new FieldView(
        id,
        name + " · " + zone.name(),
        farmstead,
        zone.acres(),
        zone.boundary() == null ? boundary : zone.boundary(),
        zone.soil() == null ? soil : zone.soil(),
        drainage,
        zone.tiled() == null ? tiled : zone.tiled(),
        organic,
        slopePercent,
        note,
        access,
        leftOutSeason,
        leftOutReason,
        List.of(),
        version);
  }

  /** Whether some of its zones leave nothing of it. */
  public boolean covered(List<ZoneView> others) {
    double zoned = others.stream().mapToDouble(ZoneView::acres).sum();
    return zoned > 0 && Zoning.covered(Area.ofAcres(acres), Area.ofAcres(zoned));
  }

  /** What some of its zones leave of it, where they do not cover it. */
  public FieldView without(List<ZoneView> others) {
    double gone = others.stream().mapToDouble(ZoneView::acres).sum();
    return new FieldView(
        id,
        name,
        farmstead,
        acres - gone,
        boundary,
        soil,
        drainage,
        tiled,
        organic,
        slopePercent,
        note,
        access,
        leftOutSeason,
        leftOutReason,
        zones.stream().filter(z -> !others.contains(z)).toList(),
        version);
  }

  public Geometry shape() {
    return GeoJson.shape(boundary);
  }
}
