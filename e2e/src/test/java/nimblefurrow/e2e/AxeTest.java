package nimblefurrow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** What is broken is found: the journeys rest on it. */
class AxeTest {
  @Test
  void whatIsBrokenIsFoundAndOnlyTheContrastWhereOnlyItIsAskedFor() {
    Page page = App.window(1280, 800);
    page.setContent(
        """
        <html lang="en"><title>Yard</title><main><h1>Yard</h1>
        <p style="color: #ccc; background: #fff">Pale on white</p>
        <section id="form"><input></section></main></html>
        """);
    assertThat(Axe.serious(page))
        .hasSize(2)
        .anySatisfy(found -> assertThat(found).startsWith("color-contrast").contains("Pale on"))
        .anySatisfy(found -> assertThat(found).startsWith("label"));
    assertThat(Axe.serious(page, "#form"))
        .singleElement()
        .satisfies(found -> assertThat(found).startsWith("label"));
    assertThat(Axe.contrast(page))
        .singleElement()
        .satisfies(found -> assertThat(found).startsWith("color-contrast"));
    page.context().close();
  }
}
