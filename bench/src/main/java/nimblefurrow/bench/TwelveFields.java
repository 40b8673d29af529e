package nimblefurrow.bench;

import java.io.PrintStream;
import java.time.LocalDate;
import java.time.MonthDay;
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
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.termination.worth.TradeOff;
import nimblefurrow.core.termination.worth.TradeOffs;
import nimblefurrow.core.termination.worth.WorthCase;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherGenerator;
import nimblefurrow.core.weather.WeatherRecord;

/** What is advised for twelve invented fields in April, to be read by somebody who knows fields. */
final class TwelveFields {
  private static final Site SITE = new Site(40.5, -97);
  private static final LocalDate TODAY = LocalDate.of(2027, 4, 14);
  private static final Figures FIGURES = Figures.shipped();
  private static final Catalogue SPECIES = Catalogue.shipped();

  private TwelveFields() {}

  /** How every year of the climate is turned in March to June. */
  private enum Spring {
    USUAL(1, 0),
    WET(1.9, -2),
    DRY(0.35, 2),
    LATE_FROST(1, -7);

    private final double rain;
    private final double warmer;

    Spring(double rain, double warmer) {
      this.rain = rain;
      this.warmer = warmer;
    }

    private WeatherRecord over(WeatherRecord usual) {
      return WeatherRecord.of(usual.days().stream().map(this::turned).toList());
    }

    private DailyWeather turned(DailyWeather day) {
      int month = day.date().getMonthValue();
      return month < 3 || month > 6
          ? day
          : new DailyWeather(
              day.date(),
              day.maxF() + warmer,
              day.minF() + warmer,
              day.rainIn() * rain,
              day.snowDepthIn(),
              day.windMph(),
              day.humidity(),
              day.sunMj());
    }
  }

  private record Invented(
      String words,
      Spring spring,
      Mix mix,
      LocalDate sown,
      SoilTexture soil,
      CropKind crop,
      LocalDate planted,
      boolean organic,
      boolean feed,
      List<TerminationDate> dates) {}

  private static Mix mix(String first, String... others) {
    Mix mix = Mix.of(SPECIES.species(first));
    for (String other : others) {
      mix = mix.and(SPECIES.species(other), 0.5);
    }
    return mix;
  }

  private static Invented field(
      String words, Spring spring, Mix mix, String sown, CropKind crop, String planted) {
    return new Invented(
        words,
        spring,
        mix,
        LocalDate.parse("2026-" + sown),
        SoilTexture.SILT_LOAM,
        crop,
        LocalDate.parse("2027-" + planted),
        false,
        false,
        List.of());
  }

  private static List<Invented> all() {
    Mix rye = mix("cereal-rye");
    CropKind beans = CropKind.SOYBEANS;
    CropKind corn = CropKind.CORN_GRAIN;
    Invented organic = field("thin organic rye", Spring.USUAL, rye, "10-20", beans, "05-20");
    Invented insured = field("an insurer's day near", Spring.USUAL, rye, "09-20", beans, "05-18");
    return List.of(
        field("rye, wet May", Spring.WET, rye, "09-25", beans, "05-10"),
        field("rye, drought", Spring.DRY, rye, "09-25", beans, "05-10"),
        field("rye, frozen spring", Spring.LATE_FROST, rye, "09-25", beans, "05-10"),
        field("thin late rye", Spring.USUAL, rye, "11-05", beans, "05-10"),
        field("heavy vetch before corn", Spring.USUAL, mix("hairy-vetch"), "08-25", corn, "05-08"),
        field("rapeseed that bolts", Spring.USUAL, mix("rapeseed"), "08-25", corn, "05-05"),
        field("annual ryegrass", Spring.USUAL, mix("annual-ryegrass"), "09-01", corn, "05-05"),
        field(
            "rye and vetch",
            Spring.USUAL,
            mix("cereal-rye", "hairy-vetch"),
            "09-10",
            corn,
            "05-05"),
        new Invented(
            organic.words(),
            organic.spring(),
            organic.mix(),
            organic.sown(),
            organic.soil(),
            beans,
            organic.planted(),
            true,
            false,
            List.of()),
        new Invented(
            insured.words(),
            insured.spring(),
            insured.mix(),
            insured.sown(),
            insured.soil(),
            beans,
            insured.planted(),
            false,
            false,
            List.of(
                new TerminationDate(
                    "crop insurance", TerminationDate.Kind.DEAD_BY, MonthDay.of(5, 15)))),
        field(
            "wet clay, much residue", Spring.WET, mix("winter-triticale"), "09-05", corn, "05-08"),
        new Invented(
            "early triticale with stock",
            Spring.USUAL,
            mix("winter-triticale"),
            LocalDate.of(2026, 8, 28),
            SoilTexture.LOAM,
            beans,
            LocalDate.of(2027, 5, 20),
            false,
            true,
            List.of()));
  }

  static void print(PrintStream out) {
    for (Invented field : all()) {
      print(field, out);
    }
  }

  private static void print(Invented field, PrintStream out) {
    WeatherRecord usual =
        new WeatherGenerator(SITE.latitude(), 11, FIGURES)
            .generate(LocalDate.of(1998, 1, 1), LocalDate.of(2027, 4, 13));
    Outlook outlook =
        Outlook.of(
            FIGURES,
            SITE,
            field.spring().over(usual),
            null,
            List.of(),
            TODAY,
            LocalDate.of(2026, 6, 1),
            TODAY.plusDays(240));
    FitDays fit = new FitDays(outlook);
    MatForecast mat =
        new MatForecast(
            CoverStand.sown(field.mix(), field.sown()).with(StandConditions.on(field.soil())),
            outlook);
    NextCrop next = new NextCrop(field.crop(), field.planted());
    WorthCase at =
        WorthCase.of(
            field.crop(),
            field.planted(),
            field.organic(),
            Weeds.USUAL,
            1,
            1,
            false,
            SITE,
            FIGURES);
    TradeOff off =
        new TradeOffs(
                mat, at, fit, new Footing(field.soil(), false, true), Footing.bare(field.soil()))
            .work(field.feed());
    out.printf(
        Locale.ROOT,
        "%n%s: sown %s, %,.0f lb/ac now, %s on %s%n",
        field.words(),
        field.sown(),
        mat.on(TODAY).middle(),
        field.crop().name().toLowerCase(Locale.ROOT),
        field.planted());
    off.ways().stream()
        .sorted((a, b) -> Double.compare(b.best().mean(), a.best().mean()))
        .limit(3)
        .forEach(
            way ->
                out.printf(
                    Locale.ROOT,
                    "  %-36s best %s  %+.0f (%+.0f to %+.0f), %.0f %% dies of %,.0f lb/ac%n",
                    way.way().words(),
                    way.best().on(),
                    way.best().mean(),
                    way.best().range().low(),
                    way.best().range().high(),
                    100 * way.best().kill(),
                    way.best().mat()));
    TerminationRules rules =
        new TerminationRules(mat, next, field.organic(), HouseRules.usual(FIGURES), field.dates());
    for (TerminationMethod termination :
        List.of(
            TerminationMethod.EARLY_SPRAY,
            TerminationMethod.PLANT_GREEN,
            TerminationMethod.ROLL,
            TerminationMethod.GRAZING)) {
      TerminationOutlook told = rules.termination(termination);
      out.printf(
          "  %s: %s%n",
          termination.words(),
          told.impossible()
              .map(r -> "no; " + r.in(UnitSystem.US))
              .orElseGet(
                  () ->
                      told.aim().map(LocalDate::toString).orElse("no day")
                          + told.against().stream()
                              .map(r -> "; " + r.in(UnitSystem.US))
                              .reduce("", String::concat)));
    }
  }
}
