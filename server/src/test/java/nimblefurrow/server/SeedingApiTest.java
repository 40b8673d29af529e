package nimblefurrow.server;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Everything that prepares seeding, over real HTTP on a farm of its own. */
@ExtendWith(RunningServer.class)
class SeedingApiTest {
  private static Caller farm;
  private static String field;
  private static String drill;
  private static String drone;

  @BeforeAll
  static void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Quiet Eighty");
    drill = SeedingFarm.drill(farm);
    drone = SeedingFarm.drone(farm);
    SeedingFarm.rye(farm);
    put("DRILL", "cereal-rye", 1);
  }

  private static void put(String way, Object... mix) {
    JsonNode now = farm.get("/api/v1/cover/" + field).json();
    Map<String, Object> body =
        now.has("version")
            ? Map.of(
                "cover", TestFarm.cover(way, "EARLY_SPRAY", mix),
                "version", now.path("version").asInt())
            : Map.of("cover", TestFarm.cover(way, "EARLY_SPRAY", mix));
    Caller.Answer kept = farm.put("/api/v1/cover/" + field, body);
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
  }

  @Test
  void widthAndSpeedMakeTheFieldCapacity() {
    double rate = 0;
    for (JsonNode m : farm.get("/api/v1/machines").json()) {
      rate = m.path("id").asString().equals(drill) ? m.path("acresPerHour").asDouble() : rate;
    }
    assertThat(rate).isCloseTo(6.36, within(0.005));
  }

  @Test
  void loadsOfTheDrillAddUp() {
    JsonNode loads =
        farm.post("/api/v1/loads", Map.of("fieldId", field, "machineId", drill)).json();
    JsonNode pass = loads.path("passes").get(0);
    double acres = loads.path("acres").asDouble();
    double rate = pass.path("bulkRate").asDouble();
    // 30 ft³ of rye at 45 lb/ft³ filled to 0.95.
    assertThat(pass.path("loadPounds").asDouble()).isCloseTo(1282.5, within(1e-6));
    assertThat(pass.path("loads").asInt()).isEqualTo((int) Math.ceil(acres * rate / 1282.5));
    assertThat(loads.path("poundsInAll").asDouble()).isCloseTo(acres * rate, within(1e-6));
    assertThat(loads.path("price").path("own").asDouble())
        .isCloseTo(6 + 64 / (acres / loads.path("hours").asDouble()), within(0.006));
    double heavier =
        farm.post("/api/v1/loads", Map.of("fieldId", field, "machineId", drill, "rateFactor", 2))
            .json()
            .path("hours")
            .asDouble();
    assertThat(heavier).isGreaterThan(loads.path("hours").asDouble());
  }

  @Test
  void waysInAreComparedByWhatComesUp() {
    JsonNode ways = farm.get("/api/v1/loads/methods/" + field).json();
    assertThat(ways).hasSize(2);
    for (JsonNode way : ways) {
      double perThousand =
          way.path("perAcre").asDouble() / (way.path("plantsPerSquareFoot").asDouble() * 43.56);
      assertThat(way.path("perThousandPlants").asDouble()).isCloseTo(perThousand, within(1e-6));
    }
    assertThat(ways.toString()).contains("\"cheapest\":true");
  }

  @ParameterizedTest
  @CsvSource({
    "hopperFt3,-1,hopper is 0–2000 ft³",
    "widthFt,0,width is more than 0",
    "fill,1.4,fill is 0.05–1",
    "batteries,0,batteries is more than 0",
    "slip,0.9,slip is 0–0.5"
  })
  void aSetUpThatCannotBeIsRefusedByName(String key, double value, String said) {
    Caller.Answer refused =
        farm.put(
            "/api/v1/machines/" + drill + "/setup",
            Map.of(key, key.equals("batteries") ? (Object) (int) value : value));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains(said);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"bookedDays\":[\"2026-9-1\"]}|booked days is a day like 2026-10-03, got “2026-9-1”",
        "{\"widthFt\":\"wide\"}|width ft is a number, got “wide”"
      })
  void whatIsMistypedIsNamedInTheWordsOfTheForm(String body, String said) {
    Caller.Answer refused = farm.put("/api/v1/machines/" + drill + "/setup", body);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains(said);
  }

  @Test
  void aCatchTestIsWorkedOutKeptAndSetsTheNext() {
    Map<String, Object> caught =
        Map.of(
            "targetLbAc",
            60,
            "setting",
            40,
            "mph",
            5,
            "sprocket",
            "",
            "grams",
            620,
            "outlets",
            8,
            "rowSpacingIn",
            7.5,
            "distanceFt",
            200);
    JsonNode worked = farm.post("/api/v1/calibrations/catch", caught).json();
    assertThat(worked.path("rate").asDouble()).isCloseTo(59.5, within(0.05));
    assertThat(worked.path("verdict").asString()).isEqualTo("GOOD");
    JsonNode inGaps =
        farm.post(
                "/api/v1/calibrations/catch",
                Map.of(
                    "grams",
                    620,
                    "outlets",
                    12,
                    "outletsPerGap",
                    3,
                    "gapIn",
                    30,
                    "rowSpacingIn",
                    7.5,
                    "distanceFt",
                    200))
            .json();
    assertThat(inGaps.path("rate").asDouble()).isCloseTo(29.8, within(0.05));
    assertThat(inGaps.path("bandRate").asDouble()).isCloseTo(29.8 / 0.75, within(0.07));
    JsonNode kept =
        farm.post(
                "/api/v1/calibrations",
                Map.of("machineId", drill, "kind", "CATCH", "lot", "Test rye", "details", caught))
            .json();
    JsonNode next =
        farm.get("/api/v1/calibrations/machines/" + drill + "?targetLbAc=72&mph=5&lot=Test%20rye")
            .json()
            .path("next");
    assertThat(next.path("setting").asDouble())
        .isCloseTo(40 * 72 / kept.path("rate").asDouble(), within(1e-6));
    farm.post(
        "/api/v1/calibrations",
        Map.of(
            "machineId",
            drill,
            "kind",
            "CHECK",
            "lot",
            "Test rye",
            "details",
            Map.of("expectedLbAc", 60, "usedLb", 648, "acres", 10)));
    assertThat(
            farm.get("/api/v1/calibrations/machines/" + drill)
                .json()
                .path("corrections")
                .get(0)
                .path("factor")
                .asDouble())
        .isCloseTo(1.08, within(1e-9));
    assertThat(farm.delete("/api/v1/calibrations/" + kept.path("id").asString()).status())
        .isEqualTo(200);
  }

  @Test
  void pansAndMetersAnswerAtOnce() {
    JsonNode pans =
        farm.post(
                "/api/v1/calibrations/pans",
                Map.of("panSpacingFt", 5, "panGrams", List.of(1, 3, 5, 7, 9, 9, 7, 5, 3, 1)))
            .json();
    assertThat(pans.path("offered").path("cv").asDouble()).isLessThanOrEqualTo(0.20);
    assertThat(pans.path("curve")).hasSizeGreaterThan(10);
    JsonNode meter =
        farm.post("/api/v1/calibrations/meter", Map.of("targetLbAc", 24, "widthFt", 20, "mph", 5.5))
            .json();
    assertThat(meter.path("poundsPerMinute").asDouble()).isCloseTo(5.33, within(0.005));
    Caller.Answer bad =
        farm.post(
            "/api/v1/calibrations/meter", Map.of("targetLbAc", -5, "widthFt", 20, "mph", 5.5));
    assertThat(bad.status()).isEqualTo(400);
    assertThat(bad.text()).contains("seed rate is 0–1000 lb/ac, got -5");
    assertThat(farm.post("/api/v1/calibrations/catch", Map.of("grams", 620)).text())
        .contains("outlets caught is missing");
  }

  @Test
  void adviceRanksAndSaysWhyNot() {
    Caller farm = new Caller(RunningServer.address()).planner();
    farm.put("/api/v1/farm/day", Map.of("day", "2026-09-02"));
    String field = "";
    for (JsonNode f : farm.get("/api/v1/fields").json()) {
      boolean wanted = f.path("field").path("name").asString().equals("Windbreak Eighty");
      field = wanted ? f.path("field").path("id").asString() : field;
    }
    JsonNode advice =
        farm.post(
                "/api/v1/advice",
                Map.of(
                    "fieldId",
                    field,
                    "goals",
                    Map.of("HOLD_SOIL", 2),
                    "termination",
                    "EARLY_SPRAY",
                    "ways",
                    List.of("DRILL")))
            .json();
    assertThat(advice.path("ranked")).isNotEmpty();
    assertThat(advice.path("ranked").get(0).path("reasons").toString()).contains("hold the soil");
    assertThat(
            farm.post(
                    "/api/v1/advice",
                    Map.of(
                        "fieldId", field, "goals", Map.of("HOLD_SOIL", -2), "termination", "ROLL"))
                .text())
        .contains("weight of a goal is more than 0");
    JsonNode openings = farm.get("/api/v1/openings/" + field).json();
    assertThat(openings.get(0).path("heatMiddle").asInt()).isPositive();
    assertThat(openings.get(0).path("gained")).isNotEmpty();
  }

  @Test
  void aHerbicideTakesItsSpeciesOutOfTheAdvice() {
    String other = TestFarm.field(farm, "Sprayed Forty " + System.nanoTime());
    String today = farm.get("/api/v1/session").json().path("today").asString();
    farm.post(
        "/api/v1/herbicides/fields/" + other,
        Map.of(
            "active",
            "imazethapyr",
            "appliedOn",
            today,
            "days",
            900,
            "families",
            List.of("GRASS"),
            "species",
            List.of()));
    JsonNode advice =
        farm.post(
                "/api/v1/advice",
                Map.of(
                    "fieldId",
                    other,
                    "goals",
                    Map.of("HOLD_SOIL", 1),
                    "termination",
                    "EARLY_SPRAY",
                    "ways",
                    List.of("DRILL")))
            .json();
    boolean told = false;
    for (JsonNode why : advice.path("whyNot")) {
      told |=
          why.path("species").asString().equals("cereal-rye")
              && why.path("reason").asString().contains("imazethapyr");
    }
    assertThat(told).isTrue();
    assertThat(
            farm.post(
                    "/api/v1/herbicides/fields/" + other,
                    Map.of("active", "x", "appliedOn", today, "days", 10))
                .text())
        .contains("name at least one species or kind");
    farm.delete("/api/v1/fields/" + other);
  }

  @Test
  void aFiguresOwnValueIsMarkedAndPutBack() {
    farm.put("/api/v1/figures", set("species", "oats", "price_per_lb", 0.5));
    JsonNode price = figure("species", "oats", "price_per_lb");
    assertThat(price.path("changed").asBoolean()).isTrue();
    assertThat(price.path("value").asDouble()).isEqualTo(0.5);
    assertThat(price.path("startingValue").asDouble()).isEqualTo(0.28);
    farm.put("/api/v1/figures", set("species", "oats", "price_per_lb", null));
    assertThat(figure("species", "oats", "price_per_lb").path("changed").asBoolean()).isFalse();
    Caller.Answer refused = farm.put("/api/v1/figures", set("species", "oats", "rate_low", 95.0));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("lowest full rate of Oats is at most its usual full rate");
    assertThat(figure("species", "oats", "rate_low").path("changed").asBoolean()).isFalse();
  }

  @Test
  void aThresholdOfTheHouseMovesWhatIsSaid() {
    Map<String, Object> rolled =
        Map.of("fieldId", field, "candidate", TestFarm.cover("DRILL", "ROLL", "cereal-rye", 1));
    String before = farm.post("/api/v1/cover/try", rolled).text();
    farm.put("/api/v1/figures", set("termination", "roller_mat", "value", 5000.0));
    assertThat(farm.post("/api/v1/cover/try", rolled).text()).contains("mat weighs 5,000 lb/ac");
    farm.put("/api/v1/figures", set("termination", "roller_mat", "value", null));
    assertThat(farm.post("/api/v1/cover/try", rolled).text()).isEqualTo(before);
  }

  @Test
  void allFiguresGoOutAsATableAndComeInAgain() {
    farm.put("/api/v1/figures", set("species", "flax", "price_per_lb", 0.7));
    String table = farm.get("/api/v1/figures/file").text();
    assertThat(table.lines().count()).isGreaterThan(900);
    assertThat(table).contains("species,flax,price_per_lb,Flax,price,$/lb,0.7,0.65,0.0,100.0");
    String wanted =
        "sheet,row,column,value\nspecies,flax,price_per_lb,0.65\nspecies,oats,price_per_lb,0.31\n";
    JsonNode tried =
        farm.upload("/api/v1/figures/file", "figures.csv", wanted.getBytes(UTF_8)).json();
    assertThat(tried.path("saved").asBoolean()).isFalse();
    assertThat(tried.path("changes")).hasSize(2);
    assertThat(figure("species", "oats", "price_per_lb").path("changed").asBoolean()).isFalse();
    farm.upload("/api/v1/figures/file?save=true", "figures.csv", wanted.getBytes(UTF_8));
    assertThat(figure("species", "oats", "price_per_lb").path("value").asDouble()).isEqualTo(0.31);
    assertThat(figure("species", "flax", "price_per_lb").path("changed").asBoolean()).isFalse();
    String bad = wanted + "species,oats,cap,7\nspecies,wheatgrass,cap,0.5\n";
    JsonNode refused =
        farm.upload("/api/v1/figures/file?save=true", "figures.csv", bad.getBytes(UTF_8)).json();
    assertThat(refused.path("saved").asBoolean()).isFalse();
    assertThat(refused.path("refused")).hasSize(2);
    assertThat(refused.path("refused").toString())
        .contains("line 4: most of its full rate beside slow partners is 0.01–1")
        .contains("line 5: figure is one of the catalogue's");
    farm.put("/api/v1/figures", set("species", "oats", "price_per_lb", null));
  }

  private static Map<String, Object> set(String sheet, String row, String column, Double value) {
    Map<String, Object> form = new HashMap<>();
    form.put("sheet", sheet);
    form.put("row", row);
    form.put("column", column);
    form.put("value", value);
    return form;
  }

  private static JsonNode figure(String sheet, String row, String column) {
    for (JsonNode s : farm.get("/api/v1/figures").json()) {
      for (JsonNode f : s.path("figures")) {
        if (f.path("sheet").asString().equals(sheet)
            && f.path("row").asString().equals(row)
            && f.path("column").asString().equals(column)) {
          return f;
        }
      }
    }
    throw new AssertionError(column);
  }

  @Test
  void aFarmsOwnFiguresOfAWayInMoveWhatComesUp() {
    Map<String, Object> drilled =
        Map.of("fieldId", field, "candidate", TestFarm.cover("DRILL", "EARLY_SPRAY", "oats", 1));
    double before = plants(drilled);
    farm.put("/api/v1/figures", set("ways", "drill", "emergence", 0.4));
    assertThat(plants(drilled)).isCloseTo(before / 2, within(1e-6));
    farm.put("/api/v1/figures", set("ways", "drill", "emergence", null));
    assertThat(plants(drilled)).isEqualTo(before);
    assertThat(farm.put("/api/v1/figures", set("ways", "drill", "emergence", 4.0)).text())
        .contains("live seed that comes up is 0.01–1");
  }

  private static double plants(Map<String, Object> tried) {
    return farm.post("/api/v1/cover/try", tried)
        .json()
        .path("members")
        .get(0)
        .path("plantsPerSquareFoot")
        .asDouble();
  }

  @Test
  void mixesArePutByNameAndRatesTypedInAnyUnit() {
    farm.post(
        "/api/v1/mixes",
        Map.of(
            "name",
            "Two goals",
            "members",
            List.of(
                Map.of("species", "cereal-rye", "share", 0.6),
                Map.of("species", "hairy-vetch", "share", 0.7))));
    assertThat(farm.get("/api/v1/mixes").text()).contains("Two goals");
    Map<String, Object> cover = TestFarm.cover("DRILL", "EARLY_SPRAY");
    cover.put(
        "members",
        List.of(
            Map.of("species", "cereal-rye", "share", 1, "typedRate", 1.5, "typedUnit", "BU_AC")));
    JsonNode answer =
        farm.post("/api/v1/cover/try", Map.of("fieldId", field, "candidate", cover)).json();
    assertThat(answer.path("members").get(0).path("liveRate").asDouble()).isEqualTo(84);
    assertThat(answer.path("bench").path("poundsPerCubicFoot").asDouble())
        .isCloseTo(45, within(1e-9));
    cover.put(
        "members",
        List.of(Map.of("species", "radish", "share", 1, "typedRate", 1, "typedUnit", "BU_AC")));
    assertThat(farm.post("/api/v1/cover/try", Map.of("fieldId", field, "candidate", cover)).text())
        .contains("Oilseed radish is not sold by the bushel");
  }

  @Test
  void papersOfALotAreWhatTheyAre() {
    String lot = farm.get("/api/v1/lots").json().get(0).path("id").asString();
    Caller.Answer kept =
        farm.upload("/api/v1/lot-papers/lots/" + lot, "cert.pdf", "%PDF-1.4 x".getBytes());
    assertThat(kept.json().get(0).path("type").asString()).isEqualTo("application/pdf");
    String id = kept.json().get(0).path("id").asString();
    assertThat(new String(farm.bytes("/api/v1/lot-papers/" + id))).isEqualTo("%PDF-1.4 x");
    assertThat(
            farm.upload("/api/v1/lot-papers/lots/" + lot, "cert.pdf", new byte[] {1, 0, 2}).text())
        .contains("a paper is a PDF, PNG, JPEG or plain text file");
    assertThat(farm.upload("/api/v1/lot-papers/lots/" + lot, "x.txt", new byte[0]).text())
        .contains("the file is empty");
    assertThat(farm.delete("/api/v1/lot-papers/" + id).status()).isEqualTo(200);
  }
}
