package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Seed to buy and sheets for the crews, over real HTTP on a farm of its own. */
@ExtendWith(RunningServer.class)
class SeedOrderTest {
  private static Caller farm;
  private static String field;
  private static String drill;

  @BeforeAll
  static void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Quiet Eighty");
    drill = SeedingFarm.drill(farm);
    SeedingFarm.rye(farm);
    farm.put(
        "/api/v1/cover/" + field,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
  }

  @Test
  void theOrderIsNeedAndSpareLessTheStoreInWholeBags() throws Exception {
    JsonNode order = farm.get("/api/v1/order").json();
    JsonNode rye = order.path("lines").get(0);
    double needed = rye.path("neededLb").asDouble();
    assertThat(rye.path("shortLb").asDouble()).isCloseTo(needed - 1000, within(1e-6));
    assertThat(rye.path("packs").asInt()).isEqualTo((int) Math.ceil((needed - 1000) / 50 - 1e-9));
    farm.post(
        "/api/v1/order/prices",
        Map.of("text", "Species\tDealer\tPack\t$/lb\nCereal rye\tTansy Seed\t2000\t$0.24\n"));
    JsonNode tote = farm.get("/api/v1/order").json().path("lines").get(0);
    assertThat(tote.path("dealer").asString()).isEqualTo("Tansy Seed");
    assertThat(tote.path("cost").asDouble())
        .isCloseTo(tote.path("packs").asInt() * 2000 * 0.24, within(0.01));
    String csv = new String(farm.bytes("/api/v1/order/file?format=csv"), StandardCharsets.UTF_8);
    assertThat(csv).contains("species,dealer").contains("Cereal rye,Tansy Seed");
    try (var book =
        new XSSFWorkbook(new ByteArrayInputStream(farm.bytes("/api/v1/order/file?format=xlsx")))) {
      assertThat(book.getSheetAt(0).getRow(1).getCell(0).getStringCellValue())
          .isEqualTo("Cereal rye");
    }
    try (var pdf = Loader.loadPDF(farm.bytes("/api/v1/order/file?format=pdf"))) {
      assertThat(new PDFTextStripper().getText(pdf)).contains("Cereal rye").contains("Tansy Seed");
    }
    farm.put(
        "/api/v1/order/prices",
        Map.of("species", "cereal-rye", "dealer", "", "packLb", 50, "pricePerLb", 0.3));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Moon rye;A;50;1|line 1: there is no species “Moon rye”",
        "Oats;A;0;1|line 1: pounds in a pack is more than 0 and at most 5000, got “0”",
        "Oats;A;50;cheap|line 1: dollars a pound is more than 0 and at most 100, got “cheap”",
        "Oats;A;50|line 1 has 3 columns"
      })
  void pricesThatCannotBeAreRefusedByLine(String text, String said) {
    Caller.Answer refused = farm.post("/api/v1/order/prices", Map.of("text", text));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString()).contains(said);
  }

  @Test
  void anOrderForNoSeedIsRefused() {
    Caller empty = new Caller(RunningServer.address()).ownFarm();
    Caller.Answer refused = empty.get("/api/v1/order");
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("no field wants seed");
  }

  @Test
  void theWorkOrderSaysItAllOnOnePage() throws Exception {
    farm.post(
        "/api/v1/marks",
        Map.of(
            "kind",
            "WIRE",
            "name",
            "East line",
            "shape",
            "{\"type\":\"LineString\",\"coordinates\":[[-97.001,39.999],[-97.001,40.009]]}"));
    try (var pdf = Loader.loadPDF(farm.bytes("/api/v1/work-orders/" + field + "/" + drill))) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("Work order: drill, Quiet Eighty")
          .contains("Cereal rye")
          .contains("Test rye")
          .contains("power line, East line")
          .contains("50 ft")
          .contains("Guards on")
          .contains("Operator")
          .contains("lb a load");
    }
  }

  @Test
  void aCrewsOrdersAreAListAndAPageForEachField() throws Exception {
    String second = TestFarm.field(farm, "Second Eighty");
    farm.put(
        "/api/v1/cover/" + second,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    try (var pdf = Loader.loadPDF(farm.bytes("/api/v1/work-orders/machines/" + drill))) {
      int fields = pdf.getNumberOfPages() - 1;
      assertThat(fields).isGreaterThanOrEqualTo(2);
      PDFTextStripper list = new PDFTextStripper();
      list.setEndPage(1);
      assertThat(list.getText(pdf))
          .contains("Work orders: Test drill")
          .contains("Quiet Eighty")
          .contains("Second Eighty")
          .contains("not placed");
      String all = new PDFTextStripper().getText(pdf);
      assertThat(all.split("Work order: drill, ").length - 1).isEqualTo(fields);
    }
    String roller = SeedingFarm.machine(farm, "idle roller", "ROLLER", 9);
    assertThat(farm.get("/api/v1/work-orders/machines/" + roller).text())
        .contains("no field that is still to be sown is meant for idle roller");
    farm.delete("/api/v1/machines/" + roller);
    farm.delete("/api/v1/fields/" + second);
  }

  @Test
  void whatWasSownIsLeftOutOfTheStore() {
    Caller own = new Caller(RunningServer.address()).ownFarm();
    String land = TestFarm.field(own, "Stored Forty");
    own.put(
        "/api/v1/cover/" + land,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    own.post(
        "/api/v1/lots",
        Map.of(
            "species", "cereal-rye",
            "name", "Rye one",
            "purity", 98,
            "germination", 85,
            "pounds", 5000));
    own.post(
        "/api/v1/log",
        Map.of(
            "fieldId",
            land,
            "kind",
            "SEEDED",
            "on",
            RunningServer.TODAY,
            "pounds",
            1800,
            "lot",
            "rye ONE "));
    JsonNode left = own.get("/api/v1/order/store").json().get(0);
    assertThat(left.path("leftLb").asDouble()).isEqualTo(3200);
    String other = TestFarm.field(own, "Unsown Forty");
    own.put(
        "/api/v1/cover/" + other,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    assertThat(own.get("/api/v1/order").json().path("lines").get(0).path("inStoreLb").asDouble())
        .isEqualTo(3200);
  }
}
