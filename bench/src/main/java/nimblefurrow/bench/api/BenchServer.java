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

  public JdbcClient sql() {
    return context.getBean(JdbcClient.class);
  }

  @Override
  public void close() {
    context.close();
  }
}
