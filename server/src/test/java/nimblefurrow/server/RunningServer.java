package nimblefurrow.server;

import java.sql.DriverManager;
import java.sql.SQLException;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/**
 * Starts the real application once for all tests of this module, on a free port and on a database
 * of its own, with the demo farm in it. Tests talk HTTP to it.
 */
public class RunningServer implements ParameterResolver {
  private static ConfigurableApplicationContext running;

  /** The day on which the server begins, so that no test hangs on the day it is run. */
  public static final String TODAY = "2026-09-12";

  /** A part of the running application, for what cannot be seen over HTTP. */
  public static synchronized <T> T bean(Class<T> type) {
    address();
    return running.getBean(type);
  }

  /** The address of the running application. */
  public static synchronized String address() {
    if (running == null) {
      System.setProperty("spring.datasource.url", freshDatabase("furrow_server"));
      running =
          new SpringApplicationBuilder(FurrowServer.class)
              .properties("server.port=0")
              .run(
                  "--server.port=0",
                  "--furrow.demo=true",
                  "--furrow.plan-seconds=0.2",
                  "--furrow.morning-every=24h",
                  "--furrow.free-farms=100000",
                  "--furrow.today=" + TODAY);
      Runtime.getRuntime().addShutdownHook(new Thread(running::close));
    }
    return "http://127.0.0.1:"
        + running.getBean(Environment.class).getProperty("local.server.port");
  }

  /** Empties a database of the test cluster that the test command has started. */
  static String freshDatabase(String name) {
    String cluster = System.getenv("FURROW_TEST_DB");
    if (cluster == null) {
      throw new IllegalStateException("no test database: run ./furrow test, which starts one");
    }
    String url = cluster + name;
    try (var connection =
            DriverManager.getConnection(
                url, System.getenv("FURROW_DB_USER"), System.getenv("FURROW_DB_PASSWORD"));
        var statement = connection.createStatement()) {
      statement.execute("drop schema public cascade");
      statement.execute("create schema public");
    } catch (SQLException e) {
      throw new IllegalStateException("the test database cannot be emptied", e);
    }
    return url;
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    return parameter.getParameter().getType() == Caller.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    return new Caller(address());
  }
}
