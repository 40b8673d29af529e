package nimblefurrow.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import nimblefurrow.server.Caller;
import nimblefurrow.server.RunningServer;
import nimblefurrow.server.account.Doors.Door;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Guessing is slow for strangers and never keeps the owner out. */
@ExtendWith(RunningServer.class)
class DoorsTest {
  private static String mail() {
    return UUID.randomUUID() + "@test.example";
  }

  private static Map<String, Object> farm(String mail, String password) {
    return new HashMap<>(
        Map.of(
            "farm",
            "Doors",
            "latitude",
            40,
            "longitude",
            -97,
            "name",
            "Dora Hinge",
            "email",
            mail,
            "password",
            password));
  }

  private static int signIn(Caller person, String mail, String password) {
    return person.post("/api/v1/session", Map.of("email", mail, "password", password)).status();
  }

  @Test
  void strangersGuessingDoNotLockTheOwnerOut(Caller owner) {
    String mail = mail();
    owner.get("/api/v1/session");
    assertThat(owner.post("/api/v1/farms", farm(mail, "long enough words")).status())
        .isEqualTo(200);
    owner.delete("/api/v1/session");
    owner.get("/api/v1/session");
    Caller stranger = owner.stranger();
    stranger.get("/api/v1/session");
    for (int i = 0; i < 5; i++) {
      assertThat(signIn(stranger, mail, "wrong " + i)).isEqualTo(401);
    }
    assertThat(signIn(stranger, mail, "long enough words"))
        .as("a strange device waits, whatever it says")
        .isEqualTo(429);
    assertThat(signIn(owner, mail, "long enough words")).as("a known one comes in").isEqualTo(200);
  }

  @Test
  void guessesAtTheSameMomentAllCount(Caller any) {
    String mail = mail();
    ExecutorService pool = Executors.newFixedThreadPool(20);
    List<CompletableFuture<Integer>> sent = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      Caller guesser = any.stranger();
      sent.add(
          CompletableFuture.supplyAsync(
              () -> {
                guesser.get("/api/v1/session");
                return signIn(guesser, mail, "guess");
              },
              pool));
    }
    List<Integer> answers = sent.stream().map(CompletableFuture::join).toList();
    pool.shutdown();
    assertThat(answers.stream().filter(s -> s == 401)).as("looked at").hasSize(5);
    assertThat(answers.stream().filter(s -> s == 429)).as("made to wait").hasSize(35);
    RunningServer.bean(Doors.class).opened(Door.ADDRESS, "127.0.0.1");
  }

  @Test
  void waitsGrow() {
    Doors doors = RunningServer.bean(Doors.class);
    String key = mail();
    for (int i = 0; i < 5; i++) {
      assertThat(doors.knock(Door.ACCOUNT, key)).isEmpty();
    }
    assertThat(doors.knock(Door.ACCOUNT, key).orElseThrow()).isBetween(seconds(10), seconds(15));
    aged(key, 16);
    assertThat(doors.knock(Door.ACCOUNT, key)).as("after the wait").isEmpty();
    assertThat(doors.knock(Door.ACCOUNT, key.toUpperCase()).orElseThrow())
        .as("twice as long")
        .isBetween(seconds(25), seconds(30));
    doors.opened(Door.ACCOUNT, key);
    assertThat(doors.knock(Door.ACCOUNT, key)).isEmpty();
  }

  private static void aged(String key, int seconds) {
    RunningServer.bean(JdbcClient.class)
        .sql("update door_try set tried_at = tried_at - make_interval(secs => ?) where key = ?")
        .params(seconds, key)
        .update();
  }

  private static Duration seconds(int n) {
    return Duration.ofSeconds(n);
  }

  @Test
  void oneAddressTriesManyNamesOnlySlowly() {
    Doors doors = RunningServer.bean(Doors.class);
    String address = "198.51.100." + (int) (Math.random() * 250);
    int let = 0;
    for (int i = 0; i < 60; i++) {
      Optional<Duration> wait = doors.knock(Door.ADDRESS, address);
      let += wait.isEmpty() ? 1 : 0;
    }
    assertThat(let).isEqualTo(40);
    doors.right(Door.ADDRESS, address);
    assertThat(doors.knock(Door.ADDRESS, address)).as("a right one is struck out").isEmpty();
  }

  @Test
  void aKnownNameAndAnUnknownOneAreAnsweredAlike(Caller caller) {
    String mail = mail();
    Caller owner = caller.stranger();
    owner.get("/api/v1/session");
    owner.post("/api/v1/farms", farm(mail, "long enough words"));
    caller.get("/api/v1/session");
    String known =
        caller.post("/api/v1/session", Map.of("email", mail, "password", "wrong")).text();
    String unknown =
        caller.post("/api/v1/session", Map.of("email", mail(), "password", "wrong")).text();
    assertThat(known).isEqualTo(unknown);
    String taken = caller.post("/api/v1/farms", farm(mail, "long enough words")).text();
    assertThat(taken).doesNotContain("e-mail").doesNotContain("account").doesNotContain(mail);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"1234567890", "password123", "qwertyuiop", "aaaaaaaaaaaa", "dora hinge", "short"})
  void whatIsGuessedFirstIsNotTaken(String password) {
    Caller person = new Caller(RunningServer.address());
    person.get("/api/v1/session");
    Caller.Answer refused = person.post("/api/v1/farms", farm(mail(), password));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("field").asString()).isEqualTo("password");
  }

  @Test
  void longMailsAndPasswordsAreTakenOrRefusedButNeverBreak(Caller person) {
    person.get("/api/v1/session");
    String mail = "a".repeat(60) + "@" + "b".repeat(60) + "." + "c".repeat(60) + ".example";
    Caller.Answer long1 = person.post("/api/v1/farms", farm(mail, "long enough words"));
    assertThat(long1.status()).as(long1.text()).isEqualTo(200);
    assertThat(person.get("/api/v1/session").json().path("signedIn").asBoolean()).isTrue();
    Caller other = person.stranger();
    other.get("/api/v1/session");
    assertThat(other.post("/api/v1/farms", farm(mail(), "ä".repeat(37))).text())
        .contains("72 bytes at most");
    assertThat(signIn(other, mail, "x".repeat(190))).isEqualTo(401);
  }

  @Test
  void passwordsOfAFewWordsAreTaken() {
    Passwords.check("cover-the-ground", List.of("wren"));
    assertThatThrownBy(() -> Passwords.check("iloveyou123", List.of()))
        .hasMessageContaining("first that are guessed");
  }
}
