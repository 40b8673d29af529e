package nimblefurrow.bench;

import java.io.PrintStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;

/** How long it takes to grow the covers of a large farm over all climate years, on one core. */
final class GrowthSpeed {
  private static final int FIELDS = 600;
  private static final int ROUNDS = 5;
  private static final LocalDate FROM = LocalDate.of(2026, 6, 1);
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 1);

  private GrowthSpeed() {}

  static void print(PrintStream out) {
    Figures figures = Figures.shipped();
    Site site = new Site(40.5, -97);
    WeatherRecord climate =
        new WeatherGenerator(site.latitude(), 11, figures)
            .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2025, 12, 31));
    Outlook outlook =
        Outlook.of(figures, site, climate, null, List.of(), FROM, FROM, SOWN.plusDays(399 + 40));
    Catalogue catalogue = Catalogue.shipped();
    Mix mix =
        Mix.of(catalogue.species("cereal-rye"))
            .and(catalogue.species("hairy-vetch"), 0.5)
            .and(catalogue.species("crimson-clover"), 0.5);
    for (boolean thirsty : new boolean[] {false, true}) {
      for (int round = 1; round <= ROUNDS; round++) {
        long start = System.nanoTime();
        double whole = 0;
        for (int field = 0; field < FIELDS; field++) {
          CoverStand stand = CoverStand.sown(mix, SOWN.plusDays(field % 40));
          stand = thirsty ? stand.with(StandConditions.on(SoilTexture.LOAM)) : stand;
          whole += new MatForecast(stand, outlook).membersOn(SOWN.plusDays(250))[0];
        }
        out.printf(
            Locale.ROOT,
            "  growth of %d fields × 28 years × 400 days × 3 species%s: %.2f s (rye %.0f lb/ac)%n",
            FIELDS,
            thirsty ? ", with root-zone water" : "",
            (System.nanoTime() - start) / 1e9,
            whole / FIELDS);
      }
    }
  }
}
