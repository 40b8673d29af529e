package nimblefurrow.e2e;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;

/**
 * What stands in the way of somebody with a keyboard, a screen reader or weak eyes. Only what is
 * broken is worked out, on the page itself, which has no frames: a list of all that is well takes
 * longer than the rules.
 */
final class Axe {
  private Axe() {}

  /** What is serious on the whole page. */
  static List<String> serious(Page page) {
    return serious(of(page, new AxeRunOptions()));
  }

  /** What is serious within a part of it. */
  static List<String> serious(Page page, String within) {
    return serious(of(page, new AxeRunOptions()).include(within));
  }

  /** What cannot be read for want of contrast: all that hangs on the theme. */
  static List<String> contrast(Page page) {
    return serious(of(page, new AxeRunOptions()).withRules(List.of("color-contrast")));
  }

  private static AxeBuilder of(Page page, AxeRunOptions options) {
    options.setResultTypes(List.of("violations"));
    return new AxeBuilder(page).options(options).setLegacyMode(true);
  }

  private static List<String> serious(AxeBuilder axe) {
    return axe.analyze().getViolations().stream()
        .filter(v -> List.of("serious", "critical").contains(v.getImpact()))
        .map(Axe::said)
        .toList();
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
