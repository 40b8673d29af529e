package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is too large, too many or no value at all is refused by name, and the server goes on. */
@ExtendWith(RunningServer.class)
class LimitsTest {
  private static Caller farm;
  private static String field;
  private static String drill;

  @BeforeAll
  static void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Limits");
    drill = SeedingFarm.drill(farm);
  }

  private static void stillAnswers() {
    assertThat(farm.get("/actuator/health").status()).isEqualTo(200);
    assertThat(farm.get("/api/v1/season").status()).isEqualTo(200);
  }

  @Test
  void millionsOfFeaturesAreRefusedAsTheyCome() {
    StringBuilder file = new StringBuilder("{\"type\":\"FeatureCollection\",\"features\":[{}");
    file.append(",{}".repeat(3_500_000)).append("]}");
    byte[] bytes = file.toString().getBytes(StandardCharsets.UTF_8);
    List<CompletableFuture<Caller.Answer>> sent =
        IntStream.range(0, 4)
            .mapToObj(
                i ->
                    CompletableFuture.supplyAsync(
                        () -> farm.upload("/api/v1/exchange/fields", "many.geojson", bytes)))
            .toList();
    sent.forEach(
        s -> {
          assertThat(s.join().status()).isEqualTo(400);
          assertThat(s.join().text()).contains("a file holds at most 2,000 fields");
        });
    stillAnswers();
  }

  @Test
  void deepAndEndlessShapesAreRefused() {
    String deep =
        "{\"type\":\"Polygon\",\"coordinates\":" + "[".repeat(5000) + "]".repeat(5000) + "}";
    assertThat(farm.upload("/api/v1/exchange/fields", "deep.geojson", utf8(deep)).status())
        .isEqualTo(400);
    String many =
        "{\"type\":\"Feature\",\"properties\":{},\"geometry\":{\"type\":\"Polygon\",\"coordinates\":[["
            + "[0,40],".repeat(70_000)
            + "[0,40]]]}}";
    Caller.Answer answer = farm.upload("/api/v1/exchange/fields", "points.geojson", utf8(many));
    assertThat(answer.text()).contains("more than 60,000 points");
    stillAnswers();
  }

  @ParameterizedTest
  @CsvSource({"-4,1,0", "-2000000000,1,0", "2000000000,1,0", "60,1900000000,0", "60,1,1900000000"})
  void shapefilesWithImpossibleLengthsAreRefused(int words, int parts, int start)
      throws IOException {
    ByteBuffer shp = ByteBuffer.allocate(100 + 8 + 44 + 4 + 4 * 16);
    shp.putInt(0, 9994).position(100);
    shp.putInt(1).putInt(words).order(ByteOrder.LITTLE_ENDIAN).putInt(5);
    shp.position(shp.position() + 32);
    shp.putInt(parts).putInt(4).putInt(start);
    Caller.Answer answer =
        farm.upload("/api/v1/exchange/fields", "bad.zip", zip("f.shp", shp.array()));
    assertThat(answer.status()).as(answer.text()).isEqualTo(400);
    assertThat(answer.text()).contains("damaged");
    stillAnswers();
  }

  /** The head of a zip whose file name is no text in any letters that it claims. */
  @Test
  void aZipWithANameThatIsNoTextIsRefusedInWords() {
    byte[] content = {
      'P',
      'K',
      3,
      4,
      20,
      0,
      0,
      8,
      0,
      0,
      0,
      0,
      0,
      0,
      1,
      2,
      3,
      4,
      9,
      0,
      0,
      0,
      9,
      0,
      0,
      0,
      2,
      0,
      0,
      0,
      (byte) 0xC3,
      40
    };
    Caller.Answer refused = farm.upload("/api/v1/exchange/fields", "names.zip", content);
    assertThat(refused.status()).as(refused.text()).isEqualTo(400);
    assertThat(refused.json().path("detail").asString()).contains("this zip");
  }

  private static byte[] zip(String name, byte[] content) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry(name));
      zip.write(content);
    }
    return bytes.toByteArray();
  }

  @Test
  void bodiesAreHeldToOneMegabyte() {
    String grams = "1.5,".repeat(400_000);
    Caller.Answer pans =
        farm.post(
            "/api/v1/calibrations/pans", "{\"panSpacingFt\":5,\"panGrams\":[" + grams + "1]}");
    assertThat(pans.status()).isEqualTo(413);
    assertThat(pans.json().path("detail").asString()).contains("larger than 1 MB");
    stillAnswers();
  }

  /** A body that announces no length is counted while it is read, whoever sends it. */
  @Test
  void anEndlessBodyOfAStrangerIsCutOff() throws IOException {
    URI at = URI.create(RunningServer.address());
    try (Socket socket = new Socket(at.getHost(), at.getPort())) {
      socket.setSoTimeout(10_000);
      var out = socket.getOutputStream();
      out.write(
          utf8(
              "POST /api/v1/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\n"
                  + "Transfer-Encoding: chunked\r\nCookie: XSRF-TOKEN=t\r\nX-XSRF-TOKEN: t\r\n\r\n"));
      byte[] chunk = utf8("10000\r\n" + "x".repeat(0x10000) + "\r\n");
      int sent = 0;
      try {
        for (; sent < 90 * 16; sent++) {
          out.write(chunk);
        }
      } catch (IOException cut) {
        assertThat(sent).as("64 kB pieces taken before it was cut").isLessThan(90 * 16);
      }
      InputStream in = socket.getInputStream();
      byte[] head = new byte[64];
      int n = 0;
      try {
        n = in.read(head);
      } catch (IOException reset) {
        n = 0; // the connection was closed on the sender
      }
      if (n > 0) {
        assertThat(new String(head, 0, n, StandardCharsets.UTF_8)).contains(" 4");
      }
    }
    stillAnswers();
  }

  @ParameterizedTest
  @ValueSource(strings = {"0001-01-01", "9999-12-31", "+999999999-01-01", "2400-01-01"})
  void daysThatCannotBeMeantAreRefusedEverywhere(String day) {
    Map<String, Object> cover = TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1);
    cover.put("planned", day);
    Map<String, Object> crop =
        Map.of("kind", "CORN_GRAIN", "planted", day, "maturity", 104, "harvestMoisture", 20);
    Map<String, Object> lot =
        Map.of(
            "species",
            "oats",
            "name",
            "x",
            "purity",
            98,
            "germination",
            85,
            "pounds",
            1,
            "testedOn",
            day);
    List<Caller.Answer> answers =
        List.of(
            farm.post("/api/v1/fields/" + field + "/crops", crop),
            farm.post("/api/v1/cover/try", Map.of("fieldId", field, "candidate", cover)),
            farm.put("/api/v1/cover/" + field, Map.of("cover", cover)),
            farm.post("/api/v1/lots", lot),
            farm.get("/api/v1/dispatch?from=" + day.replace("+", "%2B")),
            farm.get("/api/v1/dispatch/sheet?day=" + day.replace("+", "%2B")),
            farm.post("/api/v1/log", Map.of("fieldId", field, "kind", "HARVESTED", "on", day)));
    assertThat(answers)
        .allSatisfy(a -> assertThat(a.status()).as(a.text()).isEqualTo(400))
        .allSatisfy(a -> assertThat(a.text()).containsAnyOf("is from 1950-01-01", "is a day like"));
    stillAnswers();
  }

  @ParameterizedTest
  @ValueSource(strings = {"9999-01-01", "90000-01-01", "2027-01-01", "1949-12-31"})
  void weatherOfDaysThatCannotBeMeasuredIsRefusedAtOnce(String day) {
    String csv = "date,max_f,min_f,rain_in\n2020-01-01,40,20,0\n" + day + ",40,20,0\n";
    long began = System.nanoTime();
    Caller.Answer answer = farm.upload("/api/v1/weather/import", "w.csv", utf8(csv));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text()).contains("line 3");
    assertThat((System.nanoTime() - began) / 1e9).isLessThan(5);
  }

  @ParameterizedTest
  @ValueSource(strings = {"70f", "0x1p3", "NaN", "Infinity", "1e999", "7O"})
  void onlyFiguresAreRead(String typed) {
    String csv = "date,max_f,min_f,rain_in\n2020-01-01," + typed + ",20,0\n";
    assertThat(farm.upload("/api/v1/weather/import", "w.csv", utf8(csv)).text())
        .contains("line 2: max_f is a number");
    Map<String, Object> setup = new HashMap<>(Map.of("widthFt", typed));
    assertThat(farm.put("/api/v1/machines/" + drill + "/setup", setup).text())
        .contains("width ft is a number");
  }

  @Test
  void aTableFromASpreadsheetMayBeginWithItsMark() {
    String csv = "\uFEFFdate,max_f,min_f,rain_in\n2020-01-01,40,20,0\n";
    Caller.Answer answer = farm.upload("/api/v1/weather/import", "w.csv", utf8(csv));
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    assertThat(answer.json().path("days").asInt()).isEqualTo(1);
    String shape = "\uFEFF" + TestFarm.ONE_FIELD.formatted("Marked");
    assertThat(farm.upload("/api/v1/exchange/fields", "f.geojson", utf8(shape)).text())
        .contains("Marked");
  }

  @ParameterizedTest
  @ValueSource(strings = {"{\"a\":[1,2]}", "a,a,a\n1,2,3\n", ",,,\n", "\u0000\u0001", "date\n"})
  void whatIsNoTableOfWeatherIsRefused(String text) {
    assertThat(farm.upload("/api/v1/weather/import", "w.csv", utf8(text)).status()).isEqualTo(400);
  }

  @Test
  void textThatIsNoTextIsRefused() {
    byte[] latin = {'d', 'a', 't', 'e', ',', (byte) 0xe9, '\n'};
    assertThat(farm.upload("/api/v1/weather/import", "w.csv", latin).text())
        .as("read as older spreadsheets write it")
        .contains("columns are date")
        .contains("got date, é");
    String line = "date," + "x,".repeat(200_000) + "\n";
    assertThat(farm.upload("/api/v1/weather/import", "w.csv", utf8(line)).text())
        .contains("longer than 20,000 characters");
  }

  /** NUL and halves of characters cannot be kept, wherever they are typed. */
  @ParameterizedTest
  @ValueSource(strings = {"a\\u0000b", "\\ud800", "x\\udc00"})
  void charactersThatAreNoneAreRefusedByName(String typed) {
    String mix = "{\"name\":\"" + typed + "\",\"members\":[{\"species\":\"oats\",\"share\":1}]}";
    Caller.Answer refused = farm.post("/api/v1/mixes", mix);
    assertThat(refused.status()).as(refused.text()).isEqualTo(400);
    String name = "{\"name\":\"" + typed + "\"}";
    assertThat(farm.put("/api/v1/farm/name", name).status()).isEqualTo(400);
    assertThat(farm.get("/api/v1/calibrations/machines/" + drill + "?lot=a%00b").status())
        .isEqualTo(400);
  }

  @Test
  void listsHaveNoEmptyPlaces() {
    List<String> bodies =
        List.of(
            "{\"name\":\"M\",\"members\":[null]}",
            "{\"active\":\"x\",\"appliedOn\":\"2026-06-01\",\"days\":5,\"families\":[null]}",
            "{\"panSpacingFt\":5,\"panGrams\":[1,null,2]}",
            "{\"drivers\":[null]}",
            "{\"bookedDays\":[null]}");
    List<Caller.Answer> answers =
        List.of(
            farm.post("/api/v1/mixes", bodies.get(0)),
            farm.post("/api/v1/herbicides/fields/" + field, bodies.get(1)),
            farm.post("/api/v1/calibrations/pans", bodies.get(2)),
            farm.put("/api/v1/machines/" + drill + "/setup", bodies.get(3)),
            farm.put("/api/v1/machines/" + drill + "/setup", bodies.get(4)));
    assertThat(answers)
        .allSatisfy(a -> assertThat(a.status()).as(a.text()).isEqualTo(400))
        .allSatisfy(a -> assertThat(a.text()).contains("holds an empty place"));
  }

  @Test
  void aMachineHasAFewDriversNotThousands() {
    List<String> drivers = IntStream.range(0, 10_000).mapToObj(i -> "Driver " + i).toList();
    assertThat(farm.put("/api/v1/machines/" + drill + "/setup", Map.of("drivers", drivers)).text())
        .contains("number of drivers is 0–40");
  }

  @Test
  void aFieldAcrossThe180thMeridianIsRefused() {
    String wide =
        "{\"type\":\"Polygon\",\"coordinates\":[[[179.999,10],[-179.999,10],[-179.999,10.005],[179.999,10.005],[179.999,10]]]}";
    assertThat(farm.upload("/api/v1/exchange/fields", "w.geojson", utf8(wide)).text())
        .contains("one side of the 180° line");
  }

  /** What nobody's code answers is a problem too, in the same form as every refusal. */
  @ParameterizedTest
  @CsvSource({
    "/error,404",
    "/api/v1/season/%00,400",
    "/api/v1/nothing,404",
    "/api/v1/fields/not-an-id,400",
    "/api/v1/season;x=1,400"
  })
  void everyRefusalIsAProblem(String path, int status) {
    Caller.Answer answer = farm.get(path);
    assertThat(answer.status()).as(answer.text()).isEqualTo(status);
    assertThat(answer.json().path("detail").asString()).isNotBlank();
    assertThat(answer.json().path("status").asInt()).isEqualTo(status);
  }

  @Test
  void strangersAndBrokenRequestsAreAnsweredAsProblems() throws IOException {
    Caller stranger = farm.stranger();
    stranger.withToken = false;
    assertThat(stranger.get("/api/v1/season").json().path("detail").asString())
        .isEqualTo("sign in first");
    assertThat(
            stranger
                .post("/api/v1/session", Map.of("email", "a", "password", "b"))
                .json()
                .path("detail")
                .asString())
        .contains("token");
    URI at = URI.create(RunningServer.address());
    try (Socket socket = new Socket(at.getHost(), at.getPort())) {
      socket.setSoTimeout(10_000);
      socket
          .getOutputStream()
          .write(utf8("GET /a|{b HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n"));
      String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(answer)
          .startsWith("HTTP/1.1 400")
          .contains("application/problem+json")
          .contains("\"detail\"")
          .doesNotContain("<html");
    }
  }

  @Test
  void pagesSayWhatTheyMayLoadAndWhereFormsMayGo() throws Exception {
    var headers =
        java.net.http.HttpClient.newHttpClient()
            .send(
                java.net.http.HttpRequest.newBuilder(
                        URI.create(RunningServer.address() + "/api/v1/session"))
                    .build(),
                java.net.http.HttpResponse.BodyHandlers.discarding())
            .headers();
    assertThat(headers.firstValue("Content-Security-Policy").orElseThrow())
        .contains("base-uri 'none'")
        .contains("form-action 'self'");
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
