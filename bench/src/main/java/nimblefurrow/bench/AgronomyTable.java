package nimblefurrow.bench;

import java.io.PrintStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.Winter;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.seeding.LastUseful;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;

/** Season dates at three latitudes on the made-up station, for an agronomist to read over. */
final class AgronomyTable {
  private static final LocalDate TODAY = LocalDate.of(2026, 4, 1);
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 28);

  private AgronomyTable() {}

  static void print(PrintStream out) {
    for (double latitude : new double[] {37.0, 40.5, 44.0}) {
      WeatherRecord climate =
          new WeatherGenerator(latitude, 11, Figures.shipped())
              .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2025, 12, 31));
      Outlook outlook =
          Outlook.of(
              Figures.shipped(),
              new Site(latitude, -97),
              climate,
              null,
              List.of(),
              TODAY,
              LocalDate.of(2026, 1, 1),
              LocalDate.of(2027, 12, 31));
      out.printf(
          Locale.ROOT, "%n%.1f°N, 28 years of the made-up station (10 / 50 / 90 %%)%n", latitude);
      cashCrops(out, outlook);
      covers(out, outlook);
      ends(out, outlook);
    }
  }

  private static void cashCrops(PrintStream out, Outlook outlook) {
    CropCalendar corn =
        CropCalendar.of(CropPlanting.corn(LocalDate.of(2026, 5, 2), 104, 20), outlook);
    CropCalendar beans =
        CropCalendar.of(CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0), outlook);
    out.println("  corn, 104-day, planted 2 May");
    for (CropStage stage :
        List.of(
            CropStage.V4,
            CropStage.V6,
            CropStage.SILKING,
            CropStage.HALF_MILK,
            CropStage.BLACK_LAYER,
            CropStage.HARVEST)) {
      row(out, stage.name(), corn.when(stage));
    }
    out.printf(
        Locale.ROOT, "    frost before maturity: %.0f %%%n", corn.frostBeforeMaturity().percent());
    out.println("  soybeans, group 3.0, planted 12 May");
    for (CropStage stage :
        List.of(
            CropStage.FIRST_YELLOW, CropStage.LEAF_DROP, CropStage.BROWN_PODS, CropStage.HARVEST)) {
      row(out, stage.name(), beans.when(stage));
    }
  }

  private static void covers(PrintStream out, Outlook outlook) {
    LocalDate spring = LocalDate.of(2027, 1, 1);
    out.println(
        "  covers: last useful, possible; winter-kill when sown 28 September; mat and flowering in spring");
    for (Species species : Catalogue.shipped().all()) {
      LastUseful last = LastUseful.of(species, false, outlook, spring);
      CoverStand stand = CoverStand.sown(Mix.of(species), SOWN);
      Spread may = new MatForecast(stand, outlook).on(LocalDate.of(2027, 5, 10));
      Optional<DateForecast> flowering =
          new StageForecast(species, stand, outlook).when(CoverStage.FLOWERING);
      out.printf(
          Locale.ROOT,
          "    %-16s %s, %s; kill %3.0f %%; 10 May %,6.0f–%,6.0f lb/ac; flowering %s%n",
          species.id(),
          day(last.useful()),
          day(last.possible()),
          Winter.killChance(species, outlook, SOWN).percent(),
          may.low(),
          may.high(),
          flowering.map(AgronomyTable::range).orElse("–"));
    }
    Species rye = Catalogue.shipped().species("cereal-rye");
    out.printf(
        "    rye to be rolled only: %s; rye that just survives: %s%n",
        day(LastUseful.of(rye, true, outlook, spring).useful()),
        day(LastUseful.surviving(rye, outlook, spring).flatMap(LastUseful::useful)));
  }

  private static void ends(PrintStream out, Outlook outlook) {
    Mix rye = Mix.of(Catalogue.shipped().species("cereal-rye"));
    TerminationRules rules =
        new TerminationRules(
            new MatForecast(CoverStand.sown(rye, SOWN), outlook),
            new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12)),
            false,
            HouseRules.usual(Figures.shipped()));
    out.println("  ending rye sown 28 September, before soybeans on 12 May");
    for (TerminationMethod termination :
        List.of(
            TerminationMethod.EARLY_SPRAY, TerminationMethod.PLANT_GREEN, TerminationMethod.ROLL)) {
      var end = rules.termination(termination);
      out.printf(
          Locale.ROOT,
          "    %-12s opens %s, closes %s, kill %.0f %%%n",
          termination,
          range(end.opens()),
          range(end.closes()),
          100 * end.kill().orElse(Double.NaN));
    }
  }

  private static void row(PrintStream out, String name, DateForecast when) {
    out.printf("    %-14s %s%n", name, range(when));
  }

  private static String range(DateForecast when) {
    return day(when.early()) + " / " + day(when.median()) + " / " + day(when.late());
  }

  private static String day(Optional<LocalDate> day) {
    return day.map(d -> "%02d-%02d".formatted(d.getMonthValue(), d.getDayOfMonth()))
        .orElse("not reached");
  }
}
