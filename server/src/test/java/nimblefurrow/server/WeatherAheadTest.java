package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The days to come by the hour, what they are fit for, and the demo's other seasons. */
@ExtendWith(RunningServer.class)
class WeatherAheadTest {
  private static Caller farm;

  @BeforeAll
  static void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    TestFarm.field(farm, "Wide Eighty");
  }

  private static void inOrder(JsonNode range) {
    assertThat(range.path("low").asDouble()).isLessThanOrEqualTo(range.path("middle").asDouble());
    assertThat(range.path("middle").asDouble()).isLessThanOrEqualTo(range.path("high").asDouble());
  }

  @Test
  void tenDaysByTheHourWithTheirRanges() {
    JsonNode ahead = farm.get("/api/v1/weather/ahead").json();
    assertThat(ahead.path("days")).hasSize(10);
    assertThat(ahead.path("hours")).hasSize(240);
    assertThat(ahead.path("says")).hasSize(4);
    for (JsonNode hour : ahead.path("hours")) {
      inOrder(hour.path("temperature"));
      inOrder(hour.path("wind"));
      assertThat(hour.path("spray").asInt()).isBetween(0, 100);
      assertThat(hour.path("crimp").asInt()).isBetween(0, 100);
    }
    assertThat(ahead.path("hours").get(2).path("crimpLimit").asString()).isEqualTo("dark");
    JsonNode today = ahead.path("days").get(0);
    JsonNode later = ahead.path("days").get(8);
    assertThat(today.path("high").path("high").asDouble())
        .as("today was measured")
        .isEqualTo(today.path("high").path("low").asDouble());
    assertThat(later.path("high").path("high").asDouble())
        .isGreaterThan(later.path("high").path("low").asDouble());
    assertThat(ahead.path("grounds").get(0).path("fields").asInt()).isEqualTo(1);
  }

  @Test
  void aGroundCanBeChosenAndOneThatIsNoneIsRefused() {
    JsonNode clay = farm.get("/api/v1/weather/fit?soil=CLAY&tiled=false&living=true").json();
    assertThat(clay.path("days")).hasSize(10);
    assertThat(clay.path("rows")).isNotEmpty();
    for (JsonNode row : clay.path("rows")) {
      assertThat(row.path("days")).hasSize(10);
      assertThat(row.path("weeks")).hasSize(clay.path("weeks").size());
      row.path("weeks").forEach(WeatherAheadTest::inOrder);
    }
    assertThat(farm.get("/api/v1/weather/fit?soil=PEAT").status()).isEqualTo(400);
    assertThat(farm.get("/api/v1/weather/ahead?soil=PEAT").status()).isEqualTo(400);
  }

  @Test
  void theYearStandsBesideTheYearsBeforeAndForecastsBesideWhatCame() {
    JsonNode year = farm.get("/api/v1/weather/year").json();
    for (String sum : new String[] {"heatCool", "heatWarm", "rain", "frostNights"}) {
      assertThat(year.path(sum)).as(sum).hasSize(52);
      year.path(sum).forEach(WeatherAheadTest::inOrder);
    }
    JsonNode said = farm.get("/api/v1/weather/said").json();
    assertThat(said).hasSize(9);
    assertThat(said.get(0).path("lead").asInt()).isEqualTo(1);
    assertThat(said.get(0).path("forecasts").asInt()).isEqualTo(60);
    assertThat(said.get(8).path("offF").asDouble())
        .as("further off is told worse")
        .isGreaterThan(said.get(0).path("offF").asDouble());
  }

  @Test
  void withoutWeatherItSaysWhatToBring() {
    Caller bare = new Caller(RunningServer.address()).ownFarm();
    bare.put("/api/v1/weather/source", Map.of("source", "IMPORTED"));
    Caller.Answer answer = bare.get("/api/v1/weather/ahead");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text()).contains("bring weather first");
    assertThat(bare.get("/api/v1/weather/said").json()).isEmpty();
  }

  /** Nights of frost of the year so far. */
  private static int frosts(Caller caller) {
    int nights = -1;
    for (JsonNode week : caller.get("/api/v1/weather/year").json().path("frostNights")) {
      nights = week.has("now") ? week.path("now").asInt() : nights;
    }
    assertThat(nights).isNotNegative();
    return nights;
  }

  @Test
  void theDemoRunsThroughOtherSeasonsAndOnesOwnFarmDoesNot() {
    assertThat(farm.get("/api/v1/weather/scenarios").json()).isEmpty();
    assertThat(farm.put("/api/v1/weather/scenario", Map.of("scenario", "wet_may")).status())
        .isEqualTo(409);
    Caller guest = new Caller(RunningServer.address()).ownFarm();
    guest.post("/api/v1/sample", null);
    assertThat(guest.get("/api/v1/weather/scenarios").json()).hasSize(6);
    guest.put("/api/v1/farm/day", Map.of("day", "2026-10-05"));
    int usual = frosts(guest);
    JsonNode chosen =
        guest.put("/api/v1/weather/scenario", Map.of("scenario", "early_frost")).json();
    assertThat(chosen.get(4).path("chosen").asBoolean()).isTrue();
    assertThat(frosts(guest)).isGreaterThan(usual);
    guest.put("/api/v1/weather/scenario", Map.of("scenario", "usual"));
    assertThat(frosts(guest)).isEqualTo(usual);
    assertThat(guest.put("/api/v1/weather/scenario", Map.of("scenario", "monsoon")).status())
        .isEqualTo(400);
  }
}
