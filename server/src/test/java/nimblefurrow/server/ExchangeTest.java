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
    JsonNode preview = caller.upload("/api/v1/exchange/fields", "five.geojson", file).json();
    assertThat(preview.path("good").asInt()).isEqualTo(5);
    assertThat(caller.get("/api/v1/fields").json()).isEmpty();
    caller.upload("/api/v1/exchange/fields?save=true", "five.geojson", file);
    assertThat(caller.get("/api/v1/fields").json()).hasSize(5);
    JsonNode again =
        caller.upload("/api/v1/exchange/fields?save=true", "five.geojson", file).json();
    assertThat(again.path("refused").asInt()).isEqualTo(5);
    assertThat(again.path("fields").get(0).path("problem").asString()).contains("already");
    assertThat(caller.get("/api/v1/fields").json()).hasSize(5);
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
    assertThat(caller.get("/api/v1/fields/" + field).json().path("field").path("acres").asDouble())
        .isCloseTo(acres, within(acres * 0.001));
  }

  private static double zone(double latitude, double e) {
    double s = Math.sin(Math.toRadians(latitude));
    return s / (1 - e * e * s * s) + Math.log((1 + e * s) / (1 - e * s)) / (2 * e);
  }

  private static Caller.Answer bring(Caller caller, String name, String text, boolean save) {
    return caller.upload(
        "/api/v1/exchange/fields" + (save ? "?save=true" : ""),
        name,
        text.getBytes(StandardCharsets.UTF_8));
  }

  private static String square(String name, int place, String properties) {
    double west = -97.3 + place * 0.02;
    double east = west + 0.01;
    return """
        {"type":"Feature","properties":{"Name":"%s",%s},"geometry":{"type":"Polygon","coordinates":
        [[[%s,40],[%s,40],[%s,40.01],[%s,40.01],[%s,40]]]}}"""
        .formatted(name, properties, west, east, east, west, west);
  }

  @Test
  void columnsAboutLandAndCropsAreRecognised(Caller caller) {
    caller.ownFarm();
    String file =
        "{\"type\":\"FeatureCollection\",\"features\":["
            + square(
                "Kiln",
                0,
                """
                "Crop":"corn","Planted":"5/9/2026","RM":107,"Crop 2025":"soybeans","FID":7,
                "Soil":"Silt Loam","Drainage":"poorly drained","Tile":"yes","Organic":false,
                "Farmstead":"North barn","Slope":4""")
            + ","
            + square("Marl", 1, "\"crop\":\"turnips\",\"soil\":\"peat\"")
            + "]}";
    JsonNode preview = bring(caller, "land.geojson", file, false).json();
    assertThat(preview.path("columns").toString())
        .contains("Crop 2025", "RM", "Tile")
        .doesNotContain("FID");
    JsonNode kiln = preview.path("fields").get(0);
    assertThat(kiln.path("crops").toString()).contains("corn 9 May, 107");
    assertThat(kiln.path("crops")).hasSize(2);
    JsonNode marl = preview.path("fields").get(1);
    assertThat(marl.has("problem")).as("a cell never takes its field down").isFalse();
    assertThat(marl.path("notes").toString())
        .contains("soil is sand, loam, silt loam or clay, got “peat”")
        .contains("a crop is corn");
    assertThat(bring(caller, "land.geojson", file, true).json().path("good").asInt()).isEqualTo(2);
    JsonNode kept = caller.get("/api/v1/fields").json().get(0);
    assertThat(kept.path("field").path("soil").asString()).isEqualTo("SILT_LOAM");
    assertThat(kept.path("field").path("drainage").asString()).isEqualTo("POOR");
    assertThat(kept.path("field").path("tiled").asBoolean()).isTrue();
    assertThat(kept.path("field").path("farmstead").asString()).isEqualTo("North barn");
    assertThat(kept.path("field").path("slopePercent").asDouble()).isEqualTo(4);
    assertThat(kept.path("chain")).hasSize(2);
    assertThat(kept.path("chain").get(1).path("starts").asString()).isEqualTo("2026-05-09");
    assertThat(kept.path("chain").get(1).path("crop").path("maturity").asDouble()).isEqualTo(107);
    String again = caller.get("/api/v1/exchange/fields").text();
    assertThat(again).contains("\"drainage\":\"POOR\"").contains("\"slope\":4.0");
  }

  @Test
  void aTableTellsOfKnownFieldsAndBringsNewOnes(Caller caller) {
    caller.ownFarm();
    TestFarm.field(caller, "Known");
    String table =
        """
        Field,Soil,Organic,Crop 2028,WKT
        known,clay,yes,"beans, 5/14, 2.8",
        Fresh,sand,,,"POLYGON((-97.2 40,-97.19 40,-97.19 40.01,-97.2 40.01,-97.2 40))"
        Nowhere,loam,,,
        Bent,loam,,,"POLYGON((1 2"
        """;
    JsonNode preview = bring(caller, "land.csv", table, true).json();
    assertThat(preview.path("good").asInt()).isEqualTo(2);
    assertThat(preview.path("fields").get(0).path("known").asBoolean()).isTrue();
    assertThat(preview.path("fields").get(2).path("problem").asString())
        .isEqualTo("no field is called “Nowhere”, and this row has no boundary");
    assertThat(preview.path("fields").get(3).path("problem").asString())
        .contains("no well-known text");
    JsonNode fields = caller.get("/api/v1/fields").json();
    assertThat(fields).hasSize(2);
    JsonNode known = fields.get(1);
    assertThat(known.path("field").path("name").asString()).isEqualTo("Known");
    assertThat(known.path("field").path("soil").asString()).isEqualTo("CLAY");
    assertThat(known.path("field").path("organic").asBoolean()).isTrue();
    assertThat(known.path("chain").toString()).contains("2028-05-14");
    assertThat(fields.get(0).path("field").path("soil").asString()).isEqualTo("SAND");
  }

  @Test
  void whatAKmlFileSaysBesideItsShapesIsRead(Caller caller) {
    caller.ownFarm();
    String kml =
        """
        <kml><Placemark><name>Ford</name><ExtendedData>
        <Data name="crop"><value>soybeans</value></Data>
        <SchemaData><SimpleData name="soil">clay</SimpleData></SchemaData></ExtendedData>
        <Polygon><outerBoundaryIs><LinearRing><coordinates>
        -97.2,40 -97.19,40 -97.19,40.01 -97.2,40.01 -97.2,40
        </coordinates></LinearRing></outerBoundaryIs></Polygon></Placemark></kml>""";
    JsonNode field = bring(caller, "ford.kml", kml, false).json().path("fields").get(0);
    assertThat(field.path("land").path("soil").asString()).isEqualTo("CLAY");
    assertThat(field.path("crops").get(0).asString()).startsWith("soybeans");
  }

  @Test
  void aKmlFileWithAHoleComesIn(Caller caller) throws Exception {
    caller.ownFarm();
    JsonNode preview =
        caller
            .upload(
                "/api/v1/exchange/fields?save=true",
                "two.kml",
                Files.readAllBytes(Path.of("../samples/two-fields.kml")))
            .json();
    assertThat(preview.path("good").asInt()).isEqualTo(2);
    assertThat(caller.get("/api/v1/exchange/fields").text())
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
                "/api/v1/exchange/fields?save=true",
                "bad.geojson",
                json.getBytes(StandardCharsets.UTF_8))
            .json();
    assertThat(preview.path("good").asInt()).isZero();
    assertThat(preview.path("fields").get(0).path("problem").asString()).contains(says);
    assertThat(caller.get("/api/v1/fields").json()).isEmpty();
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
        caller.upload("/api/v1/exchange/fields", "x", text.getBytes(StandardCharsets.UTF_8));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text()).contains(says).doesNotContain("root:");
  }

  @Test
  void tooLargeAFileIsRefused(Caller caller) {
    caller.ownFarm();
    Caller.Answer answer =
        caller.upload("/api/v1/exchange/fields", "big", new byte[13 * 1024 * 1024]);
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
        caller
            .upload("/api/v1/weather/import", "w.csv", text.getBytes(StandardCharsets.UTF_8))
            .json();
    assertThat(report.path("wholeYears").asInt()).isEqualTo(26);
    assertThat(report.path("gapDays").asInt()).isEqualTo(1);
    assertThat(report.path("firstGaps").get(0).asString()).isEqualTo("2010-07-04");
    assertThat(caller.get("/api/v1/weather").json().path("source").asString())
        .isEqualTo("SIMULATED");
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
            "/api/v1/weather/import?save=true",
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
    caller.upload("/api/v1/weather/import?save=true", "w.csv", TestFarm.weatherCsv(0, false));
    LocalDate before = lastUseful(caller, asked);
    caller.upload("/api/v1/weather/import?save=true", "w.csv", TestFarm.weatherCsv(0, true));
    assertThat(lastUseful(caller, asked)).as("the same in °C and mm").isEqualTo(before);
    caller.upload("/api/v1/weather/import?save=true", "w.csv", TestFarm.weatherCsv(-4, false));
    assertThat(lastUseful(caller, asked)).isBefore(before);
    assertThat(caller.get("/api/v1/weather").json().path("climateYears").asInt()).isEqualTo(26);
  }

  private static LocalDate lastUseful(Caller caller, Map<String, Object> asked) {
    return LocalDate.parse(
        caller
            .post("/api/v1/cover/try", asked)
            .json()
            .path("members")
            .get(0)
            .path("lastUseful")
            .asString());
  }
}
