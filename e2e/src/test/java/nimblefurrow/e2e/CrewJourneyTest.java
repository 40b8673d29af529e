package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A hired crew answers on its own list, a driver says what he does, and the board knows. */
class CrewJourneyTest {
  private final Page page = App.window(1280, 800);

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private static Locator within(Locator where, String name) {
    return where.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private static void clean(Page page, String what) {
    assertThat(Boxes.faults(page)).as(what).isEmpty();
    assertThat(Axe.serious(page)).as(what).isEmpty();
  }

  @Test
  void aCrewAnswersAndADriverGoesThroughHisDay() {
    App.sample(page, "2026-09-02");
    page.navigate(App.address() + "/dispatch");
    button(page, "^Plan it").click();
    assertThat(page.getByText(Pattern.compile("Planned over \\d+ years of weather"))).isVisible();
    Locator morning =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("This morning"));
    within(morning, "Play it with").click();
    assertThat(morning).containsText("Played on Wed 2 Sep 2026: nothing has shifted.");

    Locator people =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Crews and drivers"));
    Locator air =
        people
            .locator("li")
            .filter(
                new Locator.FilterOptions()
                    .setHasText(Pattern.compile("Meadowlark Air.* ac +from")));
    assertThat(air).containsText(Pattern.compile("\\d+ ac from"));
    assertThat(air).containsText(Pattern.compile("Call by \\d+ \\w+"));
    within(air, "Its own list").click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    within(dialog, "Make a list").click();
    String address = dialog.locator("code").innerText();
    assertThat(address).contains("/crew/");
    clean(page, "lists for crews");
    within(dialog, "^Close").click();

    String field = crew(address);
    page.reload();
    Locator asked =
        people.locator("li").filter(new Locator.FilterOptions().setHasText("asks for 14 Sep"));
    assertThat(asked).containsText(field);
    assertThat(asked).containsText("the plane is at the shop");
    assertThat(air).containsText("Has said to come");
    within(asked, "Put it on 14 Sep").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText(field);
    page.keyboard().press("Escape");
    driver();
  }

  /** On a phone, signed in nowhere. */
  private static String crew(String address) {
    Page phone = App.window(390, 844);
    phone.navigate(address);
    assertThat(phone.getByText(Pattern.compile("Meadowlark Air.*: work for"))).isVisible();
    Locator jobs = phone.locator("article");
    assertThat(jobs.first()).isVisible();
    int count = jobs.count();
    assertThat(count).isGreaterThan(1);
    clean(phone, "the crew's list");
    String first = jobs.first().locator("h2").innerText();
    within(jobs.first(), "Another day").click();
    jobs.first().getByLabel("Which day would suit").fill("14 Sep 2026");
    jobs.first().getByLabel("Why (optional)").fill("the plane is at the shop");
    within(jobs.first(), "Say it").click();
    assertThat(jobs.first()).containsText("asks for 14 Sep");
    within(jobs.nth(1), "I have it").click();
    assertThat(jobs.nth(1)).containsText(Pattern.compile("comes \\d+ Sep"));
    Download outlines = phone.waitForDownload(() -> phone.getByText("Outlines as GeoJSON").click());
    assertThat(outlines.suggestedFilename()).isEqualTo("fields.geojson");
    assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
        .as("nothing sticks out sideways")
        .isLessThanOrEqualTo(390);
    phone.context().close();
    return first;
  }

  private void driver() {
    page.setViewportSize(390, 844);
    page.reload();
    Locator job = page.locator("article").first();
    String field = job.locator("b").first().innerText();
    within(job, "^Start").click();
    assertThat(job).containsText("Under way");
    within(job, "^Stop").click();
    job.getByLabel("Done so far, all in all, ac").fill("9000");
    within(job, "Say it").click();
    assertThat(job.getByRole(AriaRole.ALERT)).containsText("acres done are 0 to ");
    job.getByLabel("Done so far, all in all, ac").fill("22");
    within(job, "Say it").click();
    Locator again = page.locator("article").filter(new Locator.FilterOptions().setHasText(field));
    assertThat(again).containsText(Pattern.compile("22\\.0 ac done, [\\d.]+ to go"));
    within(again, "Problem").click();
    again.getByLabel("What is the problem").fill("gate too narrow");
    within(again, "Say it").click();
    assertThat(again.getByLabel("What is the problem")).hasCount(0);
    clean(page, "a person's day");
    page.setViewportSize(1280, 800);
    page.reload();
    assertThat(page.getByText("“gate too narrow”")).isVisible();
  }
}
