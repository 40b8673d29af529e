package nimblefurrow.bench.fuzz;

import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Looks through all that the database keeps for what no farm can have. */
final class AbsurdRows {
  private static final String FIRST_YEAR = "1900";
  private static final String LAST_YEAR = "2060";

  private AbsurdRows() {}

  private record Column(String table, String name, String type) {}

  /** What is kept and cannot be, one line each; empty when all is well. */
  static List<String> absurd(JdbcClient sql) {
    List<Column> columns =
        sql.sql(
                "select table_name, column_name, data_type from information_schema.columns"
                    + " where table_schema = 'public' and table_name not like 'flyway%'"
                    + " and table_name not like 'spring_session%'")
            .query((row, n) -> new Column(row.getString(1), row.getString(2), row.getString(3)))
            .list();
    List<String> found = new ArrayList<>();
    for (Column column : columns) {
      String name = "\"" + column.name() + "\"";
      String cannotBe =
          switch (column.type()) {
            case "double precision", "real" ->
                "%1$s = 'NaN' or %1$s in ('Infinity', '-Infinity') or abs(%1$s) > 1e9";
            case "date", "timestamp with time zone", "timestamp without time zone" ->
                "extract(year from %1$s) not between " + FIRST_YEAR + " and " + LAST_YEAR;
            case "jsonb" ->
                "%1$s::text ~ '(NaN|Infinity|[:,\\[] ?-?[0-9.]+e\\+?[0-9]{2}|\"[+-]?[0-9]{5,}-[0-9]{2}-|"
                    + "\"0[0-9]{3}-[0-9]{2}-|\"(2[1-9]|[3-9][0-9])[0-9]{2}-[0-9]{2}-[0-9]{2}\"|\\[null)'";
            case "text", "character varying" -> "length(%1$s) > 2000000";
            default -> null;
          };
      if (cannotBe != null) {
        long rows =
            sql.sql(
                    "select count(*) from \"%s\" where %s"
                        .formatted(column.table(), cannotBe.formatted(name)))
                .query(Long.class)
                .single();
        if (rows > 0) {
          found.add("%s.%s: %d rows".formatted(column.table(), column.name(), rows));
        }
      }
    }
    return found;
  }
}
