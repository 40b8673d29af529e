package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables as spreadsheets really write them, and what is none. */
@ExtendWith(RunningServer.class)
class FilesTakenTest {
  private static Caller farm;

  @BeforeAll
  static void aFarm() {
    farm = new Caller(RunningServer.address()).ownFarm();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"/api/v1/figures/file", "/api/v1/weather/import", "/api/v1/exchange/fields"})
  void whatIsNoTableIsRefusedInWords(String door) {
    byte[] workbook = {'P', 'K', 3, 4, 20, 0, 6, 0, 8, 0, 0, 0};
    byte[] quoted = "sheet,row,column,value\n\"a\"b,c,d,1\n\"open".getBytes(StandardCharsets.UTF_8);
    byte[] none = {(byte) 0xFF, 0, (byte) 0xFE, 0, 9};
    for (byte[] file : new byte[][] {workbook, quoted, none, {}, {10}}) {
      Caller.Answer answer = farm.upload(door, "t.csv", file);
      assertThat(answer.status()).as(answer.text()).isEqualTo(400);
      assertThat(answer.json().path("detail").asString()).isNotBlank().doesNotContain("broke");
    }
  }

  /** A table of older spreadsheets: é is one byte, which is no UTF-8. */
  @Test
  void windowsTablesAreRead() {
    Charset windows = Charset.forName("windows-1252");
    String wkt = "\"POLYGON((-97.01 40,-97 40,-97 40.0075,-97.01 40.0075,-97.01 40))\"";
    Caller.Answer read =
        farm.upload(
            "/api/v1/exchange/fields?save=true",
            "f.csv",
            ("name,wkt\nPré Haut," + wkt + "\n").getBytes(windows));
    assertThat(read.status()).as(read.text()).isEqualTo(200);
    assertThat(farm.get("/api/v1/fields").text()).contains("Pré Haut");
    byte[] figures = farm.bytes("/api/v1/figures/file");
    String changed =
        new String(figures, StandardCharsets.UTF_8).replaceFirst("(?m)^([^,\n]*),", "$1,");
    assertThat(farm.upload("/api/v1/figures/file", "f.csv", changed.getBytes(windows)).status())
        .isEqualTo(200);
  }

  @Test
  void whatIsNoCharacterIsShownAsAMark() {
    Caller.Answer answer = farm.get("/api/v1/order/file?format=%ED%A0%80");
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.text()).contains("a character that is none");
    assertThat(farm.post("/api/v1/farms", Map.of()).status()).isLessThan(500);
  }
}
