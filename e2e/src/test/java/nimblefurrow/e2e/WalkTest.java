package nimblefurrow.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A walk through all views at three sizes, by day and by night, in both systems of units: nothing
 * lies on anything, nothing is cut off or too small, nothing serious stands in anyone's way, and
 * the answer of each view is in the first screen. Two walks at once are slower than one after the
 * other: the browser takes the time.
 */
class WalkTest {
  /** A view with what a person comes to it for. */
  private record View(String path, String answer, String where, String onPhone) {
    View(String path, String answer, String where) {
      this(path, answer, where, where);
    }
  }

  private static final List<View> VIEWS =
      List.of(
          new View(
              "/",
              "what needs me, and how each field stands",
              ".lane-head",
              "[aria-label=Calls] li"),
          new View("/season/print", "the season on one page", ".paper h1"),
          new View("/cover", "the cover in a sentence with its dates and its end", ".headline"),
          new View("/cover/many", "what comes first on most fields", "p.answer"),
          new View("/dispatch", "who works where on which day", ".track", ".list h2"),
          new View("/termination", "what closes first", ".ending .says"),
          new View("/termination/hours", "which hours will do", ".hours p.answer"),
          new View("/scout", "what is worth a look today", ".scout p.answer"),
          new View("/scout/practice", "what is to be judged", ".practice .scene"),
          new View("/right", "how many forecasts held", ".right p.answer"),
          new View("/weather", "the days to come and who can work in them", ".weather p.answer"),
          new View("/logbook", "what was done", ".day li, .day .entry", "form"),
          new View("/fields", "the fields with their chains", "td.chain"),
          new View("/fields?view=map", "what stands where", ".map canvas"),
          new View("/fields?view=crops", "crops by field and year", ".crops td"),
          new View("/machines", "what the machines make", ".rig"),
          new View("/machines/calibrate", "what to do next to be even and right", ".next"),
          new View("/machines/loads", "loads and price by way in", "table.ways td"),
          new View("/machines/flight", "the flight in figures", "dl.three dd"),
          new View("/order", "what the seed costs", ".total"),
          new View("/catalogue", "the figures", "td.what"),
          new View("/farm", "how the farm does it, and its weather", ".cards h2"),
          new View("/guide/cover", "how a cover is chosen", ".text h1"));

  /**
   * Every size once: what is laid out anew for a size is looked at in it. The commonest one is
   * looked at by night as well, where only colours differ; the widest one speaks metric, and holds
   * no element that the commonest does not.
   */
  @ParameterizedTest
  @CsvSource({
    "1280, 800, US, true, true",
    "1440, 900, metric, false, false",
    "390, 844, US, true, false"
  })
  void everyViewAtEverySize(int width, int height, String units, boolean axe, boolean byNight) {
    Page page = App.planner(width, height);
    page.evaluate("localStorage.setItem('furrow-theme', 'day')");
    List<String> faults = new ArrayList<>();
    int looked = 0;
    int themed = 0;
    page.navigate(App.address() + "/guide");
    page.locator(".text h1").waitFor();
    if (units.equals("metric")) {
      page.getByLabel("Units: US, change to metric").click();
      page.getByLabel("Units: metric, change to US").waitFor();
    }
    for (View view : VIEWS) {
      go(page, view.path());
      String where = width < 641 ? view.onPhone() : view.where();
      page.locator(where).first().waitFor();
      page.locator(".waiting.on").waitFor(gone());
      String at = "%s %dx%d %s ".formatted(view.path(), width, height, units);
      if (!inSight(page, where)) {
        faults.add(at + "hides its answer, " + view.answer());
      }
      Boxes.faults(page).forEach(f -> faults.add(at + f));
      if (axe) {
        Axe.serious(page).forEach(f -> faults.add(at + f));
      }
      if (byNight) {
        page.getByLabel("Light or night theme").click();
        page.locator(".v-application.v-theme--nightCab").waitFor();
        Axe.contrast(page).forEach(f -> faults.add(at + "night: " + f));
        page.getByLabel("Light or night theme").click();
        page.locator(".v-application.v-theme--day").waitFor();
        themed++;
      }
      looked++;
    }
    if (units.equals("metric")) {
      page.getByLabel("Units: metric, change to US").click();
      page.getByLabel("Units: US, change to metric").waitFor();
    }
    page.context().close();
    assertThat(looked).isEqualTo(VIEWS.size());
    assertThat(themed).isEqualTo(byNight ? VIEWS.size() : 0);
    // In one line, so that a summary of the run shows them.
    if (!faults.isEmpty()) {
      fail(String.join(" ;; ", faults));
    }
  }

  /** The answer's first lines come to stand within the window, however busy the machine is. */
  private static boolean inSight(Page page, String where) {
    try {
      page.waitForFunction(
          "where => { const box = document.querySelector(where)?.getBoundingClientRect();"
              + " return box && box.height > 0 && box.top >= 0"
              + " && box.top + Math.min(box.height, 40) <= innerHeight }",
          where,
          new Page.WaitForFunctionOptions().setTimeout(10_000));
      return true;
    } catch (TimeoutError hidden) {
      return false;
    }
  }

  /** Within the application, as a link would. */
  private static void go(Page page, String path) {
    page.evaluate(
        "path => { history.pushState(null, '', path);"
            + " window.dispatchEvent(new PopStateEvent('popstate', { state: null })) }",
        path);
  }

  private static Locator.WaitForOptions gone() {
    return new Locator.WaitForOptions()
        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN);
  }
}
