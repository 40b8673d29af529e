package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What a stranger learns at the doors: as little as can be. */
@ExtendWith(RunningServer.class)
class DoorsMendedTest {
  private static HttpResponse<String> asked(String path) throws Exception {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(RunningServer.address() + path)).build(),
            HttpResponse.BodyHandlers.ofString());
  }

  @Test
  void theDescriptionAndTheActuatorsIndexAreNotForStrangers() throws Exception {
    assertThat(asked("/v3/api-docs").statusCode()).isEqualTo(401);
    assertThat(asked("/actuator").statusCode()).isIn(401, 403, 404);
    assertThat(asked("/actuator/env").statusCode()).isIn(401, 403, 404);
    HttpResponse<String> health = asked("/actuator/health");
    assertThat(health.statusCode()).isEqualTo(200);
    assertThat(health.body()).doesNotContain("postgres");
  }

  @Test
  void headersTellNoAddressAndTheTokenStaysHere() throws Exception {
    HttpResponse<String> session = asked("/api/v1/session");
    assertThat(session.headers().firstValue("Referrer-Policy")).contains("no-referrer");
    assertThat(session.headers().allValues("Set-Cookie"))
        .filteredOn(c -> c.startsWith("XSRF-TOKEN"))
        .isNotEmpty()
        .allMatch(c -> c.contains("SameSite=Lax"));
  }

  private static Map<String, Object> farm(String email, String password) {
    Map<String, Object> form = new HashMap<>();
    form.put("farm", "Same");
    form.put("latitude", 40);
    form.put("longitude", -97);
    form.put("name", "Sam");
    form.put("email", email);
    form.put("password", password);
    return form;
  }

  /** One e-mail starts two farms; each password opens its own, and nobody is told of the other. */
  @Test
  void startingAFarmTellsNobodyWhoIsHereAlready() {
    String email = UUID.randomUUID() + "@twice.example";
    Caller first = new Caller(RunningServer.address());
    first.get("/api/v1/session");
    Caller.Answer once = first.post("/api/v1/farms", farm(email, "meadow tractor violet"));
    Caller second = new Caller(RunningServer.address());
    second.get("/api/v1/session");
    Caller.Answer twice = second.post("/api/v1/farms", farm(email, "lantern gravel autumn"));
    assertThat(once.status()).isEqualTo(200);
    assertThat(twice.status()).isEqualTo(200);
    assertThat(twice.text()).isEqualTo(once.text());
    TestFarm.field(first, "Of the first");
    Caller back = new Caller(RunningServer.address()).signIn(email, "meadow tractor violet");
    assertThat(back.get("/api/v1/fields").text()).contains("Of the first");
    Caller other = new Caller(RunningServer.address()).signIn(email, "lantern gravel autumn");
    assertThat(other.get("/api/v1/fields").text()).doesNotContain("Of the first");
  }

  @Test
  void passwordsThatEverybodyKnowsAreRefused() {
    Caller caller = new Caller(RunningServer.address());
    caller.get("/api/v1/session");
    for (String known :
        List.of("correct horse", "iloveyou12345", "password-2026", "tractor barn")) {
      Caller.Answer answer =
          caller.post("/api/v1/farms", farm(UUID.randomUUID() + "@p.example", known));
      assertThat(answer.status()).as(known).isEqualTo(400);
      assertThat(answer.text()).contains("password");
    }
  }

  @Test
  void aCalendarThatNobodyReadsEnds() {
    Caller planner = new Caller(RunningServer.address()).ownFarm();
    var made = planner.post("/api/v1/feeds", Map.of()).json();
    String word = made.path("word").asString();
    JdbcClient sql = RunningServer.bean(JdbcClient.class);
    UUID id = UUID.fromString(made.path("id").asString());
    OffsetDateTime now = OffsetDateTime.now(RunningServer.bean(Clock.class));
    sql.sql("update feed set read_at = ? where id = ?").params(now.minusDays(364), id).update();
    String address = "/feeds/" + word + ".ics";
    assertThat(planner.stranger().get(address).status()).isEqualTo(200);
    assertThat(
            sql.sql("select read_at > ? from feed where id = ?")
                .params(now.minusDays(1), id)
                .query(Boolean.class)
                .single())
        .as("reading it renews it")
        .isTrue();
    sql.sql("update feed set read_at = ? where id = ?").params(now.minusDays(367), id).update();
    assertThat(planner.stranger().get(address).status()).isEqualTo(404);
  }
}
