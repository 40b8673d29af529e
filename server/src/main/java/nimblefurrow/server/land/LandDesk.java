package nimblefurrow.server.land;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.land.Boundary;
import nimblefurrow.core.land.Cutting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.field.Fields.Land;
import nimblefurrow.server.field.Fields.Outline;
import nimblefurrow.server.platform.codes.StoredJson;
import nimblefurrow.server.platform.files.GeoJson;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Draws, cuts and joins fields, each act remembered so that it can be undone. */
@Service
class LandDesk {
  private static final int KEPT = 100;

  private final Fields fields;
  private final Chains chains;
  private final JdbcClient database;
  private final StoredJson json;

  LandDesk(Fields fields, Chains chains, JdbcClient database, StoredJson json) {
    this.fields = fields;
    this.chains = chains;
    this.database = database;
    this.json = json;
  }

  @Transactional
  FieldView draw(UUID farm, String name, Geometry shape) {
    Boundary boundary = Boundary.of(name, shape);
    FieldView drawn = fields.add(farm, boundary, Land.usual(name));
    remember(farm, "draw " + name, List.of(retired(farm, drawn.id())));
    return drawn;
  }

  @Transactional
  FieldView redraw(UUID farm, UUID id, Geometry shape) {
    Outline was = fields.outline(farm, id);
    Boundary boundary = Boundary.of(was.name(), shape);
    remember(farm, "redraw " + was.name(), List.of(was));
    return fields.redraw(farm, new Outline(id, was.name(), GeoJson.text(boundary.shape()), false));
  }

  @Transactional
  FieldView hole(UUID farm, UUID id, Polygon hole) {
    FieldView field = fields.one(farm, id);
    Boundary holed = Cutting.hole(field.name(), field.outline(), hole);
    return redraw(farm, id, holed.shape());
  }

  /** Cuts a field in two; the larger part keeps its name and logbook, the other its chain. */
  @Transactional
  List<FieldView> split(UUID farm, UUID id, LineString line, String name) {
    Outline was = fields.outline(farm, id);
    FieldView field = fields.one(farm, id);
    List<Boundary> parts = Cutting.split(field.name(), field.outline(), line);
    if (parts.size() > 2) {
      throw new OutOfRange(
          "line",
          "this line cuts “%s” into %d parts: cut one at a time"
              .formatted(field.name(), parts.size()));
    }
    FieldView larger =
        fields.redraw(farm, new Outline(id, was.name(), GeoJson.text(parts.get(0).shape()), false));
    FieldView other = fields.part(farm, id, name, parts.get(1));
    chains.copy(farm, id, other.id());
    remember(farm, "split " + was.name(), List.of(was, retired(farm, other.id())));
    return List.of(larger, other);
  }

  /** Joins a field into another, which keeps its name, chain and logbook. */
  @Transactional
  FieldView merge(UUID farm, UUID id, UUID otherId) {
    if (id.equals(otherId)) {
      throw new OutOfRange("field", "a field cannot be joined with itself");
    }
    Outline was = fields.outline(farm, id);
    Outline other = fields.outline(farm, otherId);
    FieldView field = fields.one(farm, id);
    Boundary joined =
        Cutting.merge(
            was.name() + " and " + other.name(),
            field.outline(),
            fields.one(farm, otherId).outline());
    remember(farm, "join " + other.name() + " into " + was.name(), List.of(was, other));
    fields.redraw(farm, new Outline(otherId, other.name(), other.boundary(), true));
    return fields.redraw(farm, new Outline(id, was.name(), GeoJson.text(joined.shape()), false));
  }

  /** What would be undone next; empty when there is nothing. */
  @Transactional(readOnly = true)
  Optional<String> next(UUID farm) {
    return database
        .sql("select said from land_act where farm_id = ? order by id desc limit 1")
        .param(farm)
        .query(String.class)
        .optional();
  }

  /** Puts the outlines back as they were before the last act. */
  @Transactional
  Optional<String> undo(UUID farm) {
    record Act(long id, String said, String before) {}
    Optional<Act> last =
        database
            .sql(
                "select id, said, before_act::text as before from land_act where farm_id = ? order by id desc limit 1 for update")
            .param(farm)
            .query(
                (row, n) ->
                    new Act(row.getLong("id"), row.getString("said"), row.getString("before")))
            .optional();
    last.ifPresent(
        act -> {
          List<Outline> outlines =
              json.all(act.before(), StoredOutline.class).stream()
                  .map(StoredOutline::outline)
                  .toList();
          // Retired ones first, so that their names are free again.
          outlines.stream().filter(Outline::retired).forEach(o -> fields.redraw(farm, o));
          outlines.stream().filter(o -> !o.retired()).forEach(o -> fields.redraw(farm, o));
          database.sql("delete from land_act where id = ?").param(act.id()).update();
        });
    return last.map(Act::said);
  }

  private Outline retired(UUID farm, UUID id) {
    Outline now = fields.outline(farm, id);
    return new Outline(id, now.name(), now.boundary(), true);
  }

  private void remember(UUID farm, String said, List<Outline> before) {
    database
        .sql("insert into land_act (farm_id, said, before_act) values (?, ?, ?::jsonb)")
        .params(farm, said, json.write(before.stream().map(StoredOutline::of).toList()))
        .update();
    database
        .sql(
            "delete from land_act where farm_id = ? and id not in (select id from land_act where farm_id = ? order by id desc limit ?)")
        .params(farm, farm, KEPT)
        .update();
  }
}
