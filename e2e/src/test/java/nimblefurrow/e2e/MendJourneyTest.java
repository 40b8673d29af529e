package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** An autumn plan, a drill that breaks for a week, the list mended, and what was meant before. */
class MendJourneyTest {
  private final Page page = App.window(1280, 800);

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }

  private Locator inDialog(String name) {
    return dialog()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(name)));
  }

  private void clean(String what) {
    assertThat(Boxes.faults(page)).as(what).isEmpty();
    assertThat(Axe.serious(page)).as(what).isEmpty();
  }

  @Test
  void aBrokenWeekIsMendedAndComparedWithWhatWasMeant() {
    App.sample(page, "2026-10-01");
    page.navigate(App.address() + "/dispatch");
    button("^Plan it").click();
    assertThat(page.getByText(Pattern.compile("Planned over \\d+ years of weather"))).isVisible();
    assertThat(page.locator(".track").first().locator(".block").first()).isVisible();

    button("^Days away").click();
    App.choose(page, dialog().getByLabel("Who or what"), "15 ft drill");
    dialog().getByLabel("First day").fill("1 Oct 2026");
    dialog().getByLabel("Last day").fill("7 Oct 2026");
    dialog().getByLabel("Last day").press("Tab");
    dialog().getByLabel("Why").fill("bearing broken");
    clean("days away");
    inDialog("Note it").click();
    assertThat(dialog().locator("li"))
        .containsText(Pattern.compile("15 ft drill.*1 Oct.*7 Oct: bearing broken"));
    inDialog("^Close").click();

    button("^Mend it").click();
    assertThat(dialog()).containsText(Pattern.compile("Keeping the list loses about \\$[\\d,]+"));
    Locator slider = dialog().getByRole(AriaRole.SLIDER);
    slider.focus();
    page.keyboard().press("End");
    assertThat(dialog()).containsText(Pattern.compile("Move what helps: \\d+ moved"));
    clean("mending");
    page.keyboard().press("Home");
    assertThat(dialog()).containsText("Move nothing: 0 moved");
    page.keyboard().press("End");
    assertThat(dialog()).containsText(Pattern.compile("Move what helps"));
    inDialog("(Move them|Keep the list)").click();
    assertThat(page.getByText(Pattern.compile("(jobs moved|The list is kept)"))).isVisible();
    assertThat(button("Undo.*re-plan")).isVisible();

    button("^What we meant").click();
    dialog().getByLabel("Kept plan").dispatchEvent("mousedown");
    page.locator(".v-list-item")
        .filter(new Locator.FilterOptions().setHasText("planned anew"))
        .click();
    assertThat(dialog()).containsText(Pattern.compile("\\d+ jobs stand elsewhere today"));
    // What was to be drilled in the week that is lost stands after it, or nowhere.
    assertThat(dialog().locator("tbody tr").first())
        .containsText(
            Pattern.compile("15 ft drill, 1 Oct.*(15 ft drill, (8|9|[123]\\d) Oct|no place)"));
    clean("what was meant");
    inDialog("Bring it back").click();
    assertThat(page.getByText("An earlier plan is back; locked jobs stayed.")).isVisible();

    page.locator(".block").first().focus();
    page.keyboard().press("Enter");
    inDialog("What elsewhere would cost").click();
    assertThat(dialog().locator("table")).containsText("held back three days more");
    clean("elsewhere");
    inDialog("Cancel").click();
    button("^Work it out").click();
    assertThat(page.locator(".helps"))
        .containsText(Pattern.compile("(a year less lost|Nothing that was tried)"));
    for (String sight : new String[] {"3 days", "5 weeks", "Season"}) {
      App.choose(page, page.getByLabel("In sight"), sight);
      assertThat(page.locator(".track").first()).isVisible();
      clean(sight);
    }
    aDayByTheHour();
  }

  /** Each machine's work of one day along the clock; the first begins with the working day. */
  private void aDayByTheHour() {
    App.choose(page, page.getByLabel("In sight"), "1 day");
    button("^Today$").click();
    button("^Next work$").click();
    Locator work = page.locator(".track .block");
    assertThat(work.first()).isVisible();
    assertThat(work.first()).containsText(Pattern.compile("^.+8:00–\\d+:\\d\\d · .+"));
    clean("a day by the hour");
    work.first().focus();
    page.keyboard().press("Enter");
    assertThat(dialog()).isVisible();
    inDialog("Cancel").click();
    // What is to be ended in spring is farther off than hours are told.
    App.choose(
        page, page.getByLabel("Work", new Page.GetByLabelOptions().setExact(true)), "Ending");
    assertThat(page.getByText("This day is too far ahead for hours of the clock")).isVisible();
    assertThat(page.locator(".track .chip").first()).containsText(" h");
    clean("a day far ahead");
  }
}
