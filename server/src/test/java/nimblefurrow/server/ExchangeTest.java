package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class ExchangeTest {
  @Test
  void aPreviewKeepsNothingAndSavingKeepsTheGoodOnes(Caller caller) throws Exception {
    caller.ownFarm();
    byte[] file = Files.readAllBytes(Path.of("../samples/five-fields.geojson"));
    JsonNode preview = caller.upload("/api/exchange/fields", "five.geojson", file).json();
    assertThat(preview.path("good").asInt()).isEqualTo(5);
    assertThat(caller.get("/api/fields").json()).isEmpty();
    caller.upload("/api/exchange/fields?save=true", "five.geojson", file);
    assertThat(caller.get("/api/fields").json()).hasSize(5);
    JsonNode again = caller.upload("/api/exchange/fields?save=true", "five.geojson", file).json();
    assertThat(again.path("refused").asInt()).isEqualTo(5);
    assertThat(again.path("fields").get(0).path("problem").asString()).contains("already");
    assertThat(caller.get("/api/fields").json()).hasSize(5);
  }

  @Test
  void acresAreThoseOfTheEllipsoid(Caller caller) {
    caller.ownFarm();
    String field = TestFarm.field(caller, "Measured");
    // Zone between 40° and 40.0075° on WGS 84 by the closed formula, 0.01° wide.
    double b = 6_356_752.314245;
    double e = 0.0818191908426215;
    double acres =
        b * b / 2 * Math.toRadians(0.01) * (zone(40.0075, e) - zone(40, e)) / 4046.8564224;
    assertThat(caller.get("/api/fields/" + field).json().path("field").path("acres").asDouble())
        .isCloseTo(acres, within(acres * 0.001));
  }

  private static double zone(double latitude, double e) {
    double s = Math.sin(Math.toRadians(latitude));
    return s / (1 - e * e * s * s) + Math.log((1 + e * s) / (1 - e * s)) / (2 * e);
  }

  @Test
  void aKmlFileWithAHoleComesIn(Caller caller) throws Exception {
    caller.ownFarm();
    JsonNode preview =
        caller
            .upload(
                "/api/exchange/fields?save=true",
                "two.kml",
                Files.readAllBytes(Path.of("../samples/two-fields.kml")))
            .json();
    assertThat(preview.path("good").asInt()).isEqualTo(2);
    assertThat(caller.get("/api/exchange/fields").text())
        .contains("\"FeatureCollection\"")
        .contains("Slough Piece")
        .doesNotContain("crs");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"type\":\"Polygon\",\"coordinates\":[[[0,40],[0.01,40.01],[0.01,40],[0,40.01],[0,40]]]}|crosses itself",
        "{\"type\":\"Polygon\",\"coordinates\":[[[0,40],[0.01,40.01]]]}|Field 1",
        "{\"type\":\"Polygon\",\"coordinates\":\"x\"}|Field 1",
        "{\"type\":\"Feature\",\"properties\":{\"name\":\"Line\"},"
            + "\"geometry\":{\"type\":\"LineString\",\"coordinates\":[[0,40],[1,40]]}}|Line"
      })
  void badShapesAreRefusedByTheirName(String json, String says) {
    Caller caller = new Caller(RunningServer.address()).ownFarm();
    JsonNode preview =
        caller
            .upload(
                "/api/exchange/fields?save=true",
                "bad.geojson",
                json.getBytes(StandardCharsets.UTF_8))
            .json();
    assertThat(preview.path("good").asInt()).isZero();
    assertThat(preview.path("fields").get(0).path("problem").asString()).contains(says);
    assertThat(caller.get("/api/fields").json()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "not json at all|no GeoJSON",
        "{\"type\":\"Topology\"}|FeatureCollection",
        "{\"type\":\"FeatureCollection\",\"features\":[]}|no field boundary",
        "<kml><Placemark>|no KML",
        "<!DOCTYPE k [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><kml><Placemark><name>&x;</name></Placemark></kml>|KML"
      })
  void filesThatAreSomethingElseAreRefused(String text, String says) {
    Caller caller = new Caller(RunningServer.address()).ownFarm();
    Caller.Answer answer =
        caller.upload("/api/exchange/fields", "x", text.getBytes(StandardCharsets.UTF_8));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text()).contains(says).doesNotContain("root:");
  }

  @Test
  void tooLargeAFileIsRefused(Caller caller) {
    caller.ownFarm();
    Caller.Answer answer = caller.upload("/api/exchange/fields", "big", new byte[13 * 1024 * 1024]);
    assertThat(answer.status()).isEqualTo(413);
    assertThat(answer.json().path("detail").asString()).contains("12 MB");
  }

  @Test
  void weatherIsReportedBeforeItIsKept(Caller caller) {
    caller.ownFarm();
    String text =
        new String(TestFarm.weatherCsv(0, false), StandardCharsets.UTF_8)
            .replaceFirst("2010-07-04,[^\n]*\n", "");
    JsonNode report =
        caller.upload("/api/weather/import", "w.csv", text.getBytes(StandardCharsets.UTF_8)).json();
    assertThat(report.path("wholeYears").asInt()).isEqualTo(26);
    assertThat(report.path("gapDays").asInt()).isEqualTo(1);
    assertThat(report.path("firstGaps").get(0).asString()).isEqualTo("2010-07-04");
    assertThat(caller.get("/api/weather").json().path("source").asString()).isEqualTo("SIMULATED");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "day,high,low|columns are date, max_f, min_f, rain_in",
        "date,max_f,min_f,rain_in;2020-01-01,40,60,0|line 2",
        "date,max_f,min_f,rain_in;01/02/2020,40,30,0|date is like 2026-10-03",
        "date,max_f,min_f,rain_in;2020-01-01,warm,30,0|max_f is a number",
        "date,max_f,min_f,rain_in;2020-01-01,40,30,0;2020-01-01,40,30,0|two rows for 2020-01-01",
        "date,max_f,min_f,rain_in;2020-01-01,40,30,-1|rain is 0"
      })
  void weatherThatCannotBeIsRefusedByItsLine(String text, String says) {
    Caller caller = new Caller(RunningServer.address()).ownFarm();
    Caller.Answer answer =
        caller.upload(
            "/api/weather/import?save=true",
            "w.csv",
            text.replace(';', '\n').getBytes(StandardCharsets.UTF_8));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.json().path("detail").asString()).contains(says);
  }

  @Test
  void aColderWeatherFileEndsRyeSooner(Caller caller) {
    caller.ownFarm();
    String field = TestFarm.field(caller, "Cold field");
    Map<String, Object> asked =
        Map.of(
            "fieldId", field, "candidate", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1));
    caller.upload("/api/weather/import?save=true", "w.csv", TestFarm.weatherCsv(0, false));
    LocalDate before = lastUseful(caller, asked);
    caller.upload("/api/weather/import?save=true", "w.csv", TestFarm.weatherCsv(0, true));
    assertThat(lastUseful(caller, asked)).as("the same in °C and mm").isEqualTo(before);
    caller.upload("/api/weather/import?save=true", "w.csv", TestFarm.weatherCsv(-4, false));
    assertThat(lastUseful(caller, asked)).isBefore(before);
    assertThat(caller.get("/api/weather").json().path("climateYears").asInt()).isEqualTo(26);
  }

  private static LocalDate lastUseful(Caller caller, Map<String, Object> asked) {
    return LocalDate.parse(
        caller
            .post("/api/cover/try", asked)
            .json()
            .path("members")
            .get(0)
            .path("lastUseful")
            .asString());
  }
}
