package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** In the field with a phone: what needs me, and writing down what was done. */
class PhoneJourneyTest {
  @Test
  void callsFirstThenALogEntryWithTheThumb() {
    Page page = App.planner(390, 844);
    assertThat(page.getByLabel("Calls")).containsText("can be sown now by");
    assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
        .as("nothing sticks out sideways")
        .isLessThanOrEqualTo(390);
    com.microsoft.playwright.Locator fields = page.getByLabel("Fields").locator("button.lane");
    assertThat(fields.first()).containsText(java.util.regex.Pattern.compile("by \\d+ \\w+"));
    assertThat(fields.first().boundingBox().height).isGreaterThanOrEqualTo(44);
    fields.first().click();
    assertThat(page.locator("section.answer .headline")).isVisible();
    assertThat(page.getByLabel(java.util.regex.Pattern.compile("^Read a day of"))).isVisible();
    assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
        .isLessThanOrEqualTo(390);
    fields.first().click();
    page.getByRole(AriaRole.NAVIGATION).getByRole(AriaRole.BUTTON).click();
    page.getByRole(AriaRole.LISTITEM)
        .or(page.locator(".v-list-item"))
        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Logbook"))
        .first()
        .click();
    assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/logbook"));
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Field")).fill("Home Q");
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Home Quarter")).click();
    page.getByLabel("Note").fill("airplane came at eight");
    page.reload();
    assertThat(page.getByLabel("Note")).hasValue("airplane came at eight");
    assertThat(
            page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save").setExact(true))
                .boundingBox()
                .height)
        .isGreaterThanOrEqualTo(44);
    assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
        .isLessThanOrEqualTo(390);
  }
}
