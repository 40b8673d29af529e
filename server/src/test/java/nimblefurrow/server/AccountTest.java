package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningServer.class)
class AccountTest {
  @Test
  void nobodyReadsWithoutSigningIn(Caller caller) {
    assertThat(caller.get("/api/v1/season").status()).isEqualTo(401);
    assertThat(caller.get("/api/v1/fields").status()).isEqualTo(401);
    assertThat(caller.get("/api/v1/session").json().path("signedIn").asBoolean()).isFalse();
  }

  @Test
  void signingInAndOut(Caller caller) {
    caller.planner();
    assertThat(caller.get("/api/v1/session").json().path("farm").asString())
        .isEqualTo("Sorrel Bend Farm");
    assertThat(caller.delete("/api/v1/session").status()).isEqualTo(200);
    assertThat(caller.get("/api/v1/fields").status()).isEqualTo(401);
  }

  @Test
  void aChangeWithoutTheTokenIsRefused(Caller caller) {
    caller.planner();
    caller.withToken = false;
    assertThat(caller.put("/api/v1/farm/units", Map.of("units", "METRIC")).status()).isEqualTo(403);
    caller.withToken = true;
    assertThat(caller.put("/api/v1/farm/units", Map.of("units", "US")).status()).isEqualTo(200);
  }

  @Test
  void wrongPasswordsAreCountedAndThenMadeToWait(Caller caller) {
    caller.get("/api/v1/session");
    Map<String, String> wrong = Map.of("email", "guess@test.example", "password", "wrong");
    for (int i = 0; i < 5; i++) {
      assertThat(caller.post("/api/v1/session", wrong).status()).isEqualTo(401);
    }
    Caller.Answer sixth = caller.post("/api/v1/session", wrong);
    assertThat(sixth.status()).isEqualTo(429);
    assertThat(sixth.json().path("detail").asString())
        .matches("too many tries: wait 1[0-5] seconds");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/v1/farm/units",
        "/api/v1/farm/rules",
        "/api/v1/fields/00000000-0000-0000-0000-000000000000",
        "/api/v1/dispatch/plan",
        "/api/v1/dispatch/sheet/publish",
        "/api/v1/weather/source",
        "/api/v1/machines",
        "/api/v1/lots"
      })
  void operatorsReadAndLogButDoNotPlan(String path) {
    Caller operator = new Caller(RunningServer.address()).operator();
    boolean post =
        path.endsWith("plan")
            || path.endsWith("publish")
            || path.endsWith("machines")
            || path.endsWith("lots");
    assertThat(operator.send(post ? "POST" : "PUT", path, Map.of("units", "METRIC")).status())
        .isEqualTo(403);
    assertThat(operator.get("/api/v1/season").status()).isEqualTo(200);
  }

  @Test
  void aNewFarmNamesEveryFieldThatIsWrong(Caller caller) {
    caller.get("/api/v1/session");
    Caller.Answer refused =
        caller.post(
            "/api/v1/farms",
            Map.of(
                "farm",
                "",
                "latitude",
                91,
                "longitude",
                0,
                "name",
                "A",
                "email",
                "not mail",
                "password",
                "short"));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString())
        .contains("latitude")
        .contains("farm")
        .contains("email")
        .contains("farm");
    Caller.Answer weak =
        caller.post(
            "/api/v1/farms",
            Map.of(
                "farm",
                "Weak",
                "latitude",
                40,
                "longitude",
                0,
                "name",
                "A",
                "email",
                "weak@test.example",
                "password",
                "short"));
    assertThat(weak.status()).isEqualTo(400);
    assertThat(weak.json().path("detail").asString())
        .contains("password is 10 characters at least and 72 bytes at most");
  }

  @Test
  void passwordsAreNotKeptAsTyped() throws Exception {
    RunningServer.address();
    try (var connection =
            java.sql.DriverManager.getConnection(
                System.getProperty("spring.datasource.url"),
                System.getenv("FURROW_DB_USER"),
                System.getenv("FURROW_DB_PASSWORD"));
        var rows =
            connection.createStatement().executeQuery("select password_hash from app_user")) {
      while (rows.next()) {
        assertThat(rows.getString(1)).startsWith("{bcrypt}").doesNotContain("cover-the-ground");
      }
    }
  }
}
