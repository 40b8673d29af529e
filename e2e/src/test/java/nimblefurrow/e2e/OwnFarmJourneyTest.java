package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.WeatherGenerator;
import org.junit.jupiter.api.Test;

/** A grower's own five fields and 26 years of weather, from an empty farm to rye after corn. */
class OwnFarmJourneyTest {
  private final Page page = App.window(1280, 800);

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static byte[] weather(double warmerF) {
    StringBuilder csv = new StringBuilder("date,max_f,min_f,rain_in\n");
    for (DailyWeather d :
        new WeatherGenerator(40, 51, Figures.shipped())
            .generate(LocalDate.of(2000, 1, 1), LocalDate.of(2025, 12, 31))
            .days()) {
      csv.append(
          "%s,%.1f,%.1f,%.2f%n"
              .formatted(d.date(), d.maxF() + warmerF, d.minF() + warmerF, d.rainIn()));
    }
    return csv.toString().getBytes(StandardCharsets.UTF_8);
  }

  private void bringWeather(double warmerF) {
    page.getByLabel(Pattern.compile("^Signed in as")).click();
    page.locator(".v-list-item")
        .getByText("Farm", new Locator.GetByTextOptions().setExact(true))
        .click();
    page.locator("input[type=file]")
        .setInputFiles(new FilePayload("weather.csv", "text/csv", weather(warmerF)));
    assertThat(page.getByText("9,497 days").or(page.getByText("26 whole years")).first())
        .isVisible();
    button("Use this weather").click();
    assertThat(page.getByText("Every window is worked out anew from it.")).isVisible();
  }

  @Test
  void ryeAfterCornOnOnesOwnLand() {
    page.navigate(App.address() + "/sign-in");
    button("Start a new farm").click();
    page.getByLabel("Farm name").fill("Five Field Farm");
    page.getByLabel("Latitude").fill("40.03");
    page.getByLabel("Longitude").fill("-97.3");
    page.getByLabel("Your name").fill("Ada Marsh");
    page.getByLabel("E-mail").fill(UUID.randomUUID() + "@farm.example");
    page.getByLabel("Password").fill("a long enough one");
    button("Start the farm").click();
    bringWeather(0);

    page.getByRole(AriaRole.NAVIGATION).getByText("Fields").click();
    button("Bring fields").click();
    page.locator("input[type=file]").setInputFiles(Path.of("../samples/five-fields.geojson"));
    assertThat(page.getByText("5 good")).isVisible();
    button("Keep 5 fields").click();
    assertThat(page.locator(".page table.plain tbody tr")).hasCount(5);

    button("Bring fields").click();
    page.locator("input[type=file]").setInputFiles(Path.of("../samples/two-fields.kml"));
    button("Keep 2 fields").click();
    Locator gate =
        page.locator(".page table.plain tbody tr")
            .filter(new Locator.FilterOptions().setHasText("Gate Piece"));
    double shown = Double.parseDouble(gate.locator("td.n").innerText());
    assertThat(shown)
        .as("acres as the ellipsoid's closed formula has them")
        .isCloseTo(quadAcres(0.008, 40.10, 40.107), within(shown * 0.001));

    List<String> complaints = new ArrayList<>();
    page.onConsoleMessage(
        m -> {
          if (m.type().equals("error")) {
            complaints.add(m.text());
          }
        });
    page.getByLabel("Change Gate Piece").click();
    assertThat(page.getByLabel("Cover openings")).containsText("Enter the crops above");
    assertThat(complaints).as("a field without crops is nothing to complain of").isEmpty();
    LocalDate today = App.TODAY;
    int year =
        today.isBefore(LocalDate.of(today.getYear(), 6, 5)) ? today.getYear() - 1 : today.getYear();
    page.getByLabel("Planted, or to be planted").fill(year + "-04-28");
    page.getByLabel("Relative maturity, days").fill("98");
    button("Add the crop").click();
    assertThat(page.getByText("Crop added to the chain.")).isVisible();
    button("Close").click();

    page.getByRole(AriaRole.NAVIGATION).getByText("Cover").click();
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Field")).fill("Gate");
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Gate Piece")).click();
    Locator window = page.getByLabel("Window", new Page.GetByLabelOptions().setExact(true));
    assertThat(window).containsText("Last useful");
    assertThat(page.getByLabel("Seed", new Page.GetByLabelOptions().setExact(true)))
        .containsText("no germination test");
    LocalDate before = lastUseful(window, year);
    button("Make it the plan").click();
    assertThat(page.getByText("cereal rye is the plan for Gate Piece.")).isVisible();

    bringWeather(-5);
    page.getByRole(AriaRole.NAVIGATION).getByText("Cover").click();
    page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Field")).fill("Gate");
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Gate Piece")).click();
    assertThat(window).containsText("Last useful");
    assertThat(lastUseful(window, year)).as("colder years end seeding sooner").isBefore(before);

    page.getByRole(AriaRole.NAVIGATION).getByText("Season").click();
    assertThat(
            page.locator(".lane-head").filter(new Locator.FilterOptions().setHasText("Gate Piece")))
        .isVisible();
  }

  /** Acres between two parallels over a width in degrees on WGS 84. */
  private static double quadAcres(double width, double south, double north) {
    double b = 6_356_752.314245;
    return b * b / 2 * Math.toRadians(width) * (zone(north) - zone(south)) / 4046.8564224;
  }

  private static double zone(double latitude) {
    double e = 0.0818191908426215;
    double s = Math.sin(Math.toRadians(latitude));
    return s / (1 - e * e * s * s) + Math.log((1 + e * s) / (1 - e * s)) / (2 * e);
  }

  private static LocalDate lastUseful(Locator window, int year) {
    Matcher found = Pattern.compile("Last useful\\s*(\\d+ \\w{3})").matcher(window.innerText());
    assertThat(found.find()).isTrue();
    return LocalDate.parse(
        found.group(1) + " " + year, DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH));
  }
}
