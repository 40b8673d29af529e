package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.linuxense.javadbf.DBFDataType;
import com.linuxense.javadbf.DBFField;
import com.linuxense.javadbf.DBFWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Fields drawn, cut, joined, left out and brought in as shapefiles. */
@ExtendWith(RunningServer.class)
class LandTest {
  private static Caller farm;
  private static String field;

  @BeforeAll
  static void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
    field = TestFarm.field(farm, "Wide Eighty");
  }

  private static String polygon(double... lonLat) {
    StringBuilder ring = new StringBuilder("{\"type\":\"Polygon\",\"coordinates\":[[");
    for (int i = 0; i < lonLat.length; i += 2) {
      ring.append('[').append(lonLat[i]).append(',').append(lonLat[i + 1]).append("],");
    }
    return ring.append('[')
        .append(lonLat[0])
        .append(',')
        .append(lonLat[1])
        .append("]]]}")
        .toString();
  }

  private static double acres(String id) {
    return farm.get("/api/v1/fields/" + id).json().path("field").path("acres").asDouble();
  }

  @Test
  void splitJoinHoleAndUndoKeepTheAcres() {
    double whole = acres(field);
    String line = "{\"type\":\"LineString\",\"coordinates\":[[-97.02,40.002],[-96.99,40.002]]}";
    JsonNode parts =
        farm.post("/api/v1/land/" + field + "/split", Map.of("line", line, "name", "South strip"))
            .json();
    String other = parts.get(1).path("id").asString();
    assertThat(acres(field) + acres(other)).isCloseTo(whole, within(1e-4));
    assertThat(farm.get("/api/v1/fields/" + other).json().path("chain"))
        .as("crops go with it")
        .hasSize(2);
    JsonNode joined = farm.post("/api/v1/land/" + field + "/join", Map.of("other", other)).json();
    assertThat(joined.path("acres").asDouble()).isCloseTo(whole, within(0.05));
    assertThat(farm.get("/api/v1/fields").text()).doesNotContain("South strip");
    assertThat(farm.get("/api/v1/land").json().path("undo").asString())
        .startsWith("join South strip");
    farm.post("/api/v1/land/undo", null);
    assertThat(farm.get("/api/v1/fields").text()).contains("South strip");
    farm.post("/api/v1/land/undo", null);
    assertThat(farm.get("/api/v1/fields").text()).doesNotContain("South strip");
    assertThat(acres(field)).isCloseTo(whole, within(1e-4));
    String pond = polygon(-97.006, 40.003, -97.005, 40.003, -97.005, 40.004, -97.006, 40.004);
    double holed =
        farm.post("/api/v1/land/" + field + "/hole", Map.of("shape", pond))
            .json()
            .path("acres")
            .asDouble();
    assertThat(whole - holed).isBetween(2.2, 2.5);
    farm.post("/api/v1/land/undo", null);
    assertThat(acres(field)).isCloseTo(whole, within(1e-4));
  }

  @Test
  void aShapeThatCannotBeIsRefusedAndNothingIsKept() {
    String crossing = polygon(-97.05, 40, -97.04, 40.01, -97.04, 40, -97.05, 40.01);
    Caller.Answer refused = farm.post("/api/v1/land", Map.of("name", "Bow tie", "shape", crossing));
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.text()).contains("“Bow tie” crosses itself near");
    String nothing = polygon(-97.05, 40, -97.05, 40.00001, -97.04999, 40.00001);
    assertThat(farm.post("/api/v1/land", Map.of("name", "Sliver", "shape", nothing)).text())
        .contains("a field is 0.05 ac to 50,000 ac");
    assertThat(farm.post("/api/v1/land", Map.of("name", "Junk", "shape", "{]")).text())
        .contains("cannot be read");
    assertThat(farm.get("/api/v1/fields").text())
        .doesNotContain("Bow tie")
        .doesNotContain("Sliver");
    assertThat(
            farm.post(
                    "/api/v1/marks",
                    Map.of(
                        "kind",
                        "WIRE",
                        "keepAwayFt",
                        -2,
                        "shape",
                        "{\"type\":\"Point\",\"coordinates\":[-97,40]}"))
                .text())
        .contains("distance from the hazard is 0–5000 ft");
  }

  @Test
  void aFieldLeftOutHasNoCoverAndSaysWhy() {
    String out = TestFarm.field(farm, "Left Forty");
    farm.put(
        "/api/v1/cover/" + out,
        Map.of("cover", TestFarm.cover("DRILL", "EARLY_SPRAY", "cereal-rye", 1)));
    int season =
        farm.get("/api/v1/fields/" + out)
                .json()
                .path("chain")
                .get(0)
                .path("starts")
                .asString()
                .startsWith("20")
            ? Integer.parseInt(
                farm.get("/api/v1/fields/" + out)
                    .json()
                    .path("chain")
                    .get(0)
                    .path("starts")
                    .asString()
                    .substring(0, 4))
            : 0;
    assertThat(farm.get("/api/v1/order").text()).contains("Left Forty");
    farm.put(
        "/api/v1/fields/" + out + "/left-out", Map.of("season", season, "reason", "drainage work"));
    assertThat(farm.get("/api/v1/fields/" + out).text()).contains("drainage work");
    assertThat(farm.get("/api/v1/order").text()).doesNotContain("Left Forty");
    farm.put("/api/v1/fields/" + out + "/left-out", Map.of());
    assertThat(farm.get("/api/v1/order").text()).contains("Left Forty");
  }

  private static byte[] zip(Map<String, byte[]> files) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (var file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return bytes.toByteArray();
  }

  /** A shapefile of one square, clockwise as shapefiles want it. */
  private static byte[] shp() {
    double[][] ring = {
      {-97.03, 40.02}, {-97.03, 40.027}, {-97.02, 40.027}, {-97.02, 40.02}, {-97.03, 40.02}
    };
    int content = 4 + 32 + 8 + 4 + ring.length * 16;
    ByteBuffer out = ByteBuffer.allocate(100 + 8 + content);
    out.putInt(0, 9994);
    out.position(100);
    out.putInt(1).putInt(content / 2);
    out.order(ByteOrder.LITTLE_ENDIAN).putInt(5);
    out.putDouble(-97.03).putDouble(40.02).putDouble(-97.02).putDouble(40.027);
    out.putInt(1).putInt(ring.length).putInt(0);
    for (double[] p : ring) {
      out.putDouble(p[0]).putDouble(p[1]);
    }
    return out.array();
  }

  private static byte[] dbf(String name) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    DBFWriter writer = new DBFWriter(bytes, StandardCharsets.UTF_8);
    DBFField column = new DBFField("FIELD_NAME", DBFDataType.CHARACTER, 40);
    writer.setFields(new DBFField[] {column});
    writer.addRecord(new Object[] {name});
    writer.close();
    return bytes.toByteArray();
  }

  @Test
  void aZippedShapefileComesInWithItsNames() throws IOException {
    byte[] zip = zip(Map.of("land/a.shp", shp(), "land/a.dbf", dbf("Shape Eighty")));
    Caller.Answer preview = farm.upload("/api/v1/exchange/fields?save=true", "land.zip", zip);
    assertThat(preview.status()).as(preview.text()).isEqualTo(200);
    assertThat(preview.json().path("fields").get(0).path("name").asString())
        .isEqualTo("Shape Eighty");
    assertThat(preview.json().path("fields").get(0).path("acres").asDouble())
        .isBetween(160.0, 170.0);
  }

  @Test
  void aZipThatCannotBeIsRefusedInWords() throws IOException {
    byte[] bomb = zip(Map.of("a.shp", new byte[60 * 1024 * 1024]));
    assertThat(bomb.length).as("small until unpacked").isLessThan(200_000);
    refused(bomb, "unpacked this zip is larger than 48 MB");
    refused(zip(Map.of("a.txt", new byte[] {1})), "there is no .shp in this zip");
    refused(zip(Map.of("a.shp", new byte[] {1, 2, 3})), "is no shapefile");
    byte[] half = java.util.Arrays.copyOf(shp(), 160);
    refused(zip(Map.of("a.shp", half)), "damaged");
    refused(
        zip(Map.of("a.shp", shp(), "a.prj", "PROJCS[\"UTM\"]".getBytes())),
        "this shapefile is in a projection");
  }

  @Test
  void aFileOfFortyMegabytesIsRefused() {
    Caller.Answer refused =
        farm.upload("/api/v1/exchange/fields", "big.zip", new byte[40 * 1024 * 1024]);
    assertThat(refused.status()).isEqualTo(413);
    assertThat(refused.text()).contains("larger than 12 MB");
  }

  private static void refused(byte[] zip, String said) {
    Caller.Answer answer = farm.upload("/api/v1/exchange/fields", "land.zip", zip);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text()).contains(said);
  }
}
