package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;
import tools.jackson.databind.json.JsonMapper;

/** A server whose database connections are all taken says so, and when to come again. */
class FullHouseTest {
  private static final int CONNECTIONS = 2;

  @Test
  void whoFindsNoConnectionIsAskedToComeAgain() throws Exception {
    try (ConfigurableApplicationContext full =
        new SpringApplicationBuilder(FurrowServer.class)
            .run(
                "--server.port=0",
                "--furrow.demo=false",
                "--spring.datasource.url=" + RunningServer.freshDatabase("furrow_upgrade"),
                "--spring.datasource.hikari.maximum-pool-size=" + CONNECTIONS,
                "--spring.datasource.hikari.connection-timeout=300")) {
      String address =
          "http://127.0.0.1:" + full.getBean(Environment.class).getProperty("local.server.port");
      List<Connection> taken = new ArrayList<>();
      for (int i = 0; i < CONNECTIONS; i++) {
        taken.add(full.getBean(DataSource.class).getConnection());
        taken.get(i).createStatement().execute("select 1"); // taken when first asked for
      }
      HttpResponse<String> refused = season(address);
      assertThat(refused.statusCode()).as(refused.body()).isEqualTo(503);
      assertThat(refused.headers().firstValue("Retry-After")).contains("3");
      assertThat(new JsonMapper().readTree(refused.body()).path("detail").asString())
          .contains("try again in a moment");
      for (Connection connection : taken) {
        connection.close();
      }
      assertThat(season(address).statusCode()).as("once there is room again").isEqualTo(401);
    }
  }

  /** Asks with a session's cookie, which is looked up before any controller is asked. */
  private static HttpResponse<String> season(String address) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(address + "/api/v1/season"))
                .header("Cookie", "furrow-session=NDIxY2YwZjMtNjY5Ny00Yjk3LTk3ZjQtYjQ1YjM3YjYwYjM5")
                .build(),
            HttpResponse.BodyHandlers.ofString());
  }
}
