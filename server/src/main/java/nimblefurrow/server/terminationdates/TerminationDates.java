package nimblefurrow.server.terminationdates;

import java.time.MonthDay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The days that a farm's insurers and programmes set for the end of its covers. */
@Component
public class TerminationDates {
  private static final int MOST = 40;

  /** A day as kept, for every field or for some. */
  record Kept(UUID id, TerminationDate date, boolean everyField, List<UUID> fields, int version) {}

  /** All days of a farm. */
  public record Set(List<Kept> all) {
    /** Those that a field is under. */
    public List<TerminationDate> of(UUID field) {
      return all.stream()
          .filter(k -> k.everyField() || k.fields().contains(field))
          .map(Kept::date)
          .toList();
    }
  }

  private final JdbcClient database;
  private final Fields fields;

  TerminationDates(JdbcClient database, Fields fields) {
    this.database = database;
    this.fields = fields;
  }

  /** All days of a farm, by the calendar. */
  @Transactional(readOnly = true)
  public Set set(UUID farm) {
    Map<UUID, List<UUID>> of = new HashMap<>();
    database
        .sql(
            "select f.kill_date_id, f.field_id from kill_date_field f"
                + " join kill_date k on k.id = f.kill_date_id where k.farm_id = ?")
        .param(farm)
        .query(
            row -> {
              of.computeIfAbsent(row.getObject(1, UUID.class), k -> new java.util.ArrayList<>())
                  .add(row.getObject(2, UUID.class));
            });
    return new Set(
        database
            .sql("select * from kill_date where farm_id = ? order by month, day, lower(name)")
            .param(farm)
            .query(
                (row, n) ->
                    new Kept(
                        row.getObject("id", UUID.class),
                        new TerminationDate(
                            row.getString("name"),
                            Codes.read(TerminationDate.Kind.class, row.getString("kind")),
                            MonthDay.of(row.getInt("month"), row.getInt("day"))),
                        row.getBoolean("every_field"),
                        of.getOrDefault(row.getObject("id", UUID.class), List.of()),
                        row.getInt("version")))
            .list());
  }

  /**
   * Keeps a day, new or changed.
   *
   * @param seen the version that was changed; null: whatever is kept
   */
  @Transactional
  void keep(UUID farm, UUID id, TerminationDate date, List<UUID> wanted, Integer seen) {
    List<Kept> others = new ArrayList<>(set(farm).all());
    others.stream()
        .filter(k -> k.id().equals(id))
        .forEach(k -> Conflict.refuseOlder(k.version(), seen));
    others.removeIf(k -> k.id().equals(id));
    java.util.Set<UUID> own = new HashSet<>();
    fields.all(farm).stream().map(FieldView::id).forEach(own::add);
    if (!own.containsAll(wanted)) {
      throw new NotOnThisFarm("field");
    }
    boolean anothers =
        database
            .sql("select exists (select 1 from kill_date where id = ? and farm_id <> ?)")
            .params(id, farm)
            .query(Boolean.class)
            .single();
    if (anothers) {
      throw new NotOnThisFarm("day");
    }
    if (others.size() >= MOST) {
      throw new OutOfRange("days", "a farm keeps %d such days at most".formatted(MOST));
    }
    try {
      int changed =
          database
              .sql(
                  "update kill_date set name = ?, kind = ?, month = ?, day = ?, every_field = ?, version = version + 1"
                      + " where id = ? and farm_id = ?")
              .params(
                  date.name(),
                  Codes.kept(date.kind()),
                  date.day().getMonthValue(),
                  date.day().getDayOfMonth(),
                  wanted.isEmpty(),
                  id,
                  farm)
              .update();
      if (changed == 0) {
        database
            .sql(
                "insert into kill_date (id, farm_id, name, kind, month, day, every_field)"
                    + " values (?, ?, ?, ?, ?, ?, ?)")
            .params(
                id,
                farm,
                date.name(),
                Codes.kept(date.kind()),
                date.day().getMonthValue(),
                date.day().getDayOfMonth(),
                wanted.isEmpty())
            .update();
      }
    } catch (DuplicateKeyException twice) {
      throw new OutOfRange("name", "another day is called %s already".formatted(date.name()));
    }
    database.sql("delete from kill_date_field where kill_date_id = ?").param(id).update();
    for (UUID field : new HashSet<>(wanted)) {
      database
          .sql("insert into kill_date_field (farm_id, kill_date_id, field_id) values (?, ?, ?)")
          .params(farm, id, field)
          .update();
    }
  }

  @Transactional
  void remove(UUID farm, UUID id) {
    if (database.sql("delete from kill_date where id = ? and farm_id = ?").params(id, farm).update()
        == 0) {
      throw new NotOnThisFarm("day");
    }
  }
}
