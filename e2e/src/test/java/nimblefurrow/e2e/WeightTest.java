package nimblefurrow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How much script comes over the wire: to begin with, and for a view more. */
class WeightTest {
  private static final int FIRST = 174_000;
  private static final int MORE = 120_000;

  /** One window for all views: what it has in its cache already is counted as if it came anew. */
  private static Page planner;

  private static int beginning;

  private static int scripts(Page page) {
    return ((Number)
            page.evaluate(
                "performance.getEntriesByType('resource').filter(e => e.name.endsWith('.js'))"
                    + ".reduce((sum, e) => sum + e.encodedBodySize, 0)"))
        .intValue();
  }

  private static int scriptsOf(String path, String shown) {
    if (planner == null) {
      planner = App.planner(1280, 800);
    }
    planner.navigate(App.address() + path);
    planner.locator(shown).first().waitFor();
    return scripts(planner);
  }

  @Test
  void theApplicationBeginsWithLittle() {
    assertThat(begin()).isBetween(20_000, FIRST);
  }

  /** The script with which the application begins, before anybody has signed in. */
  private static int begin() {
    if (beginning == 0) {
      beginning = measured();
    }
    return beginning;
  }

  private static int measured() {
    Page page = App.window(1280, 800);
    page.navigate(App.address() + "/sign-in");
    page.getByLabel("E-mail").waitFor();
    int bytes = scripts(page);
    page.context().close();
    return bytes;
  }

  @ParameterizedTest
  @CsvSource({
    "/, .lane-head",
    "/fields, table.plain td",
    "/cover, .headline",
    "/machines/calibrate, .next",
    "/dispatch, .track",
    "/logbook, .entry",
    "/farm, .cards h2",
    "/weather, canvas",
    "/scout, p.answer",
    "/guide, .text h1"
  })
  void aViewBringsNotMuchMore(String path, String shown) {
    assertThat(scriptsOf(path, shown)).as(path).isBetween(20_000, begin() + MORE);
  }

  @Test
  void theMapComesOnlyWhenItIsAskedFor() {
    int list = scriptsOf("/fields", "table.plain td");
    assertThat(scriptsOf("/fields?view=map", ".map canvas")).isBetween(list + 50_000, list + MORE);
  }
}
