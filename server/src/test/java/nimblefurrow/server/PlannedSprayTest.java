package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.demo.DemoFarm;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A label is read once: hours, work order and day sheet go by the product that is planned. */
@ExtendWith(RunningServer.class)
class PlannedSprayTest {
  private static Caller planner;
  private static JsonNode field;

  @BeforeAll
  static void aSpring() {
    RunningServer.bean(DemoFarm.class)
        .build("Spray Farm", "spray@spray.example", "sprayop@spray.example", 28);
    planner = new Caller(RunningServer.address()).signIn("spray@spray.example", DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2027-04-12"));
    for (JsonNode one : hours("").path("fields")) {
      field = one.path("chosen").asBoolean() && field == null ? one : field;
    }
    assertThat(field).as("a field that is to be sprayed").isNotNull();
  }

  private static JsonNode hours(String more) {
    return planner.get("/api/v1/termination/hours?work=SPRAY" + more).json();
  }

  private static String product(String name, String kind, Double rainFree, Integer reEntry) {
    UUID id = UUID.randomUUID();
    Map<String, Object> form = new HashMap<>();
    form.put("id", id);
    form.put("name", name);
    form.put("active", "glufosinate");
    form.put("kind", kind);
    form.put("rainFreeHours", rainFree);
    form.put("reEntryHours", reEntry);
    assertThat(planner.post("/api/v1/sprays/products", form).status()).isEqualTo(200);
    return id.toString();
  }

  private static JsonNode own(JsonNode told) {
    for (JsonNode one : told.path("fields")) {
      if (one.path("fieldId").equals(field.path("fieldId"))) {
        return one;
      }
    }
    throw new AssertionError("the field is gone");
  }

  private static int open(JsonNode told) {
    int open = 0;
    for (JsonNode hour : told.path("grounds").get(own(told).path("ground").asInt())) {
      open += hour.path("chance").asInt();
    }
    return open;
  }

  private static void plan(String product, String partner) {
    Map<String, Object> form = new HashMap<>();
    form.put("product", product);
    form.put("partner", partner);
    String door = "/api/v1/sprays/fields/" + field.path("fieldId").asString() + "/planned";
    Caller.Answer kept = planner.put(door, form);
    assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    assertThat(planner.get(door).json()).isEqualTo(kept.json());
  }

  @Test
  void hoursWorkOrderAndSheetGoByTheLabel() throws Exception {
    assertThat(own(hours("")).has("product")).isFalse();
    String contact = product("Shortstay", "CONTACT", 1.0, 4);
    String lasting = product("Longstay", "CONTACT", 72.0, 48);
    plan(contact, null);
    JsonNode brief = hours("");
    assertThat(own(brief).path("product").asString()).isEqualTo("Shortstay");
    assertThat(own(brief).path("rainFree").asDouble()).isEqualTo(1);
    assertThat(brief.has("kind")).isFalse();
    assertThat(open(brief))
        .as("as typed by hand")
        .isEqualTo(open(hours("&kind=CONTACT&rainFree=1")));
    plan(contact, lasting);
    JsonNode together = hours("");
    assertThat(own(together).path("product").asString()).isEqualTo("Shortstay, with Longstay");
    assertThat(own(together).path("rainFree").asDouble()).isEqualTo(72);
    assertThat(open(together))
        .isLessThan(open(brief))
        .isEqualTo(open(hours("&kind=CONTACT&rainFree=72")));
    assertThat(planner.get("/api/v1/termination/hours?work=SPRAY&rainFree=72").status())
        .isEqualTo(200);
    assertThat(planner.get("/api/v1/termination/hours?work=SPRAY&rainFree=73").status())
        .isEqualTo(400);
    String paper =
        paper(
            "/api/v1/work-orders/terminations/"
                + field.path("fieldId").asString()
                + "?termination=EARLY_SPRAY");
    assertThat(paper)
        .contains("Shortstay, with Longstay")
        .contains("72 h without rain")
        .contains("nobody enters the field for 48 h");
    plan(product("Unread", "SYSTEMIC", null, null), null);
    assertThat(
            paper(
                "/api/v1/work-orders/terminations/"
                    + field.path("fieldId").asString()
                    + "?termination=EARLY_SPRAY"))
        .contains("still to be read off the label");
    sheetSaysIt(contact);
  }

  private static void sheetSaysIt(String product) {
    plan(product, null);
    JsonNode board = Plans.board(planner);
    for (JsonNode job : board.path("jobs")) {
      if (job.path("fieldId").equals(field.path("fieldId"))
          && job.path("id").path("operation").asString().equals("SPRAY")
          && job.has("place")) {
        String day = job.path("place").path("days").get(0).path("day").asString();
        assertThat(planner.get("/api/v1/dispatch/sheet?day=" + day).text())
            .contains("\"spray\":{\"words\":\"Shortstay\",\"rainFree\":1.0,\"reEntry\":4}");
        return;
      }
    }
    throw new AssertionError("the spray has no place");
  }

  private static String paper(String path) throws Exception {
    try (PDDocument document = Loader.loadPDF(planner.bytes(path))) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }
}
