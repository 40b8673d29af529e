package nimblefurrow.server.platform;

import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * How many records rest on a thing of the farm: entries of the logbook, calibrations, flights,
 * papers. What has some is retired instead of deleted.
 */
@Component
public class Records {
  private final JdbcClient database;

  Records(JdbcClient database) {
    this.database = database;
  }

  public int ofLink(UUID farm, UUID link) {
    return count("select count(*) from log_entry where farm_id = ? and link_id = ?", farm, link);
  }

  public int ofField(UUID farm, UUID field) {
    return count(
        "select (select count(*) from log_entry where farm_id = ? and field_id = ?)"
            + " + (select count(*) from herbicide_use where farm_id = ? and field_id = ?)"
            + " + (select count(*) from flight_run where farm_id = ? and field_id = ?)",
        farm,
        field,
        farm,
        field,
        farm,
        field);
  }

  public int ofMachine(UUID farm, UUID machine) {
    return count(
        "select (select count(*) from log_entry where farm_id = ? and machine_id = ?)"
            + " + (select count(*) from calibration where farm_id = ? and machine_id = ?)"
            + " + (select count(*) from flight_run where farm_id = ? and machine_id = ?)",
        farm,
        machine,
        farm,
        machine,
        farm,
        machine);
  }

  /** Covers planned in a zone and entries written about it. */
  public int ofZone(UUID farm, UUID zone) {
    return count(
        "select (select count(*) from log_entry where farm_id = ? and zone_id = ?)"
            + " + (select count(*) from chain_link where farm_id = ? and zone_id = ?)",
        farm,
        zone,
        farm,
        zone);
  }

  public int ofLot(UUID farm, UUID lot, String name) {
    return count(
        "select (select count(*) from log_entry where farm_id = ? and lower(lot) = lower(?))"
            + " + (select count(*) from lot_paper where farm_id = ? and lot_id = ?)",
        farm,
        name,
        farm,
        lot);
  }

  /** Takes a machine's jobs off it; they are looked for a place anew. */
  public void clearPlaces(UUID farm, UUID machine) {
    database
        .sql("delete from placement where farm_id = ? and machine_id = ?")
        .params(farm, machine)
        .update();
  }

  private int count(String sql, Object... named) {
    return database.sql(sql).params(named).query(Integer.class).single();
  }
}
