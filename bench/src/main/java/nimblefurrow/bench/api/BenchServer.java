package nimblefurrow.bench.api;

import java.util.UUID;
import nimblefurrow.server.FurrowServer;
import nimblefurrow.server.demo.DemoFarm;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The real server with the demo farm on the throw-away database that the command has started. */
public final class BenchServer implements AutoCloseable {
  private final ConfigurableApplicationContext context;

  private BenchServer(ConfigurableApplicationContext context) {
    this.context = context;
  }

  public static BenchServer start() {
    return new BenchServer(
        new SpringApplicationBuilder(FurrowServer.class)
            .run(
                "--server.port=0",
                "--furrow.demo=true",
                "--furrow.free-farms=100000",
                "--logging.level.root=error"));
  }

  public String address() {
    return "http://127.0.0.1:"
        + context.getBean(Environment.class).getProperty("local.server.port");
  }

  /** A furnished farm whose people are planner@NAME.example and operator@NAME.example. */
  public UUID farm(String name, int fields) {
    return context
        .getBean(DemoFarm.class)
        .build(
            name,
            "planner@%s.example".formatted(name),
            "operator@%s.example".formatted(name),
            fields);
  }

  /**
   * A year of looks into a farm's journal: soil felt, heights, weeds and light, spread over its
   * fields and days.
   */
  public void year(UUID farm, int entries) {
    sql()
        .sql(
            """
            insert into log_entry (id, farm_id, field_id, link_id, kind, happened_on, lot, note, by_name, details)
            select gen_random_uuid(), l.farm_id, l.field_id, l.id, k.kind, f.as_of - (n * 7 % 330), '', 'walked by', 'Bench',
              k.details::jsonb
            from generate_series(1, :entries) n
            join (select *, row_number() over (order by field_id, place) as nth, count(*) over () as n_all
                    from chain_link where farm_id = :farm and not retired and kind = 'CROP') l
              on l.nth = n % l.n_all + 1
            join farm f on f.id = l.farm_id
            join (values (0, 'SOIL_FEEL', '{"v":1,"look":{"feel":"CRUMBLES"}}'),
                         (1, 'WEEDS', '{"v":1,"look":{"readings":[2,3,4]}}'),
                         (2, 'PESTS', '{"v":1,"look":{"pest":"SLUGS","readings":[1,0,2]}}')) k(nth, kind, details)
              on k.nth = n % 3
            """)
        .param("farm", farm)
        .param("entries", entries)
        .update();
  }

  /** The memory in use once all that nobody holds is gone, MB. */
  public static double liveMegabytes() {
    Runtime runtime = Runtime.getRuntime();
    double live = Double.MAX_VALUE;
    for (int round = 0; round < 3; round++) {
      System.gc();
      live = Math.min(live, (runtime.totalMemory() - runtime.freeMemory()) / 1e6);
    }
    return live;
  }

  public JdbcClient sql() {
    return context.getBean(JdbcClient.class);
  }

  @Override
  public void close() {
    context.close();
  }
}
