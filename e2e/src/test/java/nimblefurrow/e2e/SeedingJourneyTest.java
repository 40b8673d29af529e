package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Preparing the fall's seeding, in the order of the work. */
class SeedingJourneyTest {
  private Page page;

  @BeforeEach
  void onASeptemberDay() {
    page = App.planner(1280, 800);
    App.goTo(page, "Over the top in September");
  }

  @AfterEach
  void close() {
    page.context().close();
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private void field(String name) {
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Field")).fill(name);
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(name)).click();
  }

  private static double number(String text) {
    return Double.parseDouble(text.replaceAll("[^0-9.]", ""));
  }

  @Test
  void fromARotationsOpeningToAMixToTheOrder() {
    page.navigate(App.address() + "/fields");
    button("Change Heron Slough").click();
    Locator openings = page.getByLabel("Cover openings");
    assertThat(openings).containsText("After soybeans 2026");
    assertThat(openings).containsText("°F-days");
    assertThat(openings).containsText("Useful: ");
    assertThat(openings).containsText("A small grain off");
    openings.getByText("Choose a cover").click();
    assertThat(page.getByText("What to sow")).isVisible();
    page.getByText(Pattern.compile("Why not the other")).click();
    assertThat(page.locator(".advice .not")).containsText("must be sown by");
    Locator first = page.locator(".advice .ranked > li").first();
    String name = first.locator("b").first().textContent();
    first.getByText("Try this").click();
    Locator bench = page.getByLabel("Mix bench");
    assertThat(bench).containsText("live seeds per ft²");
    assertThat(bench).containsText("Shares");
    button("Make it the plan").click();
    assertThat(page.getByText(name + " is the plan for Heron Slough")).isVisible();
    Locator seed = page.getByLabel("Seed", new Page.GetByLabelOptions().setExact(true));
    String species = seed.locator("tbody tr").first().locator("td").first().textContent();
    double pounds = number(seed.locator("tbody tr").first().locator("td").nth(5).textContent());
    page.navigate(App.address() + "/order");
    Locator line =
        page.locator("tbody tr").filter(new Locator.FilterOptions().setHasText(species)).first();
    page.getByLabel("What " + species + " costs and why").click();
    String fields = page.locator("td.inside .each").first().textContent();
    assertThat(number(fields.replaceAll(".*Heron Slough ([0-9,]+).*", "$1")))
        .isCloseTo(pounds, within(1.0));
    double needed = number(line.locator("td").nth(1).textContent());
    double store = number(line.locator("td").nth(2).textContent());
    double lacking = number(line.locator("td").nth(3).textContent());
    assertThat(lacking).isCloseTo(Math.max(0, needed - store), within(1.5));
    page.navigate(App.address() + "/cover");
    field("Heron Slough");
    button("Leave this field out").click();
    assertThat(page.getByText("Heron Slough has no cover now.")).isVisible();
  }

  @Test
  void whileSomethingIsWorkedOutThePageSaysWhat() {
    Page waiting = App.planner(1280, 800);
    List<Route> held = new ArrayList<>();
    waiting.route("**/api/v1/flight/plans/**", held::add);
    waiting.waitForRequest(
        Pattern.compile(".*/api/v1/flight/plans/.*"),
        () -> waiting.navigate(App.address() + "/machines/flight"));
    assertThat(waiting.getByText(Pattern.compile("Working out the flight over [A-Z]"))).isVisible();
    waiting.waitForCondition(() -> !held.isEmpty());
    held.forEach(Route::resume);
    assertThat(waiting.getByText(Pattern.compile("[0-9]+ flights, [0-9.]+ h"))).isVisible();
    held.clear();
    waiting.route(Pattern.compile(".*/api/v1/dispatch.*"), held::add);
    waiting.navigate(App.address() + "/dispatch");
    assertThat(waiting.getByText("Working out windows and fit days of every field")).isVisible();
    assertThat(waiting.getByText(Pattern.compile("1 Jan"))).hasCount(0);
    held.forEach(Route::resume);
    assertThat(waiting.locator(".machine").first()).isVisible();
    waiting.context().close();
  }

  @Test
  void aCatchTestOnThePhone() {
    Page phone = App.planner(390, 844);
    phone.navigate(App.address() + "/machines/calibrate");
    phone.getByLabel("Target, bulk").fill("60");
    phone.getByLabel("Setting", new Page.GetByLabelOptions().setExact(true)).fill("44");
    phone.getByLabel("Caught", new Page.GetByLabelOptions().setExact(true)).fill("620");
    phone.getByLabel("Outlets caught").fill("8");
    assertThat(phone.locator(".answer")).containsText("59.5 lb/ac");
    assertThat(phone.locator(".answer")).containsText("within 5 %: good");
    Locator keep =
        phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep this test"));
    assertThat(keep.boundingBox().height).isGreaterThanOrEqualTo(44);
    phone.reload();
    assertThat(phone.getByLabel("Setting", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("44");
    keep.click();
    assertThat(phone.getByText("Kept. The next setting follows")).isVisible();
    // Catches of 51.9, 67.7 and 59.5 lb/ac at 38, 48 and 44: their line asks for 43.5 to lay 60.
    assertThat(phone.locator(".next")).containsText("43.");
    assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
        .as("nothing sticks out sideways")
        .isLessThanOrEqualTo(390);
    phone.getByLabel("Caught", new Page.GetByLabelOptions().setExact(true)).fill("-5");
    assertThat(phone.getByRole(AriaRole.ALERT)).containsText("caught seed is more than 0");
    phone.context().close();
  }

  @Test
  void aPanTestOffersTheWidestSwath() {
    page.navigate(App.address() + "/machines/calibrate");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Pans")).click();
    page.getByLabel("Grams in the pans, left to right").first().fill("1 3 5 7 9 9 7 5 3 1");
    assertThat(page.getByText(Pattern.compile("Widest swath that is even enough"))).isVisible();
    assertThat(page.locator(".big")).containsText(Pattern.compile("[0-9.]+ ft"));
    page.getByLabel("Grams in the pans, left to right").first().fill("1 3");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("5–200 pans, got 2");
  }

  @Test
  void aDroneJobIsPlannedFlownAndLogged() {
    page.navigate(App.address() + "/machines/flight");
    field("Upper Creek");
    Locator plan =
        page.getByRole(
            AriaRole.IMG,
            new Page.GetByRoleOptions().setName(Pattern.compile("lines over Upper Creek in")));
    assertThat(plan).isVisible();
    page.getByLabel("Direction").fill("400");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("direction is 0–360");
    page.getByLabel("Direction").fill("");
    assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    assertThat(page.locator("h2").first())
        .containsText(Pattern.compile("[Cc]ereal rye: [0-9]+ flights"));
    assertThat(page.getByText("local aviation authority")).isVisible();
    Download kml =
        page.waitForDownload(
            () -> page.getByText("KML", new Page.GetByTextOptions().setExact(true)).click());
    assertThat(kml.suggestedFilename()).isEqualTo("flight-plan.kml");
    fly("an hour in a second");
    button("Start the flight").click();
    assertThat(page.locator(".live")).containsText(Pattern.compile("Flight [0-9]+ of [0-9]+"));
    button("Pause").click();
    assertThat(page.locator(".live")).containsText("Paused");
    button("Go on").click();
    assertThat(page.locator(".live"))
        .containsText("Landed", new LocatorAssertions.ContainsTextOptions().setTimeout(600_000));
    button("Write it in the logbook").click();
    page.getByText("See what was laid where").click();
    Locator map = page.getByRole(AriaRole.DIALOG);
    assertThat(map).containsText("Upper Creek: what was laid where");
    assertThat(map).containsText(Pattern.compile("skipped [0-9.]+ %"));
    assertThat(map.locator("rect").first()).isVisible();
    map.getByText("Close").click();
    button("Correct Upper Creek, sown").first().click();
    button("It never happened").click();
    assertThat(page.getByText("taken out as a mistake")).isVisible();
    assertThat(page.locator("li").filter(new Locator.FilterOptions().setHasText("Flown in")))
        .hasCount(0);
  }

  /** Chooses how fast the stand-in flies; a menu that a busy machine laid anew is opened again. */
  private void fly(String fast) {
    Locator chosen =
        page.locator(".v-select__selection-text")
            .filter(new Locator.FilterOptions().setHasText(fast));
    choose("60 times faster", fast);
    try {
      assertThat(chosen).isVisible();
    } catch (AssertionError menuLaidAnew) {
      choose("60 times faster", fast);
      assertThat(chosen).isVisible();
    }
  }

  private void choose(String from, String to) {
    page.getByText(from).first().click();
    // The menu moves while a busy machine lays it out: the option itself is clicked, not its place.
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(to)).dispatchEvent("click");
  }

  @Test
  void airplaneAgainstCombineSeederByLoadsAndPrice() {
    page.navigate(App.address() + "/machines/loads");
    field("Long Half");
    Locator plane = row("Meadowlark Air");
    Locator combine = row("30 ft combine seeder");
    assertThat(plane).containsText("airplane over the standing crop");
    double planeLoads = number(plane.locator("td").nth(4).textContent());
    double combineLoads = number(combine.locator("td").nth(4).textContent());
    assertThat(planeLoads).isLessThan(combineLoads);
    for (Locator way : new Locator[] {plane, combine}) {
      double seed = number(way.locator("td").nth(6).textContent());
      double pass = number(way.locator("td").nth(7).textContent());
      assertThat(number(way.locator("td").nth(8).textContent()))
          .isCloseTo(seed + pass, within(0.02));
    }
    assertThat(page.getByText("cheapest by what comes up")).hasCount(1);
    combine.getByRole(AriaRole.BUTTON).click();
    assertThat(page.getByText(Pattern.compile("Fill the seed box at every"))).isVisible();
    Locator pace = page.locator("dd").nth(0);
    String before = pace.textContent();
    page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Hopper")).fill("60");
    assertThat(pace).not().hasText(before);
    page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Hopper")).fill("-3");
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("hopper is 0–2000 ft³, got -3");
  }

  private Locator row(String machine) {
    return page.locator("table.ways tbody tr")
        .filter(new Locator.FilterOptions().setHasText(machine));
  }

  @Test
  void aWorkOrderReadBackFromItsPage() throws IOException {
    page.navigate(App.address() + "/machines/loads");
    field("Lower Creek");
    Locator heading = page.locator("h2").filter(new Locator.FilterOptions().setHasText(" lb"));
    assertThat(heading).containsText("Juniper Drone Crew");
    String hours = heading.textContent();
    Download pdf = page.waitForDownload(() -> page.getByText("Work order (PDF)").click());
    try (var document = Loader.loadPDF(pdf.path().toFile())) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      String text = new PDFTextStripper().getText(document);
      String pounds = hours.replaceAll(".* ([0-9,]+) lb.*", "$1");
      assertThat(text)
          .contains("Lower Creek")
          .contains("Juniper Drone Crew")
          .contains("Loads: " + pounds + " lb in all")
          .contains("Rye A-26")
          .contains("aviation authority")
          .contains("Licence or certificate");
    }
  }

  @Test
  void theMapShowsHazardsAndTakesAMark() {
    page.navigate(App.address() + "/fields?view=map");
    assertThat(page.locator(".map canvas").first()).isVisible();
    assertThat(page.locator(".key")).containsText("soybeans");
    assertThat(page.locator(".key")).containsText("corn");
    button("Draw and mark").click();
    page.getByLabel("Longitude").fill("-97.05");
    page.getByLabel("Latitude").fill("39.99");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Test pole");
    button("Mark this point").click();
    assertThat(page.getByText("Marked.")).isVisible();
    page.getByText(Pattern.compile("[0-9]+ marks")).click();
    assertThat(page.getByText("Test pole")).isVisible();
    button("Take Test pole off the map").click();
    assertThat(page.getByText("Taken off the map.")).isVisible();
    field("Barn Eighty");
    Locator told = page.getByRole(AriaRole.COMPLEMENTARY);
    assertThat(told).containsText("Soybeans");
    assertThat(told).containsText("67.9 ac");
    assertThat(told).containsText("Gate on Church lane");
  }

  @Test
  void aCoverIsCutForForageAndRyeFollows() {
    page.navigate(App.address() + "/cover");
    field("Gravel Forty");
    assertThat(page.locator(".about")).containsText("cut for forage about 22 Sep");
    button("after forage cut").click();
    assertThat(page.locator(".about")).containsText("Forage cut, about 22 Sep");
    Locator window = page.getByLabel("Window", new Page.GetByLabelOptions().setExact(true));
    assertThat(window).containsText("Opens22 Sep");
    page.getByText("Expected stand by way in").click();
    assertThat(page.getByLabel("Mix bench")).containsText("broadcast and shallow tillage");
    assertThat(page.getByLabel("Mix bench"))
        .not()
        .containsText(Pattern.compile("seeder on the combine"));
    page.navigate(App.address() + "/fields");
    button("Change Gravel Forty").click();
    Locator chain = page.getByLabel("Chain", new Page.GetByLabelOptions().setExact(true));
    assertThat(chain).containsText("Forage cut");
    chain.getByText("Take out").nth(2).click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("take that cover out first");
  }

  @Test
  void discPassesAndSlurryAreJobsOfTheirOwn() {
    page.navigate(App.address() + "/cover");
    field("Heron Slough");
    page.getByText("Slurry over the sown ground").click();
    App.choose(
        page,
        page.getByLabel("Way in", new Page.GetByLabelOptions().setExact(true)).first(),
        "Hand spreader and disc passes");
    assertThat(page.getByText("Shallow disc passes").last()).isVisible();
    Locator bench = page.getByLabel("Mix bench");
    assertThat(bench).containsText("shallow disc pass 2, 5–10 days after");
    assertThat(bench).containsText("slurry over the sown ground, 0–21 days after");
    button("Make it the plan").click();
    assertThat(page.getByText("is the plan for Heron Slough")).isVisible();
    page.navigate(App.address() + "/dispatch");
    assertThat(page.getByText("shallow disc pass").first()).isVisible();
    page.navigate(App.address() + "/cover");
    field("Heron Slough");
    button("Leave this field out").click();
    assertThat(page.getByText("Heron Slough has no cover now.")).isVisible();
  }

  @Test
  void withTheKeyboardAlone() {
    page.navigate(App.address() + "/machines/loads");
    field("Long Half");
    assertThat(row("30 ft combine seeder")).isVisible();
    tabTo("30 ft combine seeder");
    page.keyboard().press("Enter");
    Locator heading = page.locator("h2").filter(new Locator.FilterOptions().setHasText(" lb"));
    assertThat(heading).containsText("30 ft combine seeder");
    page.navigate(App.address() + "/machines/calibrate");
    assertThat(page.locator(".next")).isVisible();
    tabTo("Speed");
    page.keyboard().press("Enter");
    assertThat(page.getByText("stay between")).isVisible();
  }

  /** Presses Tab until the control with these words has the focus. */
  private void tabTo(String words) {
    for (int i = 0; i < 80; i++) {
      page.keyboard().press("Tab");
      Object text =
          page.evaluate("document.activeElement.tagName + ':' + document.activeElement.innerText");
      if (String.valueOf(text).startsWith("BUTTON:" + words)) {
        return;
      }
    }
    throw new AssertionError("no Tab leads to " + words);
  }
}
