package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import nimblefurrow.server.demo.DemoFarm;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/**
 * Every question is answered on every kind of day: at the turn of three years, one of them a leap
 * year, when the sheet turns, and in between. (Each single day of three years: core's test of
 * outlooks, and {@code ./furrow bench --walk 1096}.)
 */
@ExtendWith(RunningServer.class)
class EveryDayTest {
  private static final List<String> ALWAYS =
      List.of(
          "/api/v1/season",
          "/api/v1/dispatch",
          "/api/v1/dispatch/risk",
          "/api/v1/termination",
          "/api/v1/scout");

  private static final LocalDate TURNS = LocalDate.of(2027, 12, 1);

  private static TreeSet<LocalDate> days() {
    TreeSet<LocalDate> days = new TreeSet<>();
    for (int year = 2026; year <= 2028; year++) {
      for (int d : List.of(0, 3, 4, 5)) {
        days.add(LocalDate.of(year, 12, 27).plusDays(d));
      }
      days.add(LocalDate.of(year, 6, 4));
      days.add(LocalDate.of(year, 6, 5));
    }
    for (int d = 0; d < 3; d++) {
      days.add(LocalDate.of(2028, 2, 28).plusDays(d));
    }
    for (LocalDate day = LocalDate.of(2026, 1, 20); day.getYear() < 2029; day = day.plusDays(121)) {
      days.add(day);
    }
    // The demo plays to the end of 2028.
    return new TreeSet<>(days.headSet(LocalDate.of(2029, 1, 1)));
  }

  @ParameterizedTest
  @ValueSource(strings = {"north", "south"})
  void everyQuestionIsAnsweredOnEachDay(String half) {
    String mail = half + "@everyday.example";
    UUID farm =
        RunningServer.bean(DemoFarm.class)
            .build("Every day " + half, mail, "op" + half + "@everyday.example", 2);
    if (half.equals("south")) {
      RunningServer.bean(JdbcClient.class)
          .sql("update farm set latitude = -34.5 where id = ?")
          .param(farm)
          .update();
    }
    Caller planner = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    // South of the line the seasons lie half a year off and nothing else differs: the turns of one
    // year, which is a leap year.
    asked(planner, half.equals("south") ? new TreeSet<>(days().tailSet(TURNS)) : days());
  }

  /** The record of a farm that brings its own weather ends on the day before. */
  @Test
  void aRecordThatEndsYesterdayIsEnough() {
    Caller own = new Caller(RunningServer.address()).ownFarm();
    String field = TestFarm.field(own, "Behind");
    own.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "ROLL", "cereal-rye", 1)));
    assertThat(
            own.upload("/api/v1/weather/import?save=true", "w.csv", TestFarm.weatherCsv(0, false))
                .status())
        .isEqualTo(200);
    JsonNode summary = own.get("/api/v1/weather").json();
    assertThat(summary.isObject()).isTrue();
    for (String view : ALWAYS) {
      assertThat(own.get(view).status()).as(view).isEqualTo(200);
    }
  }

  private static void asked(Caller planner, TreeSet<LocalDate> days) {
    String field = planner.get("/api/v1/fields").json().get(0).path("field").path("id").asString();
    String machine = planner.get("/api/v1/machines").json().get(0).path("id").asString();
    int asked = 0;
    for (LocalDate day : days) {
      assertThat(planner.put("/api/v1/farm/day", Map.of("day", day)).status()).isEqualTo(200);
      List<String> all =
          EveryGet.of(
              planner,
              Map.of(
                  "fieldId",
                  field,
                  "id",
                  field,
                  "machineId",
                  machine,
                  "day",
                  day.toString(),
                  "on",
                  day.toString()));
      assertThat(all)
          .hasSizeGreaterThan(40)
          .containsAll(ALWAYS)
          .contains("/api/v1/fields/%s/growth".formatted(field));
      for (String address : all) {
        Caller.Answer answer = planner.get(address);
        assertThat(answer.status()).as("%s on %s: %s", address, day, answer.text()).isLessThan(500);
        assertThat(answer.text())
            .as("%s on %s", address, day)
            .doesNotContain("weather is known from");
        if (ALWAYS.contains(address)) {
          assertThat(answer.status()).as("%s on %s", address, day).isEqualTo(200);
        }
        asked++;
      }
    }
    assertThat(days).hasSizeGreaterThan(10);
    assertThat(asked).isGreaterThan(40 * days.size());
  }
}
