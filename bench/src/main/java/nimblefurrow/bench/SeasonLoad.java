package nimblefurrow.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Locale;
import nimblefurrow.server.FurrowServer;
import nimblefurrow.server.demo.DemoFarm;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/**
 * Times the answers of the real server over HTTP on loopback: the demo's 28 fields and 600
 * generated ones.
 */
final class SeasonLoad {
  private static final int WARM = 30;
  private static final int COUNTED = 60;
  private static final String[] VIEWS = {"/api/season", "/api/dispatch", "/api/fields", "/api/log"};

  private SeasonLoad() {}

  static void run(PrintStream out) throws IOException, InterruptedException {
    ConfigurableApplicationContext server =
        new SpringApplicationBuilder(FurrowServer.class)
            .run("--server.port=0", "--furrow.demo=true", "--logging.level.nimblefurrow=warn");
    server
        .getBean(DemoFarm.class)
        .build("Wide Farm", "wide@bench.example", "wide-operator@bench.example", 600);
    String base =
        "http://127.0.0.1:" + server.getBean(Environment.class).getProperty("local.server.port");
    out.println(
        "milliseconds at the client on loopback, server warm: median, 95 %, worst of " + COUNTED);
    for (String[] farm :
        new String[][] {{"28 fields", DemoFarm.PLANNER}, {"600 fields", "wide@bench.example"}}) {
      HttpClient client = signIn(base, farm[1]);
      for (String view : VIEWS) {
        double[] took = time(client, base + view);
        Arrays.sort(took);
        out.printf(
            Locale.ROOT,
            "%-11s %-14s %6.1f %6.1f %6.1f%n",
            farm[0],
            view,
            took[COUNTED / 2],
            took[COUNTED * 95 / 100],
            took[COUNTED - 1]);
      }
    }
    server.close();
  }

  private static double[] time(HttpClient client, String address)
      throws IOException, InterruptedException {
    double[] took = new double[COUNTED];
    for (int i = -WARM; i < COUNTED; i++) {
      long start = System.nanoTime();
      HttpResponse<byte[]> answer =
          client.send(
              HttpRequest.newBuilder(URI.create(address)).build(),
              HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != 200) {
        throw new IllegalStateException(address + " answered " + answer.statusCode());
      }
      if (i >= 0) {
        took[i] = (System.nanoTime() - start) / 1e6;
      }
    }
    return took;
  }

  private static HttpClient signIn(String base, String email)
      throws IOException, InterruptedException {
    CookieManager cookies = new CookieManager();
    HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();
    client.send(
        HttpRequest.newBuilder(URI.create(base + "/api/session")).build(),
        HttpResponse.BodyHandlers.discarding());
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(c -> c.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElseThrow();
    String body = "{\"email\":\"%s\",\"password\":\"%s\"}".formatted(email, DemoFarm.PASSWORD);
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(base + "/api/session"))
            .header("Content-Type", "application/json")
            .header("X-XSRF-TOKEN", token)
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
    if (client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() != 200) {
      throw new IllegalStateException("sign-in failed");
    }
    return client;
  }
}
