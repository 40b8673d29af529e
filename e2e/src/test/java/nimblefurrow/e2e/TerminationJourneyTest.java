package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A spring day on the sheet of endings: what closes, which way pays, another way chosen. */
class TerminationJourneyTest {
  private final Page page = App.window(1280, 800);

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private void aSampleOn(String day) {
    App.sample(page, day);
    page.navigate(App.address() + "/termination");
    assertThat(page.locator(".ending .says")).containsText("covers live");
  }

  private Locator row(String field) {
    return page.locator(".sheet .row")
        .filter(
            new Locator.FilterOptions()
                .setHas(page.getByText(field, new Page.GetByTextOptions().setExact(true))));
  }

  @Test
  void anApprilDayIsReadAndDecided() {
    aSampleOn("2027-04-20");
    assertThat(page.locator(".ending .says"))
        .containsText(Pattern.compile("close within ten days"));
    Locator strip = row("Ferry Road").getByRole(AriaRole.SLIDER);
    strip.focus();
    for (int i = 0; i < 20; i++) {
      page.keyboard().press("ArrowRight");
    }
    assertThat(page.locator(".reading")).containsText("Mon 10 May 2027 · Ferry Road");
    assertThat(strip).hasAttribute("aria-valuetext", Pattern.compile("roll and crimp \\d+ %"));

    button("^Ferry Road$").click();
    Locator trade = page.getByLabel("What each way nets");
    assertThat(trade.locator(".says")).containsText(Pattern.compile("best \\d+ (Apr|May)"));
    assertThat(trade.locator(".ways li").first()).containsText("nets most");
    // Corn comes here: a spray now nets more than planting green into living rye.
    assertThat(trade.locator(".ways li").first()).containsText("spray early");
    trade
        .locator(".ways button")
        .filter(new Locator.FilterOptions().setHasText("plant green, spray"))
        .click();
    assertThat(trade.locator(".apart h3"))
        .containsText(Pattern.compile("lant green, spray at planting on \\d+ May"));
    assertThat(trade.locator(".apart")).containsText("plants lost to the mat");
    assertThat(trade.locator(".says")).containsText("The middle to avoid");
    assertThat(Boxes.faults(page)).isEmpty();

    // Corn into living rye goes short of nitrogen: the part says so.
    assertThat(
            trade.locator(".apart tr").filter(new Locator.FilterOptions().setHasText("live grass")))
        .containsText("−$");
    assertThat(trade.locator(".ways li").nth(1)).containsText("choosing it costs");

    Locator every = page.getByLabel("Every way by itself");
    assertThat(every.locator("tr.chosen")).containsText("early spray");
    assertThat(every.locator("tbody tr")).not().hasCount(0);
    every.getByLabel("End it so: plant green, spray at planting").click();
    assertThat(row("Ferry Road")).containsText(Pattern.compile("May – \\d+ May, kill"));
  }

  @Test
  void thePagesOfOneFieldAreWholeAndReadable() {
    aSampleOn("2027-04-20");
    String field =
        (String)
            page.evaluate(
                "async () => (await (await fetch('/api/v1/termination')).json())"
                    + ".rows.find(r => r.field === 'Silo Forty').fieldId");
    List<String> faults = new ArrayList<>();
    int looked = 0;
    for (int width : new int[] {1280, 390}) {
      page.setViewportSize(width, width == 390 ? 844 : 800);
      for (String path : List.of("/termination/plan/", "/termination/spray/", "/growth/")) {
        page.navigate(App.address() + path + field);
        page.locator("h1").waitFor();
        page.locator(".page .answer, .page .says").first().waitFor();
        page.locator(".waiting.on")
            .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
        String at = path + width + ": ";
        Boxes.faults(page).forEach(f -> faults.add(at + f));
        Axe.serious(page).forEach(f -> faults.add(at + f));
        looked++;
      }
    }
    assertThat(looked).isEqualTo(6);
    assertThat(String.join(" ;; ", faults)).isEmpty();
  }

  @Test
  void severalFieldsAreEndedByOneWayAndOrganicOnesRefuse() {
    aSampleOn("2027-05-14");
    assertThat(row("Orchard Organic")).containsText("organic");
    page.getByLabel("Pick Orchard Organic").check();
    page.getByLabel("Pick North Quarter").check();
    Locator pick = page.locator(".tools .v-select");
    assertThat(page.getByText("2 picked:")).isVisible();
    pick.locator("input").dispatchEvent("mousedown");
    page.locator(".v-list-item")
        .filter(new Locator.FilterOptions().setHasText("plant green, spray at planting"))
        .last()
        .dispatchEvent("click");
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText("Orchard Organic: this field is organic");
    assertThat(row("North Quarter")).containsText("plant green, spray at planting");
    assertThat(row("Orchard Organic")).containsText("roll and crimp");

    button("^Orchard Organic$").click();
    Locator ways = page.getByLabel("What each way nets").locator(".ways li");
    assertThat(ways.first()).isVisible();
    assertThat(ways.filter(new Locator.FilterOptions().setHasText("spray"))).hasCount(0);
  }

  /**
   * Hours for the roller, the plan of it, rolled, rated too low after three weeks, a rescue named.
   */
  @Test
  void anOrganicCoverIsRolledInGoodHoursRatedAndRescued() {
    aSampleOn("2027-05-20");
    button("^Orchard Organic$").click();
    page.getByText("Hours to roll and to spray").click();
    assertThat(page.locator(".hours .answer"))
        .containsText(Pattern.compile("Orchard Organic: best \\w{3} \\d+ May, \\d+ to \\d+ h"));
    assertThat(page.locator(".blocks li.best")).hasCount(1);
    Locator grid = page.getByLabel("Read an hour");
    grid.focus();
    page.keyboard().press("ArrowLeft");
    assertThat(page.locator(".read")).containsText(Pattern.compile("\\d+ % that it will do"));
    assertThat(Boxes.faults(page)).isEmpty();
    page.goBack();
    button("^Orchard Organic$").click();
    page.getByText("Roll plan and work order").click();
    assertThat(page.locator(".endplan h1")).hasText("Orchard Organic: roll and crimp");
    assertThat(page.locator(".lines")).containsText("against it residue wraps");
    assertThat(page.locator(".endplan")).containsText("Keep clear of hitch and drum");
    assertThat(Boxes.faults(page)).isEmpty();
    String plan = page.url();

    page.navigate(App.address() + "/logbook");
    pick("Field", "Orchard Organic");
    App.choose(
        page, page.getByLabel("What", new Page.GetByLabelOptions().setExact(true)), "Cover ended");
    App.choose(
        page,
        page.getByLabel("How", new Page.GetByLabelOptions().setExact(true)),
        "Roll and crimp");
    button("^Save$").click();
    assertThat(page.locator(".saved")).isVisible();

    App.on(page, "2027-06-11");
    page.navigate(App.address() + "/scout");
    page.getByLabel("Find a field", new Page.GetByLabelOptions().setExact(true)).fill("Orchard");
    page.getByLabel("Look at Orchard Organic").click();
    page.locator(".v-list-item")
        .filter(
            new Locator.FilterOptions()
                .setHasText(Pattern.compile("kill", Pattern.CASE_INSENSITIVE)))
        .first()
        .click();
    for (int spot = 0; spot < 5; spot++) {
      page.getByLabel("About 50 %").click();
    }
    assertThat(page.locator(".spots li")).hasCount(5);
    button("^Keep this$").click();
    assertThat(page.getByText("too much lives")).isVisible();
    page.navigate(plan);
    assertThat(page.locator(".endplan .answer")).containsText("were expected to die");
    assertThat(page.locator(".endplan")).containsText("cultivate between wide rows");
    assertThat(page.locator(".endplan table").first()).containsText("50 %");
    page.navigate(App.address() + "/termination");
    assertThat(page.getByLabel("What your ratings say"))
        .containsText("1 of your ratings of the roller");
  }

  private void pick(String label, String option) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(option);
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option)).click();
  }

  /** A small grain past boot wants a pound and a half; a regulator beside it costs grass kill. */
  @Test
  void aPartnerThatWeakensTheGrassKillIsSetAgainstASplit() {
    aSampleOn("2027-04-20");
    button("^Silo Forty$").click();
    page.getByText("Herbicide plan").click();
    page.getByLabel("Day", new Page.GetByLabelOptions().setExact(true)).fill("14 May 2027");
    page.keyboard().press("Tab");
    assertThat(page.locator(".spray .answer")).containsText("acid equivalent of glyphosate");
    assertThat(page.locator(".spray .answer b").first()).containsText("1.5");
    page.locator(".v-select")
        .filter(new Locator.FilterOptions().setHasText("With, or before"))
        .locator("input")
        .dispatchEvent("mousedown");
    page.locator(".v-list-item").first().dispatchEvent("click");
    Locator plans = page.locator("table").filter(new Locator.FilterOptions().setHasText("grass"));
    assertThat(plans).isVisible();
    assertThat(plans).containsText("split");
  }

  /** A label is read once: the hours, the printed sheet and the phone's list go by it. */
  @Test
  void whatIsPlannedStandsByTheHoursAndOnTheDaySheet() {
    aSampleOn("2027-04-12");
    button("^Silo Forty$").click();
    page.getByText("Herbicide plan").click();
    button("^Plan this field with it$").click();
    assertThat(page.locator(".planned")).containsText("Planned so");
    page.navigate(App.address() + "/termination/hours");
    button("^Spray$").click();
    page.getByText("Silo Forty", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText(Pattern.compile("Planned with .+: 6 h without rain by its label")))
        .isVisible();
    page.evaluate(
        """
        async () => {
          const board = await (await fetch('/api/v1/dispatch')).json()
          const job = board.jobs.find((j) => j.field === 'Silo Forty' && j.id.operation === 'SPRAY')
          const answer = await fetch(`/api/v1/dispatch/jobs/${job.id.cover}/SPRAY`, {
            method: 'PUT',
            headers: {
              'Content-Type': 'application/json',
              'X-XSRF-TOKEN': document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1],
            },
            body: JSON.stringify({ machineId: job.able[0], day: '2027-04-13', locked: false, acceptLate: true }),
          })
          if (!answer.ok) throw new Error(await answer.text())
        }
        """);
    page.navigate(App.address() + "/dispatch/sheet/2027-04-13");
    assertThat(page.locator(".sheet"))
        .containsText("6 h without rain, nobody in the field for 12 h");
    page.setViewportSize(390, 844);
    page.navigate(App.address() + "/dispatch");
    assertThat(page.getByText("6 h without rain, nobody in the field for 12 h")).isVisible();
    page.setViewportSize(1280, 800);
  }

  @Test
  void anInsurersDayIsEnteredAndThePlantingMovedOnTheSheet() {
    aSampleOn("2027-05-14");
    page.navigate(App.address() + "/farm");
    button("^Add a date$").click();
    page.getByLabel("Whose date").fill("crop insurance");
    page.getByLabel("Day of each year").fill("15 May 2027");
    page.keyboard().press("Tab");
    button("^Keep it$").click();
    assertThat(page.locator(".dates")).containsText("crop insurance: dead by 15 May, every field");
    page.navigate(App.address() + "/termination");
    assertThat(row("North Quarter")).containsText("crop insurance wants it dead by 15 May");
    button("^North Quarter$").click();
    Locator day = page.getByLabel("Soybeans planted on");
    day.fill("30 May 2027");
    page.keyboard().press("Tab");
    assertThat(row("North Quarter")).containsText("soybeans 30 May");
  }

  @Test
  void aDrawingIsJudgedAndTheTruthIsTold() {
    App.sample(page, "2027-05-14");
    page.navigate(App.address() + "/scout/practice");
    page.getByLabel("What you see").fill("45");
    button("^Say it$").click();
    assertThat(page.locator(".practice [role=status]"))
        .containsText(Pattern.compile("It was \\d+ %; you said 45"));
    assertThat(page.locator(".practice")).containsText("Your last 1: on average");
    button("^Next drawing$").click();
    button("^Stand$").click();
    assertThat(page.locator(".practice")).containsText("How many plants stand in the frame?");
    assertThat(Boxes.faults(page)).isEmpty();
  }
}
