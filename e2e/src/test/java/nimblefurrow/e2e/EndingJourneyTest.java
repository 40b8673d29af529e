package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A spring day on the sheet of endings: what closes, which way pays, another way chosen. */
class EndingJourneyTest {
  private final Page page = App.window(1280, 800);

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private void aSampleOn(String day) {
    page.navigate(App.address() + "/sign-in");
    button("^Start a new farm$").click();
    page.getByLabel("Farm name").fill("Spring Farm");
    page.getByLabel("Latitude").fill("40.03");
    page.getByLabel("Longitude").fill("-97.3");
    page.getByLabel("Your name").fill("Ada Marsh");
    page.getByLabel("E-mail").fill(UUID.randomUUID() + "@farm.example");
    page.getByLabel("Password").fill("a long enough one");
    button("^Start the farm$").click();
    page.waitForURL("**/farm");
    page.evaluate(
        """
        async (day) => {
          const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1])
          const send = (method, path, body) => fetch(path, { method, body: JSON.stringify(body),
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })
          await send('POST', '/api/sample')
          await send('PUT', '/api/farm/day', { day })
        }""",
        day);
    page.navigate(App.address() + "/ending");
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

    page.locator(".routes button")
        .filter(new Locator.FilterOptions().setHasText("plant green"))
        .click();
    assertThat(row("Ferry Road")).containsText(Pattern.compile("May – \\d+ May, kill"));
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
        .filter(new Locator.FilterOptions().setHasText("plant green"))
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
}
