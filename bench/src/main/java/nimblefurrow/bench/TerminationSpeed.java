package nimblefurrow.bench;

import java.io.PrintStream;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationDays;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.hours.HourBlock;
import nimblefurrow.core.termination.hours.HourOutlook;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.termination.worth.TradeOff;
import nimblefurrow.core.termination.worth.TradeOffs;
import nimblefurrow.core.termination.worth.WorthCase;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherGenerator;

/** How long the sheet of endings takes for a large farm, and one field's trade-off. */
final class TerminationSpeed {
  private static final int FIELDS = 600;
  private static final int ROUNDS = 5;
  private static final int DAYS = 84;
  private static final int HOURS_DAYS = 10;
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 12);
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 10);

  private TerminationSpeed() {}

  static void print(PrintStream out) {
    Figures figures = Figures.shipped();
    Site site = new Site(40.5, -97);
    Outlook outlook =
        Outlook.of(
            figures,
            site,
            new WeatherGenerator(site.latitude(), 11, figures)
                .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2027, 4, 11)),
            null,
            List.of(),
            TODAY,
            LocalDate.of(2026, 6, 1),
            TODAY.plusDays(240));
    FitDays fit = new FitDays(outlook);
    Mix mix =
        Mix.of(Catalogue.shipped().species("cereal-rye"))
            .and(Catalogue.shipped().species("hairy-vetch"), 0.5);
    MatForecast[] mats = new MatForecast[FIELDS];
    for (int f = 0; f < FIELDS; f++) {
      SoilTexture soil = SoilTexture.values()[f % SoilTexture.values().length];
      mats[f] =
          new MatForecast(
              CoverStand.sown(mix, SOWN.plusDays(f % 60)).with(StandConditions.on(soil)), outlook);
    }
    NextCrop next = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 10));
    for (int round = 1; round <= ROUNDS; round++) {
      long start = System.nanoTime();
      double sum =
          Arrays.stream(mats)
              .parallel()
              .mapToDouble(mat -> sheetRow(mat, next, figures, fit))
              .sum();
      out.printf(
          Locale.ROOT,
          "  every way of ending of %d fields × %d years, strips of %d days: %.2f s (%.2f)%n",
          FIELDS,
          outlook.traces().size(),
          DAYS,
          (System.nanoTime() - start) / 1e9,
          sum / FIELDS);
    }
    for (int round = 1; round <= ROUNDS; round++) {
      long start = System.nanoTime();
      int blocks =
          Arrays.stream(SoilTexture.values())
              .parallel()
              .mapToInt(
                  soil ->
                      HourBlock.of(
                              HourOutlook.of(
                                  outlook, fit, new Footing(soil, false, true), TODAY, HOURS_DAYS),
                              HourOutlook::crimp,
                              figures)
                          .size())
              .sum();
      out.printf(
          Locale.ROOT,
          "  ten days of hours on %d grounds, as 60 fields share them: %.0f ms (%d)%n",
          SoilTexture.values().length,
          (System.nanoTime() - start) / 1e6,
          blocks);
    }
    WorthCase at =
        WorthCase.of(next.kind(), next.planned(), false, Weeds.USUAL, 1, 1, false, site, figures);
    for (int round = 1; round <= 3 * ROUNDS; round++) {
      long start = System.nanoTime();
      TradeOff off =
          new TradeOffs(
                  mats[round],
                  at,
                  fit,
                  new Footing(SoilTexture.SILT_LOAM, false, true),
                  Footing.bare(SoilTexture.SILT_LOAM))
              .work(false);
      out.printf(
          Locale.ROOT,
          "  one field's trade-off: %.0f ms (%s)%n",
          (System.nanoTime() - start) / 1e6,
          off.best().map(b -> b.way().words()).orElse("-"));
    }
  }

  /** A row of the sheet as the server makes it, its strips drawn. */
  private static double sheetRow(MatForecast mat, NextCrop next, Figures figures, FitDays fit) {
    TerminationRules rules = new TerminationRules(mat, next, false, HouseRules.usual(figures));
    Footing ground = new Footing(SoilTexture.SILT_LOAM, false, true);
    double sum = 0;
    for (TerminationMethod termination : TerminationMethod.values()) {
      TerminationOutlook told = rules.termination(termination);
      sum +=
          told.impossible().isPresent()
              ? 0
              : TerminationDays.chances(told, ground, fit, TODAY, DAYS).get(30);
    }
    return sum;
  }
}
