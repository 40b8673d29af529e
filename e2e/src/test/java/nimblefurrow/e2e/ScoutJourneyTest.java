package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Counted on a phone without a signal, torn off in the middle, sent later, arrived once. */
class ScoutJourneyTest {
  private Page page = App.window(390, 844);
  private final BrowserContext phone = page.context();

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private void aSampleInMay() {
    page.navigate(App.address() + "/sign-in");
    button("^Start a new farm$").click();
    page.getByLabel("Farm name").fill("Pocket Farm");
    page.getByLabel("Latitude").fill("40.03");
    page.getByLabel("Longitude").fill("-97.3");
    page.getByLabel("Your name").fill("Ada Marsh");
    page.getByLabel("E-mail").fill(UUID.randomUUID() + "@farm.example");
    page.getByLabel("Password").fill("a long enough one");
    button("^Start the farm$").click();
    page.waitForURL("**/farm");
    page.evaluate(
        """
        async () => {
          const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1])
          const send = (method, path, body) => fetch(path, { method, body: JSON.stringify(body),
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })
          await send('POST', '/api/sample')
          await send('PUT', '/api/farm/day', { day: '2027-05-14' })
        }""");
  }

  private void spots(int many, int past) {
    for (int spot = 0; spot < many; spot++) {
      for (int stem = 0; stem < 10; stem++) {
        button(stem < past ? "^Past$" : "^Not yet$").click();
      }
    }
  }

  private Object kept() {
    return page.evaluate(
        "async () => (await (await fetch('/api/log')).json())"
            + ".filter((e) => e.entry.kind === 'STEM_COUNT' && e.entry.on === '2027-05-14').length");
  }

  @Test
  void aCountWithoutASignalIsKeptAndArrivesOnce() {
    aSampleInMay();
    page.navigate(App.address() + "/scout");
    assertThat(page.locator("p.answer")).containsText("worth the walk today");
    Locator look =
        page.locator(".looks li").filter(new Locator.FilterOptions().setHasText("move the roller"));
    assertThat(look.first()).containsText(Pattern.compile("by \\d+ days?"));
    page.evaluate("() => navigator.serviceWorker.ready.then(() => true)");

    phone.setOffline(true);
    look.first().getByRole(AriaRole.BUTTON).click();
    Locator says = page.locator("p.says");
    spots(3, 9);
    assertThat(says).containsText("2 more spots before there is a word");
    button("^Past$").click();

    // The browser dies; a new one opens without a signal and goes on where the thumb was.
    page.close();
    page = phone.newPage();
    phone.setOffline(true); // a new window asks for it anew
    page.navigate(App.address() + "/scout");
    assertThat(page.locator(".signal")).containsText("no signal");
    page.locator(".looks li")
        .filter(new Locator.FilterOptions().setHasText("move the roller"))
        .first()
        .getByRole(AriaRole.BUTTON)
        .click();
    assertThat(page.getByText("Spot 4, stem 2")).isVisible();
    for (int stem = 1; stem < 10; stem++) {
      button("^Past$").click();
    }
    spots(2, 9);
    assertThat(page.locator("p.says")).containsText("Ready: enough are past flowering.");
    assertThat(page.getByText("55 of 60 past")).isVisible();
    button("^Keep this count$").click();
    assertThat(page.getByText("1 entry waits")).isVisible();

    phone.setOffline(false);
    assertThat(page.getByText("What came of it")).isVisible();
    assertThat(page.getByText("1 entry waits")).isHidden();
    assertThat(page.locator(".change").filter(new Locator.FilterOptions().setHasText("flowering")))
        .containsText(Pattern.compile("\\d+ May → \\d+ May"));
    assertThat(kept()).isEqualTo(1);
  }

  @Test
  void aStandIsJudgedWhereItIsCounted() {
    aSampleInMay();
    page.navigate(App.address() + "/scout");
    page.locator(".fields li").first().getByText("Stand").click();
    for (String plants : new String[] {"24", "20", "28", "24"}) {
      page.getByRole(
              AriaRole.TEXTBOX,
              new Page.GetByRoleOptions().setName(Pattern.compile("Plants in spot")))
          .fill(plants);
      button("^Next spot$").click();
    }
    assertThat(page.locator("p.says"))
        .containsText(Pattern.compile("Good: 12\\.8 ± 2\\.\\d plants"));
    button("^Keep this count$").click();
    assertThat(page.getByText("What came of it")).isVisible();
    assertThat(page.getByText("12.8 cereal rye plants per ft²")).isVisible();
    assertThat(Boxes.faults(page)).isEmpty();
  }
}
