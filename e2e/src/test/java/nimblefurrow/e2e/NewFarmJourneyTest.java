package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From an empty farm to a sheet with a cover: fields, crops by paste and rotation, a yard. */
class NewFarmJourneyTest {
  private final Page page = App.window(1280, 800);
  private int acts;

  private void click(Locator what) {
    what.click();
    acts++;
  }

  private void fill(String label, String text) {
    page.getByLabel(label).fill(text);
    acts++;
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private Locator steps() {
    return page.getByLabel("First steps");
  }

  private Locator cell(String field, int year) {
    return page.getByLabel(
        "%s, harvest %d".formatted(field, year), new Page.GetByLabelOptions().setExact(true));
  }

  private void paste(Locator into, String text) {
    into.focus();
    into.evaluate(
        "(e, text) => { const data = new DataTransfer(); data.setData('text', text);"
            + " e.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true,"
            + " cancelable: true })) }",
        text);
    acts++;
  }

  @Test
  void aFarmIsOnTheSheetInUnderSixtyActs() {
    page.navigate(App.address() + "/sign-in");
    click(button("^Start a new farm$"));
    fill("Farm name", "Ten Minute Farm");
    fill("Latitude", "40.03");
    fill("Longitude", "-97.3");
    fill("Your name", "Ada Marsh");
    fill("E-mail", UUID.randomUUID() + "@farm.example");
    fill("Password", "a long enough one");
    click(button("^Start the farm$"));
    click(button("simulated station"));
    click(page.getByRole(AriaRole.NAVIGATION).getByText("Season"));
    assertThat(steps()).containsText("boundaries from a file");
    click(steps().getByText("Bring fields"));
    click(button("^Bring fields$").first());
    page.locator("input[type=file]").setInputFiles(Path.of("../samples/five-fields.geojson"));
    click(button("^Keep 5 fields$"));

    click(page.getByRole(AriaRole.NAVIGATION).getByText("Season"));
    assertThat(steps()).containsText("0 of 5 have one");
    click(steps().getByText("Enter crops"));
    paste(
        cell("Kiln Bottom", 2026),
        "Kiln Bottom, corn, 5/9, 107\nNowhere, corn\nMarl Corner, soybeans, 5/14, 2.8");
    assertThat(page.getByText("no field is called “Nowhere”")).isVisible();
    assertThat(cell("Kiln Bottom", 2026)).hasValue("corn 9 May, 107");
    cell("Kiln Bottom", 2026).locator("xpath=..").getByRole(AriaRole.BUTTON).click();
    acts++;
    click(button("^Keep 5 crops$"));
    assertThat(page.getByText("5 crops are kept.")).isVisible();
    for (String crop : new String[] {"Corn", "Soybeans", "Winter wheat"}) {
      page.getByLabel("Next crop").first().click(new Locator.ClickOptions().setForce(true));
      acts++;
      click(
          page.getByRole(
              AriaRole.OPTION, new Page.GetByRoleOptions().setName(crop).setExact(true)));
    }
    click(button("^Lay over 5 fields$"));
    assertThat(cell("Kiln Bottom", 2027)).hasValue(Pattern.compile("soybeans 12 May, 3"));
    assertThat(cell("Kiln Bottom", 2028)).hasValue("wheat 5 Oct");
    click(button("^Keep 10 crops$"));
    assertThat(page.getByText("10 crops are kept.")).isVisible();

    click(page.getByRole(AriaRole.NAVIGATION).getByText("Season"));
    assertThat(steps()).containsText("5 of 5 have one");
    click(steps().getByText("Fill the yard"));
    for (String machine : new String[] {"30 ft drill", "90 ft sprayer"}) {
      click(page.getByRole(AriaRole.DIALOG).getByText(machine));
    }
    click(button("^Add 2 machines$"));
    assertThat(page.getByLabel("Machines and crews")).containsText("12.7 ac/h");

    click(page.getByRole(AriaRole.NAVIGATION).getByText("Cover"));
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Field")).fill("Kiln");
    acts++;
    click(page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Kiln Bottom")));
    click(button("^Make it the plan$"));
    click(page.getByRole(AriaRole.NAVIGATION).getByText("Season"));
    assertThat(page.locator(".lane-head")).hasCount(5);
    assertThat(steps()).isHidden();
    assertThat(acts).as("acts of a hand").isLessThan(60);
  }
}
