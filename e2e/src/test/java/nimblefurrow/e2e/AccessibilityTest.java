package nimblefurrow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Nothing serious stands in anyone's way on the main views, by day and by night. */
class AccessibilityTest {
  private static final Map<String, String> VIEWS =
      Map.ofEntries(
          Map.entry("/", ".lane-head"),
          Map.entry("/cover", ".answer"),
          Map.entry("/dispatch", ".track"),
          Map.entry("/logbook", ".list li"),
          Map.entry("/fields", "table.plain td"),
          Map.entry("/fields?view=map", ".map canvas"),
          Map.entry("/machines", ".rig"),
          Map.entry("/machines/calibrate", ".next"),
          Map.entry("/machines/loads", "table.ways td"),
          Map.entry("/machines/flight", "svg.plan"),
          Map.entry("/order", "table.plain td"),
          Map.entry("/catalogue", "table.plain td"),
          Map.entry("/farm", ".cards"));

  @Test
  void mainViewsByDayAndByNight() {
    for (String theme : List.of("day", "nightCab")) {
      Page page = App.planner(1280, 800);
      page.evaluate("t => localStorage.setItem('furrow-theme', t)", theme);
      VIEWS.forEach(
          (path, shown) -> {
            page.navigate(App.address() + path);
            page.locator(shown).first().waitFor();
            List<String> serious =
                new AxeBuilder(page)
                    .analyze().getViolations().stream()
                        .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
                        .map(AccessibilityTest::said)
                        .toList();
            assertThat(serious).as(path + " " + theme).isEmpty();
          });
      page.context().close();
    }
  }

  private static String said(Rule rule) {
    return rule.getId()
        + ": "
        + rule.getNodes().stream()
            .limit(4)
            .map(n -> n.getHtml() + " | " + n.getFailureSummary())
            .toList();
  }
}
