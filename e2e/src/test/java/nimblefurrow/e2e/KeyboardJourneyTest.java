package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The season sheet without a mouse. */
class KeyboardJourneyTest {
  @Test
  void walkFindOpenZoomAndChoose() {
    Page page = App.planner(1280, 800);
    page.locator(".lane-head").first().waitFor();
    page.keyboard().press("/");
    page.keyboard().type("Quarter");
    assertThat(page.locator(".lane-head")).hasCount(2);
    page.keyboard().press("Escape");
    page.locator("#lane-0").focus();
    page.keyboard().press("ArrowDown");
    assertThat(page.locator("#lane-1")).isFocused();
    page.keyboard().press("Enter");
    assertThat(page.locator("#lane-1")).hasAttribute("aria-expanded", "true");
    assertThat(page.locator("section.answer .headline"))
        .containsText(Pattern.compile("(spray|roll|plant green) \\d+ \\w+ to \\d+"));
    page.keyboard().press("+");
    assertThat(page.getByText("4 months")).isVisible();
    page.keyboard().press("ArrowRight");
    page.keyboard().press(".");
    page.keyboard().press("?");
    assertThat(page.getByText("walk the lanes")).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByText("walk the lanes")).isHidden();
    page.locator("#lane-1").focus();
    page.keyboard().press("c");
    page.waitForURL("**/cover/**");
    assertThat(page.getByText("The cover")).isVisible();
  }
}
