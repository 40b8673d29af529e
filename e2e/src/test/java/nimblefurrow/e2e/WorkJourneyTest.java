package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/**
 * The job once through, as a grower does it on the first of October: season, cover, dispatch, log.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class WorkJourneyTest {
  private static Page page;
  private static String lastUseful;
  private static String plannedRate;

  @BeforeAll
  static void signIn() {
    page = App.planner(1280, 800);
    App.goTo(page, "After harvest in October");
  }

  private static Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private static void open(String name) {
    page.getByRole(AriaRole.NAVIGATION)
        .getByText(name, new Locator.GetByTextOptions().setExact(true))
        .click();
  }

  @Test
  @Order(1)
  void theSheetShowsAllFieldsClosingFirstOnTopAndWhatNeedsAPerson() {
    assertThat(page.locator(".gutter")).containsText("28 fields");
    assertThat(page.locator(".lane-head").first()).containsText("Badger Forty");
    assertThat(page.locator(".lane-head").first()).containsText("sow by");
    assertThat(page.getByLabel("Calls")).containsText("3 fields have no cover chosen");
    assertThat(page.locator(".lane-row").count())
        .as("only lanes in sight are drawn")
        .isLessThan(28);
    button("^Ferry Road").click();
    Locator answer = page.getByLabel("Ferry Road: the answer");
    assertThat(answer.locator(".headline"))
        .hasText(
            Pattern.compile(
                "Drill cereal rye 1 Oct to \\d+ Oct; spray \\d+ Apr to \\d+ Apr;"
                    + " it leaves about [\\d,]+ lb/ac, [\\d,]+ lb/ac to [\\d,]+ lb/ac."));
    assertThat(Boxes.cutOff(answer)).as("nothing of the answer is cut off").isEmpty();
    answer.getByText("All dates and reasons").click();
    assertThat(answer).containsText("last useful");
    Matcher found = Pattern.compile("last useful (\\d+ Oct)").matcher(answer.innerText());
    assertThat(found.find()).as("rye at 40°N is last useful in October").isTrue();
    lastUseful = found.group(1);
    assertThat(Boxes.overlapping(answer.locator(".part"))).as("parts on each other").isEmpty();
    assertThat(Boxes.cutOff(answer)).as("nothing of the answer is cut off").isEmpty();
    assertThat(button("^Ferry Road")).containsText("sow by " + lastUseful);
  }

  @Test
  @Order(2)
  void lanesAreGroupedFoundAndZoomed() {
    page.getByLabel("Find a field", new Page.GetByLabelOptions().setExact(true)).fill("pivot");
    assertThat(page.locator(".lane-head")).hasCount(2);
    page.getByLabel("Find a field", new Page.GetByLabelOptions().setExact(true)).fill("");
    assertThat(page.getByText("7 months")).isVisible();
    page.getByLabel("Zoom in").click();
    assertThat(page.getByText("4 months")).isVisible();
    button("^Whole season$").click();
    assertThat(page.getByText("14 months")).isVisible();
    button("^Whole season$").click();
    assertThat(page.getByText("7 months")).isVisible();
  }

  /**
   * A day under the pointer says what stands, how sure, and whether it is open; so does a slider.
   */
  @Test
  @Order(2)
  void aDayIsReadOffALane() {
    page.locator(".strip-of").first().hover(new Locator.HoverOptions().setPosition(500, 30));
    Locator box = page.locator(".read-box");
    assertThat(box).containsText("Badger Forty");
    assertThat(box).containsText(Pattern.compile("\\d+ lb/ac dry \\(\\d+–[\\d,]+\\)"));
    assertThat(box).containsText(Pattern.compile("topsoil at \\d+ % of field capacity"));
    page.mouse().move(5, 5);
    assertThat(box).isHidden();
    Locator answer = page.getByLabel("Ferry Road: the answer");
    Locator day = answer.getByLabel("Read a day of Ferry Road");
    assertThat(answer.locator(".reading")).containsText("Thu 1 Oct 2026");
    day.focus();
    page.keyboard().press("ArrowRight");
    assertThat(day).hasAttribute("aria-valuetext", "Fri 2 Oct 2026");
    assertThat(answer.locator(".reading"))
        .containsText(Pattern.compile("drill: open and fit \\d+ %"));
  }

  @Test
  @Order(3)
  void ryeAtSixtyLiveShowsSeventyTwoBulk() {
    page.getByLabel("Ferry Road: the answer").getByText("Change the cover").click();
    Locator seed = page.getByLabel("Seed", new Page.GetByLabelOptions().setExact(true));
    Matcher planned = Pattern.compile("\\d+\\.\\d").matcher(seed.locator("tbody").innerText());
    assertThat(planned.find()).as("the planned rate stands first").isTrue();
    plannedRate = planned.group();
    page.getByLabel("Own rate").fill("60");
    page.keyboard().press("Tab");
    assertThat(seed).containsText("60.0");
    assertThat(seed).containsText("72.0");
    assertThat(seed).containsText("24.8");
    assertThat(seed).containsText("19.8");
    assertThat(page.getByLabel("Window", new Page.GetByLabelOptions().setExact(true)))
        .containsText(lastUseful);
    page.getByLabel("Own rate").fill("90");
    page.keyboard().press("Tab");
    assertThat(seed).containsText("108.0");
  }

  @Test
  @Order(4)
  void whatIsTriedOutlivesARefreshAndTwoStandSideBySide() {
    page.reload();
    assertThat(page.getByLabel("Own rate")).hasValue("90");
    button("Compare with another").click();
    assertThat(page.getByText("Candidate B")).isVisible();
    App.choose(
        page,
        page.locator(".candidate")
            .nth(1)
            .getByLabel("Way in", new Locator.GetByLabelOptions().setExact(true)),
        "Interseeder between corn rows");
    assertThat(page.locator(".candidate").nth(1))
        .containsText("Not possible: it runs between corn rows");
    assertThat(page.locator(".candidate").nth(1))
        .containsText("Instead: choose drill, airplane or drone here");
    page.getByLabel("Drop candidate B").click();
    button("Make it the plan").click();
    assertThat(page.getByText("cereal rye is the plan for Ferry Road.")).isVisible();
    button("^Undo$").click();
    assertThat(page.getByLabel("Seed", new Page.GetByLabelOptions().setExact(true)))
        .containsText(plannedRate);
  }

  @Test
  @Order(5)
  void planItPutsWhatLosesLeastOnTheHoursThereAre() {
    open("Dispatch");
    button("^Plan it").click();
    assertThat(page.getByText(Pattern.compile("Planned over \\d+ years of weather: .* take \\$")))
        .isVisible();
    assertThat(page.locator(".risk"))
        .containsText(Pattern.compile("take about \\$[\\d,]+ from this plan"));
    assertThat(
            page.locator(".block").filter(new Locator.FilterOptions().setHasText("Badger Forty")))
        .isVisible();
    // The rest of the hours holds the largest field or the two others: as much as they are.
    assertThat(
            page.locator(".track")
                .first()
                .locator(".block")
                .filter(
                    new Locator.FilterOptions().setHasText(Pattern.compile("Long Half|Ferry Road")))
                .first())
        .hasAttribute("title", Pattern.compile("(305|74) ac"));
    assertThat(page.getByLabel("Jobs not placed"))
        .containsText(Pattern.compile("needs [0-9.]+ h; the fit hours left before \\d+ Oct"));
  }

  @Test
  @Order(6)
  void aDropTellsItsConsequenceAndCanBeUndone() {
    Locator block =
        page.locator(".block")
            .filter(new Locator.FilterOptions().setHasText("Badger Forty"))
            .first();
    String before = block.getAttribute("style");
    Locator track = page.locator(".track").nth(0);
    Locator cell = track.locator(".cell").nth(3);
    block.hover();
    page.mouse().down();
    cell.hover(new Locator.HoverOptions().setPosition(10, 6));
    cell.hover(new Locator.HoverOptions().setPosition(24, 8));
    assertThat(page.locator(".told")).containsText("Badger Forty on 4 Oct");
    assertThat(page.locator(".told")).containsText("day fit to drill");
    assertThat(page.locator(".told"))
        .containsText(
            Pattern.compile("(Loses \\$[\\d,]+ a year (more|less)|Costs nothing), in its window"));
    page.mouse().up();
    assertThat(page.getByText("Badger Forty moved to 4 Oct.")).isVisible();
    assertThat(block.getByLabel("locked")).isVisible();
    button("^Undo").click();
    assertThat(page.getByText("Undone.")).isVisible();
    assertThat(block).hasAttribute("style", before);
    button("^Redo").click();
    assertThat(page.getByText("Done again.")).isVisible();
  }

  @Test
  @Order(7)
  void aJobIsMovedByKeyboardWithTheSameWarning() {
    page.locator(".block").filter(new Locator.FilterOptions().setHasText("Badger Forty")).focus();
    page.keyboard().press("Enter");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog.getByLabel("Starts on").fill("2026-10-20");
    assertThat(dialog).containsText(Pattern.compile("after the window closes on \\d Oct"));
    assertThat(
            dialog.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it there, late")))
        .isVisible();
    dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Cancel")).click();
  }

  @Test
  @Order(8)
  void theDaySheetIsForTheDriver() {
    page.locator(".day a").first().click();
    assertThat(page.getByText("Sorrel Bend Farm: Thu 1 Oct 2026")).isVisible();
    assertThat(page.locator(".sheet")).containsText("15 ft drill");
    assertThat(page.locator(".sheet")).containsText("Guards on and sleeves tight");
    assertThat(page.locator(".told")).containsText("Not published yet");
    button("^Publish this day$").click();
    assertThat(page.locator(".told"))
        .containsText("Published by Wren Abara on Thu 1 Oct 2026; all stands as it was told.");
    page.goBack();
    assertThat(page.locator(".block").getByLabel("locked").first()).isVisible();
    button("^Undo publish 1 Oct").click();
    assertThat(page.getByText("Undone.")).isVisible();
    Download calendar =
        page.waitForDownload(
            () -> page.getByText("Calendar", new Page.GetByTextOptions().setExact(true)).click());
    assertThat(calendar.suggestedFilename()).isEqualTo("jobs.ics");
  }

  /** A field too large for the days left is split: a part finds hours, and is joined again. */
  @Test
  @Order(8)
  void aFieldThatIsTooLargeIsSplit() {
    page.navigate(App.address() + "/dispatch");
    page.locator(".wait").first().click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog.getByLabel("Starts on")).hasValue(Pattern.compile("Oct"));
    dialog.getByText("Split it").click();
    dialog.getByLabel("Split off, ac").fill("900");
    dialog.getByText("Split", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("acres of the part are 1.0 to");
    dialog.getByLabel("Split off, ac").fill("20");
    dialog.getByText("Split", new Locator.GetByTextOptions().setExact(true)).click();
    Locator part =
        page.locator(".wait").filter(new Locator.FilterOptions().setHasText(", part 2 20 ac"));
    assertThat(part).isVisible();
    part.click();
    dialog.getByText("Join it with the rest").click();
    assertThat(part).hasCount(0);
  }

  /** Lime is fetched before a field is drilled: it waits on the board, is planned, and is done. */
  @Test
  @Order(8)
  void otherWorkTakesTheSamePeopleAndIsPlannedWithTheRest() {
    page.navigate(App.address() + "/dispatch");
    button("^Other work$").click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("Haul beans to the river");
    dialog.getByLabel("What", new Locator.GetByLabelOptions().setExact(true)).fill("Fetch lime");
    App.choose(page, dialog.getByLabel("With which machine"), "Grain truck");
    dialog.getByLabel("How much, h").fill("401");
    dialog.getByLabel("Not before").fill("2026-10-02");
    dialog.getByLabel("Done by").fill("2026-10-09");
    dialog.getByText("Put it on the list").click();
    assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("hours is 0.25–400 h, got 401");
    dialog.getByLabel("How much, h").fill("6");
    dialog.getByText("Put it on the list").click();
    assertThat(dialog.locator(".noted li").filter(new Locator.FilterOptions().setHasText("lime")))
        .containsText("Grain truck · 6.0 h · 2 Oct – 9 Oct");
    assertThat(dialog.getByLabel("What", new Locator.GetByLabelOptions().setExact(true)))
        .hasValue("");
    assertThat(Boxes.cutOff(dialog)).isEmpty();
    assertThat(Axe.serious(page, ".v-overlay--active .v-card"))
        .as("other work under axe")
        .isEmpty();
    dialog.getByText("Close").click();
    Locator waits = page.getByLabel("Jobs not placed");
    assertThat(waits).containsText("Fetch lime 6.0 h");
    button("^Plan it").click();
    assertThat(page.getByText(Pattern.compile("Planned over \\d+ years"))).isVisible();
    Locator block = page.locator(".block").filter(new Locator.FilterOptions().setHasText("Fetch"));
    assertThat(block.first()).hasAttribute("title", Pattern.compile("Fetch lime.*6.0 h"));
    button("^Other work$").click();
    dialog.getByLabel("Fetch lime is done").click();
    assertThat(dialog.getByText("Done (1)")).isVisible();
    dialog.getByText("Close").click();
    assertThat(block).hasCount(0);
  }

  @Test
  @Order(9)
  void whatIsLoggedMovesTheLane() {
    page.navigate(App.address() + "/");
    button("^Long Half").click();
    page.getByLabel("Long Half: the answer").getByText("Log work or a count").click();
    assertThat(page.getByLabel("Area done")).hasValue("305");
    page.getByLabel("Seed used").fill("22100");
    button("^Save$").click();
    assertThat(page.getByText("Saved.")).isVisible();
    assertThat(page.locator(".list li").first()).containsText(Pattern.compile("Long Half.*sown"));
    assertThat(page.locator(".list li").first()).containsText("22,100 lb");
    open("Season");
    assertThat(button("^Long Half")).containsText("spray about");
  }

  /** On a farm of its own: what the count moves hangs on the day of sowing, and so on the plan. */
  @Test
  @Order(10)
  void aStemCountMovesTheRollingDate() {
    Page own = App.window(1280, 800);
    App.sample(own, "2027-05-20");
    own.navigate(App.address() + "/");
    own.getByLabel("Calls").getByText("Enter a count").click();
    own.getByLabel("Field", new Page.GetByLabelOptions().setExact(true)).fill("Orchard");
    own.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Orchard Organic")).click();
    own.getByLabel("Past flowering").fill("1");
    own.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save").setExact(true))
        .click();
    assertThat(own.locator(".saved")).containsText("Wait: not enough are past flowering yet.");
    assertThat(
            own.locator(".saved tr.moved")
                .filter(new Locator.FilterOptions().setHasText("flowering")))
        .isVisible();
    own.context().close();
  }

  @Test
  @Order(11)
  void typedAcresStayThroughRefetchesAndTurnIntoHectares() {
    open("Logbook");
    page.getByLabel("Field", new Page.GetByLabelOptions().setExact(true)).fill("Silo");
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Silo Forty")).click();
    App.choose(
        page, page.getByLabel("What", new Page.GetByLabelOptions().setExact(true)), "Cover ended");
    Locator done = page.getByLabel("Area done");
    done.fill("10");
    open("Season");
    open("Logbook");
    assertThat(done).hasValue("10");
    page.getByLabel("Units: US, change to metric").click();
    assertThat(done).hasValue("4.04686");
    done.fill("900");
    button("^Save$").click();
    assertThat(page.getByRole(AriaRole.ALERT))
        .containsText(Pattern.compile("area done .* at most [0-9.]{4,5} ha, got 900$"));
    assertThat(done).hasAttribute("aria-invalid", "true");
    page.getByLabel("Units: metric, change to US").click();
    assertThat(done).hasValue("2223.95");
    done.fill("10");
  }

  @Test
  @Order(12)
  void metricIsOneTapAway() {
    page.getByLabel("Units: US, change to metric").click();
    open("Fields");
    assertThat(page.getByText("28 fields, 945 ha")).isVisible();
    page.getByLabel("Units: metric, change to US").click();
    assertThat(page.getByText("28 fields, 2,336 ac")).isVisible();
    App.goTo(page, "Over the top in September");
  }
}
