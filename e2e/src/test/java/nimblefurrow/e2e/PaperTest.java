package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The season for the wall: all fields on one landscape page. */
class PaperTest {
  @Test
  void theSheetFitsOneLandscapePage() {
    Page page = App.planner(1280, 800);
    page.navigate(App.address() + "/season/print");
    assertThat(page.locator(".paper")).hasCount(1);
    assertThat(page.locator(".paper .name")).hasCount(28);
    assertThat(page.locator(".paper")).containsText("28 fields, 2,336 ac");
    String pdf =
        new String(
            page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true)),
            StandardCharsets.ISO_8859_1);
    assertThat(Pattern.compile("/Type\\s*/Page[^s]").matcher(pdf).results()).hasSize(1);
    Matcher box = Pattern.compile("/MediaBox\\s*\\[0 0 ([\\d.]+) ([\\d.]+)").matcher(pdf);
    assertThat(box.find()).isTrue();
    assertThat(Double.parseDouble(box.group(1))).isGreaterThan(Double.parseDouble(box.group(2)));
    page.context().close();
  }
}
