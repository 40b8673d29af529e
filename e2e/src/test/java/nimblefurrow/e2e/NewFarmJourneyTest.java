package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an empty farm to a sheet full of covers: by a file, by one paste, and by looking first. */
class NewFarmJourneyTest {
  private final Page page = App.window(1280, 800);
  private int acts;

  private void click(Locator what) {
    what.click();
    acts++;
  }

  private void fill(String label, String text) {
    page.getByLabel(label).fill(text);
    acts++;
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private Locator steps() {
    return page.getByLabel("First steps");
  }

  private Locator cell(String field, int year) {
    return page.getByLabel(
        "%s, harvest %d".formatted(field, year), new Page.GetByLabelOptions().setExact(true));
  }

  private void paste(Locator into, String text) {
    into.focus();
    into.evaluate(
        "(e, text) => { const data = new DataTransfer(); data.setData('text', text);"
            + " e.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true,"
            + " cancelable: true })) }",
        text);
    acts++;
  }

  private void go(String view) {
    click(page.getByRole(AriaRole.NAVIGATION).getByText(view));
  }

  private void start(String farm) {
    page.navigate(App.address() + "/sign-in");
    click(button("^Start a new farm$"));
    fill("Farm name", farm);
    fill("Latitude", "40.03");
    fill("Longitude", "-97.3");
    fill("Your name", "Ada Marsh");
    fill("E-mail", UUID.randomUUID() + "@farm.example");
    fill("Password", "a long enough one");
    click(button("^Start the farm$"));
  }

  private void bring(FilePayload file, int fields) {
    go("Season");
    click(steps().getByText("Bring fields"));
    click(button("^Bring fields$").first());
    page.locator("input[type=file]").setInputFiles(file);
    acts++;
    click(button("^Keep " + fields + " fields$"));
    assertThat(page.getByText(fields + " fields,")).isVisible();
  }

  private void rotate(int fields) {
    for (String crop : new String[] {"Corn", "Soybeans", "Winter wheat"}) {
      App.choose(page, page.getByLabel("Next crop").first(), crop);
      acts += 2;
    }
    click(button("^Lay over " + fields + " fields$"));
  }

  private void fillTheYard() {
    go("Season");
    click(steps().getByText("Fill the yard"));
    for (String machine : new String[] {"30 ft drill", "90 ft sprayer"}) {
      click(page.getByRole(AriaRole.DIALOG).getByText(machine));
    }
    click(button("^Add 2 machines$"));
    assertThat(page.getByLabel("Machines and crews")).containsText("12.7 ac/h");
  }

  private void coverAll(int fields) {
    page.navigate(App.address() + "/cover/many");
    acts++;
    assertThat(page.locator("p.answer")).containsText("of " + fields + " fields");
    click(button("^Keep for " + fields + " fields$"));
    assertThat(page.getByText(fields + " fields have their cover.")).isVisible();
    go("Season");
    assertThat(page.getByText(fields + " fields").first()).isVisible();
  }

  /** The sheet as it opens anew; nothing is lacking, told by the server and not by its silence. */
  private void nothingIsLacking() {
    page.waitForResponse("**/api/v1/first-steps", () -> page.navigate(App.address()));
    assertThat(page.locator(".lane-head").first()).isVisible();
    assertThat(steps()).isHidden();
  }

  @Test
  void fiveFieldsAreOnTheSheetInUnderSixtyActs() throws IOException {
    start("Ten Minute Farm");
    page.locator("input[type=file]").setInputFiles(Path.of("../samples/weather-26-years.csv"));
    acts++;
    click(button("^Use this weather$"));
    assertThat(page.getByText("Every window is worked out anew from it.")).isVisible();
    bring(
        new FilePayload(
            "five-fields.geojson",
            "application/json",
            Files.readAllBytes(Path.of("../samples/five-fields.geojson"))),
        5);
    click(button("^Crops$"));
    assertThat(page.locator("tr").filter(new Locator.FilterOptions().setHasText("Kiln Bottom")))
        .containsText("corn 9 May, 107");
    rotate(5);
    assertThat(cell("Kiln Bottom", 2027)).hasValue(Pattern.compile("soybeans 12 May, 3"));
    assertThat(cell("Kiln Bottom", 2028)).hasValue("wheat 5 Oct");
    click(button("^Keep 10 crops$"));
    assertThat(page.getByText("10 crops are kept.")).isVisible();
    fillTheYard();
    coverAll(5);
    nothingIsLacking();
    assertThat(page.locator(".lane-head")).hasCount(5);
    assertThat(page.locator(".lane-head").first())
        .containsText(Pattern.compile("(sow by|opens about) \\d+ (Sep|Oct)"));
    assertThat(acts).as("acts of a hand").isLessThan(60);
  }

  /** Sixty squares of forty acres, ten to a row. */
  private static String sixty() {
    StringBuilder features = new StringBuilder();
    for (int i = 1; i <= 60; i++) {
      double west = -97.4 + (i - 1) % 10 * 0.006;
      double south = 40 + (i - 1) / 10 * 0.005;
      features.append(
          """
          %s{"type":"Feature","properties":{"name":"Field %02d"},"geometry":{"type":"Polygon",
          "coordinates":[[[%3$s,%4$s],[%5$s,%4$s],[%5$s,%6$s],[%3$s,%6$s],[%3$s,%4$s]]]}}"""
              .formatted(i == 1 ? "" : ",", i, west, south, west + 0.0046, south + 0.0036));
    }
    return "{\"type\":\"FeatureCollection\",\"features\":[" + features + "]}";
  }

  @Test
  void sixtyFieldsGetTheirCropsByOnePaste() {
    start("Sixty Field Farm");
    click(button("simulated station"));
    bring(new FilePayload("sixty.geojson", "application/json", sixty().getBytes(UTF_8)), 60);
    click(button("^Crops$"));
    StringBuilder crops = new StringBuilder("Nowhere, corn");
    for (int i = 1; i <= 60; i++) {
      crops.append(
          i % 2 == 1
              ? "\nField %02d, corn, 5/9, 107".formatted(i)
              : "\nField %02d, soybeans, 5/14, 2.8".formatted(i));
    }
    paste(cell("Field 01", 2026), crops.toString());
    assertThat(page.getByText("no field is called “Nowhere”")).isVisible();
    assertThat(cell("Field 01", 2026)).hasValue("corn 9 May, 107");
    assertThat(cell("Field 60", 2026)).hasValue("soybeans 14 May, 2.8");
    click(button("^Keep 60 crops$"));
    assertThat(page.getByText("60 crops are kept.")).isVisible();
    rotate(60);
    click(button("^Keep 120 crops$"));
    assertThat(page.getByText("120 crops are kept.")).isVisible();
    fillTheYard();
    coverAll(60);
    nothingIsLacking();
    assertThat(acts).as("acts of a hand").isLessThan(60);
  }

  @Test
  void aNewcomerLooksAtTheDemoAndComesBack() {
    start("Curious Farm");
    go("Season");
    click(button("^Look at the demo first$"));
    assertThat(page.getByText("28 fields").first()).isVisible();
    assertThat(page.locator(".lane-head").first()).isVisible();
    click(button("^Back to my farm$"));
    assertThat(steps()).containsText("boundaries from a file");
  }

  @Test
  void workIsCorrectedAndWrittenForFurtherFields() throws IOException {
    start("Three Field Farm");
    click(button("simulated station"));
    bring(
        new FilePayload(
            "five-fields.geojson",
            "application/json",
            Files.readAllBytes(Path.of("../samples/five-fields.geojson"))),
        5);
    coverAll(5);
    go("Logbook");
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Field")).fill("Kiln");
    click(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Kiln Bottom")));
    fill("Area done", "50");
    fill("Seed used", "4000");
    click(button("^Save$"));
    assertThat(page.getByText("Saved.")).isVisible();
    Locator kept = page.locator(".day li");
    assertThat(kept).containsText("80.0 lb/ac");

    click(button("^Correct Kiln Bottom, sown$"));
    fill("Seed used", "4500");
    fill("Why", "scale ticket");
    click(button("^Save the correction$"));
    assertThat(kept).containsText("90.0 lb/ac");

    click(button("^The same again: Kiln Bottom, sown$"));
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    for (String field : new String[] {"Marl Corner", "Long Sedge"}) {
      page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Fields")).fill(field);
      click(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(field)));
    }
    click(dialog.getByText("Write it down"));
    assertThat(dialog).isHidden();
    assertThat(kept).hasCount(3);
    assertThat(page.getByText(Pattern.compile("90.0 lb/ac"))).hasCount(3);
    page.getByLabel("Find an entry").first().fill("Sedge");
    assertThat(kept).hasCount(1);
  }
}
