package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The database itself refuses a row of one farm that points at a row of another. */
@ExtendWith(RunningServer.class)
class FarmKeysTest {
  private static final String OWN_KEYS =
      """
      select con.conrelid::regclass || '.' || con.conname as name, cardinality(con.conkey) as columns
      from pg_constraint con
      where con.contype = 'f' and con.connamespace = current_schema()::regnamespace
        and con.confrelid not in ('farm'::regclass, 'app_user'::regclass)
        and exists (select 1 from pg_attribute a
                    where a.attrelid = con.confrelid and a.attname = 'farm_id')
      """;

  private static JdbcClient sql() {
    return RunningServer.bean(JdbcClient.class);
  }

  @Test
  void everyKeyBetweenRowsOfAFarmCarriesTheFarm() {
    List<Map<String, Object>> keys = sql().sql(OWN_KEYS).query().listOfRows();
    assertThat(keys).hasSizeGreaterThan(25);
    assertThat(keys).allSatisfy(key -> assertThat(key.get("columns")).as("%s", key).isEqualTo(2));
  }

  @Test
  void aRowThatPointsIntoAnotherFarmIsRefused() {
    Caller one = new Caller(RunningServer.address()).ownFarm();
    Caller other = new Caller(RunningServer.address()).ownFarm();
    UUID mine = UUID.fromString(TestFarm.field(one, "Mine"));
    UUID theirs = UUID.fromString(TestFarm.field(other, "Theirs"));
    UUID farm =
        sql().sql("select farm_id from field where id = ?").param(mine).query(UUID.class).single();
    assertThat(zone(farm, mine)).isEqualTo(1);
    assertThatThrownBy(() -> zone(farm, theirs))
        .isInstanceOf(DataIntegrityViolationException.class)
        .hasMessageContaining("field_zone_field_id_fkey");
  }

  private static int zone(UUID farm, UUID field) {
    return sql()
        .sql(
            "insert into field_zone (id, farm_id, field_id, name, share, version)"
                + " values (?, ?, ?, 'West', 0.5, 0)")
        .params(UUID.randomUUID(), farm, field)
        .update();
  }
}
