package nimblefurrow.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.FurrowServer;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/** The real application on a database of its own and a real browser, once for all journeys. */
final class App {
  /** No wall clock of a slow machine decides; only what never comes fails. */
  private static final int LONG_ENOUGH_MS = 180_000;

  private static final List<String> BROWSER_ARGS =
      List.of(
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync");
  private static String address;
  private static Browser browser;

  /** The day on which the server begins, so that no journey hangs on the day it is run. */
  static final LocalDate TODAY = LocalDate.of(2026, 9, 12);

  private App() {}

  static synchronized String address() {
    if (address == null) {
      // Two browsers walk at once, each with a server and a database of its own.
      String fork = System.getProperty("fork", "1");
      String url = System.getenv("FURROW_TEST_DB") + "furrow_e2e_" + fork;
      empty(url);
      System.setProperty("spring.datasource.url", url);
      ConfigurableApplicationContext running =
          new SpringApplicationBuilder(FurrowServer.class)
              .run(
                  "--server.port=0",
                  "--furrow.demo=true",
                  "--furrow.free-farms=1000",
                  "--furrow.plan-seconds=1.5",
                  "--furrow.morning-every=24h",
                  "--furrow.today=" + TODAY);
      address =
          "http://127.0.0.1:" + running.getBean(Environment.class).getProperty("local.server.port");
      // A busy machine answers late, not wrongly.
      PlaywrightAssertions.setDefaultAssertionTimeout(LONG_ENOUGH_MS);
      browser =
          Playwright.create()
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(Path.of("/usr/bin/chromium"))
                      .setArgs(BROWSER_ARGS));
    }
    return address;
  }

  private static void empty(String url) {
    try (var connection =
            DriverManager.getConnection(
                url, System.getenv("FURROW_DB_USER"), System.getenv("FURROW_DB_PASSWORD"));
        var statement = connection.createStatement()) {
      statement.execute("drop schema public cascade");
      statement.execute("create schema public");
    } catch (SQLException e) {
      throw new IllegalStateException("no test database: run ./furrow test, which starts one", e);
    }
  }

  /** A fresh browser window of a size, with the demo's planner signed in. */
  static Page planner(int width, int height) {
    Page page = window(width, height);
    page.navigate(address() + "/sign-in");
    page.getByLabel("E-mail").fill("wren@sorrelbend.example");
    page.getByLabel("Password").fill("cover-the-ground");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in").setExact(true))
        .click();
    page.getByRole(AriaRole.NAVIGATION).waitFor();
    return page;
  }

  static Page window(int width, int height) {
    address();
    BrowserContext context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setReducedMotion(ReducedMotion.REDUCE)
                .setAcceptDownloads(true));
    context.setDefaultTimeout(LONG_ENOUGH_MS);
    return context.newPage();
  }

  /**
   * Takes one of a select's answers. The list is opened by the event itself, not by a place on the
   * screen: what is still being laid out moves under a pointer. A list that a page laid out anew
   * has closed is opened once more, as a person would.
   */
  static void choose(Page page, Locator select, String answer) {
    Locator option =
        page.locator(".v-overlay--active")
            .getByRole(
                AriaRole.OPTION, new Locator.GetByRoleOptions().setName(answer).setExact(true))
            .last();
    for (int tries = 1; ; tries++) {
      try {
        select.dispatchEvent("mousedown");
        option.waitFor(new Locator.WaitForOptions().setTimeout(5_000));
        option.dispatchEvent("click", null, new Locator.DispatchEventOptions().setTimeout(5_000));
        return;
      } catch (PlaywrightException closed) {
        if (tries == 4) throw closed;
      }
    }
  }

  /** Sets the demo to one of its marked days through its menu. */
  static void goTo(Page page, String marked) {
    page.locator("button.today").click();
    page.getByText(marked, new Page.GetByTextOptions().setExact(true)).click();
    page.locator(".v-overlay--active")
        .waitFor(
            new Locator.WaitForOptions()
                .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
  }

  /** Starts a farm of one's own, fills it with the sample and sets its day, as its planner. */
  static void sample(Page page, String day) {
    page.navigate(address() + "/sign-in");
    press(page, "Start a new farm");
    page.getByLabel("Farm name").fill("Spring Farm");
    page.getByLabel("Latitude").fill("40.03");
    page.getByLabel("Longitude").fill("-97.3");
    page.getByLabel("Your name").fill("Ada Marsh");
    page.getByLabel("E-mail").fill(UUID.randomUUID() + "@farm.example");
    page.getByLabel("Password").fill("a long enough one");
    press(page, "Start the farm");
    page.waitForURL("**/farm");
    send(page, "POST", "/api/v1/sample", "{}");
    on(page, day);
  }

  /** Sets the day of a sample farm. */
  static void on(Page page, String day) {
    send(page, "PUT", "/api/v1/farm/day", "{\"day\":\"" + day + "\"}");
  }

  private static void send(Page page, String method, String path, String body) {
    page.evaluate(
        """
        async ([method, path, body]) => {
          const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1])
          const answer = await fetch(path, { method, body,
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })
          if (!answer.ok) throw new Error(path + ': ' + (await answer.text()))
        }""",
        List.of(method, path, body));
  }

  private static void press(Page page, String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }
}
