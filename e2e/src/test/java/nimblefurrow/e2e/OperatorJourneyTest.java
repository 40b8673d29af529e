package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The driver's view: read everything, log what was done, plan nothing. */
class OperatorJourneyTest {
  @Test
  void readsAndLogsButDoesNotPlan() {
    Page page = App.window(1280, 800);
    page.navigate(App.address() + "/logbook");
    assertThat(page.getByLabel("E-mail")).isVisible();
    page.getByLabel("E-mail").fill("otis@sorrelbend.example");
    page.getByLabel("Password").fill("wrong one");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in").setExact(true))
        .click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("e-mail and password do not match");
    assertThat(page.getByLabel("E-mail")).hasValue("otis@sorrelbend.example");
    page.getByLabel("Password").fill("cover-the-ground");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in").setExact(true))
        .click();
    assertThat(page.getByText("Write down")).isVisible();
    page.navigate(App.address() + "/dispatch");
    assertThat(page.locator(".machine").first()).isVisible();
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Plan it")))
        .hasCount(0);
    page.navigate(App.address() + "/cover");
    assertThat(page.getByLabel("Seed", new Page.GetByLabelOptions().setExact(true))).isVisible();
    assertThat(
            page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make it the plan")))
        .hasCount(0);
    page.getByLabel("Signed in as Otis Lindqvist").click();
    page.getByText("Sign out").click();
    assertThat(page.getByLabel("E-mail")).isVisible();
  }
}
