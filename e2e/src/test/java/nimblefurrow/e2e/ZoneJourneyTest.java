package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * A field with a wet swale: seen on the sheet, in the field and on the cover; cut in and taken out.
 */
class ZoneJourneyTest {
  private static Page page;

  @BeforeAll
  static void signIn() {
    page = App.planner(1280, 800);
  }

  private static Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  void theSheetSaysWhichZoneTheFieldWaitsFor() {
    page.navigate(App.address() + "/");
    page.getByLabel("Find a field", new Page.GetByLabelOptions().setExact(true)).fill("plum");
    assertThat(page.locator(".gutter")).containsText("1 field");
    assertThat(page.locator(".lane-head")).containsText("Wet swale last");
    page.locator(".lane-head").click();
    Locator answer = page.getByLabel("Plum Thicket: the answer");
    assertThat(answer).containsText("Held back by Wet swale");
    assertThat(Boxes.cutOff(answer)).isEmpty();
    answer.getByText("Change the cover").click();
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Field or zone"))
        .getByText("Wet swale")
        .click();
    assertThat(page.locator(".about")).containsText("8.7 ac");
  }

  @Test
  void aZoneIsCutInByItsShareAndTakenAwayAgain() {
    page.navigate(App.address() + "/fields");
    page.getByLabel("Change Plum Thicket").click();
    Locator zones = page.getByLabel("Zones", new Page.GetByLabelOptions().setExact(true));
    assertThat(zones).containsText("clay, 18 % of the field, not drawn");
    button("Add a zone by its share").click();
    zones.getByLabel("Name of the zone").fill("Knob");
    zones.getByLabel("Share of the field, %").fill("90");
    button("Save the zone").click();
    assertThat(zones).containsText("more than the whole field");
    zones.getByLabel("Share of the field, %").fill("10");
    button("Save the zone").click();
    assertThat(zones.locator("tr")).hasCount(2);
    assertThat(zones).containsText("4.8 ac");
    page.getByLabel("Take zone Knob away").click();
    assertThat(zones.locator("tr")).hasCount(1);
  }
}
