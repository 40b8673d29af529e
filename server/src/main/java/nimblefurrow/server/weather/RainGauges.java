package nimblefurrow.server.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Rain read from the farm's own gauges. For the fields that a gauge stands for it takes the place
 * of the station's rain; a field's own gauge goes before its farmstead's.
 */
@Component
public class RainGauges {
  private static final double MOST_IN = 20;

  /** A reading of a day, for one field or for all fields of a farmstead. */
  public record Reading(
      UUID id,
      @Maybe UUID fieldId,
      @Maybe String farmstead,
      LocalDate day,
      double rainIn,
      String by) {}

  /** All readings of a farm. */
  public record Rain(List<Reading> readings) {
    /** Rain by day for a field, in. */
    public Map<LocalDate, Double> on(UUID field, String farmstead) {
      if (readings.isEmpty()) {
        return Map.of();
      }
      Map<LocalDate, Double> days = new HashMap<>();
      List<Reading> own = new ArrayList<>();
      for (Reading reading : readings) {
        if (field.equals(reading.fieldId())) {
          own.add(reading);
        } else if (reading.farmstead() != null && reading.farmstead().equals(farmstead)) {
          days.put(reading.day(), reading.rainIn());
        }
      }
      own.forEach(r -> days.put(r.day(), r.rainIn()));
      return days;
    }
  }

  private final JdbcClient database;

  RainGauges(JdbcClient database) {
    this.database = database;
  }

  /** What was read up to and with a day. */
  @Transactional(readOnly = true)
  public Rain until(UUID farm, LocalDate day) {
    return new Rain(
        database
            .sql(
                "select id, field_id, farmstead, day, rain_in, by_name as by from rain_reading"
                    + " where farm_id = ? and day <= ? order by day desc, by_name")
            .params(farm, day)
            .query(Reading.class)
            .list());
  }

  /** Keeps a reading; one of the same gauge and day is replaced. */
  @Transactional
  public void keep(
      UUID farm, UUID id, UUID field, String farmstead, LocalDate day, double in, String by) {
    Limits.within("rain of a day", in, 0, MOST_IN, Unit.INCH_OF_RAIN);
    if ((field == null) == (farmstead == null || farmstead.isBlank())) {
      throw new OutOfRange("gauge", "a gauge stands for one field or for one farmstead");
    }
    database
        .sql(
            "delete from rain_reading where farm_id = ? and day = ?"
                + " and field_id is not distinct from ? and farmstead is not distinct from ?")
        .params(farm, day, field, farmstead)
        .update();
    database
        .sql(
            "insert into rain_reading (id, farm_id, field_id, farmstead, day, rain_in, by_name)"
                + " values (?, ?, ?, ?, ?, ?, ?)")
        .params(id, farm, field, farmstead, day, in, by)
        .update();
  }

  /** Takes a reading out. */
  @Transactional
  public void remove(UUID farm, UUID id) {
    int gone =
        database
            .sql("delete from rain_reading where farm_id = ? and id = ?")
            .params(farm, id)
            .update();
    if (gone == 0) {
      throw new NotOnThisFarm("reading");
    }
  }
}
