package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Whatever a metric farm reads, on the screen, on paper or in a refusal, is in its own units. */
@ExtendWith(RunningServer.class)
class MetricFarmTest {
  private static Caller farm;
  private static String field;
  private static String drill;

  @BeforeAll
  static void aMetricFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Stille Breite");
    drill = SeedingFarm.drill(farm);
    SeedingFarm.rye(farm);
    farm.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    assertThat(farm.put("/api/v1/farm/units", Map.of("units", "METRIC")).status()).isEqualTo(200);
  }

  @Test
  void aRefusalNamesTheLimitInHectaresWithSensibleDigits() {
    double acres = acres();
    Caller.Answer refused =
        farm.post(
            "/api/v1/log",
            Map.of("fieldId", field, "kind", "SEEDED", "on", "2026-09-10", "acres", acres * 2));
    assertThat(refused.status()).isEqualTo(400);
    String limit = String.valueOf(Math.floor(acres * 1.05 * 0.40468564224 * 100) / 100);
    assertThat(refused.json().path("detail").asString())
        .startsWith("area done")
        .contains("at most " + limit + " ha, got ")
        .doesNotContain("acre")
        .hasSizeLessThan(100);
  }

  @Test
  void limitsOfCoreAreSaidInTheFarmsUnitsToo() {
    Caller.Answer rate =
        farm.post(
            "/api/v1/calibrations/meter", Map.of("targetLbAc", 5000, "widthFt", 30, "mph", 5));
    assertThat(rate.status()).isEqualTo(400);
    assertThat(rate.json().path("detail").asString()).contains("kg/ha").doesNotContain("lb");
    Caller.Answer swath =
        farm.post(
            "/api/v1/calibrations/meter", Map.of("targetLbAc", 60, "widthFt", 3000, "mph", 5));
    assertThat(swath.json().path("detail").asString())
        .isEqualTo("width is more than 0 and at most 60.96 m, got 914.4");
  }

  @Test
  void workOrdersAreMetricOnA4() throws Exception {
    try (var pdf = Loader.loadPDF(farm.bytes("/api/v1/work-orders/" + field + "/" + drill))) {
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text)
          .contains("kg/ha")
          .contains("ha/h")
          .contains("150 m")
          .contains("Hectares done")
          .contains("kg a load")
          .doesNotContain("lb/ac")
          .doesNotContain(" ac ")
          .doesNotContain(" ft");
      assertThat(pdf.getPage(0).getMediaBox().getHeight()).isCloseTo(842, within(1f));
    }
  }

  @Test
  void theSeedOrderIsInKilograms() throws Exception {
    JsonNode line = farm.get("/api/v1/order").json().path("lines").get(0);
    double needed = line.path("neededLb").asDouble();
    String csv = new String(farm.bytes("/api/v1/order/file?format=csv"), StandardCharsets.UTF_8);
    List<String> rows = csv.lines().toList();
    assertThat(rows.get(0)).contains("needed_kg").contains("price_per_kg").doesNotContain("lb");
    assertThat(Double.parseDouble(rows.get(1).split(",")[2]))
        .isCloseTo(needed * 0.45359237, within(0.01));
    try (var pdf = Loader.loadPDF(farm.bytes("/api/v1/order/file?format=pdf"))) {
      assertThat(new PDFTextStripper().getText(pdf)).contains("Needed kg").doesNotContain("lb");
    }
  }

  @Test
  void pricesArePastedByTheKilogram() {
    Caller.Answer kept =
        farm.post("/api/v1/order/prices", Map.of("text", "Cereal rye;Tansy Seed;25;0.60\n"));
    JsonNode line = kept.json().path("lines").get(0);
    assertThat(line.path("packLb").asDouble()).isCloseTo(55.1156, within(1e-3));
    assertThat(line.path("pricePerLb").asDouble()).isCloseTo(0.27216, within(1e-4));
    assertThat(farm.post("/api/v1/order/prices", Map.of("text", "Oats;A;50")).text())
        .contains("kilograms in a pack, dollars a kilogram");
  }

  /** The page converts by the same table as the server. */
  @Test
  void thePagesTableOfUnitsIsTheServers() throws Exception {
    JsonNode page =
        new JsonMapper().readTree(Files.readString(Path.of("../web/src/format/measures.json")));
    assertThat(page.size()).isEqualTo(Unit.values().length);
    for (Unit unit : Unit.values()) {
      JsonNode known = page.path(unit.name());
      assertThat(known.path("us").asString()).isEqualTo(unit.word(UnitSystem.US));
      assertThat(known.path("metric").asString()).isEqualTo(unit.word(UnitSystem.METRIC));
      double read = (10 - known.path("zero").asDouble(0)) * known.path("factor").asDouble(1);
      assertThat(read).as(unit.name()).isCloseTo(unit.in(UnitSystem.METRIC, 10), within(1e-9));
    }
  }

  private static double acres() {
    for (JsonNode f : farm.get("/api/v1/fields").json()) {
      if (f.path("field").path("id").asString().equals(field)) {
        return f.path("field").path("acres").asDouble();
      }
    }
    throw new IllegalStateException("the field is gone");
  }
}
