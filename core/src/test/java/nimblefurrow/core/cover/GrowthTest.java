package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The growth of a day against weights worked out by hand, and of seasons against trials. */
class GrowthTest {
  private static final Catalogue CATALOGUE = Catalogue.shipped();
  private static final LocalDate OCTOBER = LocalDate.of(2026, 10, 1);

  private static CoverStand sown(String species, LocalDate day) {
    return CoverStand.sown(Mix.of(CATALOGUE.species(species)), day);
  }

  private static Growth growth(String species, CoverStand stand) {
    return new Growth(CATALOGUE.species(species), stand, TestWeather.SITE);
  }

  private static double day(Growth growth, double pounds, double max, double min, double sun) {
    return growth.ofDay(pounds, sun * growth.warmth((max + min) / 2), 0, 1);
  }

  @ParameterizedTest
  @CsvSource({
    "cereal-rye,87.6",
    "winter-triticale,81.4",
    "winter-wheat,72.4",
    "winter-barley,85.9",
    "annual-ryegrass,63.3",
    "hairy-vetch,52.2",
    "crimson-clover,61.9",
    "winter-pea,58.4",
    "red-clover,41.0",
    "alfalfa,41.0",
    "rapeseed,66.7",
    "winter-camelina,44.5",
    "radish,59.8",
    "oats,66.4"
  })
  void coolSpeciesOnTheCheckDay(String species, double expected) {
    Growth growth = growth(species, sown(species, LocalDate.of(2026, 9, 1)));
    double light = 18 * growth.warmth(55);
    assertThat(growth.ofDay(1000, light, 500, 1)).isCloseTo(expected, within(0.05));
  }

  @ParameterizedTest
  @CsvSource({
    "sorghum-sudangrass,134.2",
    "pearl-millet,137.1",
    "cowpea,81.6",
    "sunn-hemp,115.0",
    "buckwheat,128.5"
  })
  void warmSpeciesOnTheCheckDay(String species, double expected) {
    Growth growth = growth(species, sown(species, LocalDate.of(2026, 7, 1)));
    double light = 22 * growth.warmth(74);
    assertThat(growth.ofDay(1000, light, 600, 1)).isCloseTo(expected, within(0.06));
  }

  private static WeatherTrace always(double max, double min, double sun) {
    List<DailyWeather> days = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      days.add(new DailyWeather(OCTOBER.plusDays(i), max, min, 0, 0, 8, 60, sun));
    }
    return new WeatherTrace(days.toArray(new DailyWeather[0]));
  }

  @Test
  void ryeComesUpOnTheEleventhDayAndGrows() {
    float[] pounds = growth("cereal-rye", sown("cereal-rye", OCTOBER)).run(always(60, 40, 12), 60);
    assertThat(pounds[9]).isZero();
    assertThat(pounds[10]).isCloseTo(0.32f * 60, within(0.01f));
    assertThat(pounds[19]).isCloseTo(37.2f, within(0.05f));
    assertThat(pounds[39]).isCloseTo(153.6f, within(0.05f));
  }

  @Test
  void aThinStandStartsLowAndShadesLess() {
    // A third of a good stand shades 1 − e⁻¹ = 0.632 at most; a fifth of the usual plants would
    // start at √0.2. Rye's usual 60 lb drilled are 19.83 plants, a good stand is 12: so a stand of
    // 19.83 × 0.2 = 3.97 plants on a good stand of 11.9.
    CoverStand thin =
        sown("cereal-rye", OCTOBER)
            .with(
                new CoverSeen(
                    Map.of(), MatBelief.UNSEEN, Map.of("cereal-rye", 60 * 18000 / 43560.0 * 0.16)));
    Growth growth = growth("cereal-rye", thin);
    assertThat(growth.groundCover(1e9)).isCloseTo(0.629, within(0.001));
    assertThat(growth.run(always(60, 40, 12), 60)[39]).isCloseTo(70.5f, within(0.2f));
  }

  /** Asked again and again what a poor stand would weigh, it is grown once, and as any other is. */
  @Test
  void whatIsSeenOtherwiseIsGrownOnce() {
    MatForecast mat =
        new MatForecast(
            sown("cereal-rye", LocalDate.of(2026, 9, 20)),
            TestWeather.outlook(LocalDate.of(2026, 11, 1)));
    CoverSeen poor = new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of("cereal-rye", 4.0));
    CoverSeen again = new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of("cereal-rye", 4.0));
    LocalDate spring = LocalDate.of(2027, 4, 20);
    assertThat(mat.otherwise(poor)).isSameAs(mat.otherwise(again));
    assertThat(mat.otherwise(poor).on(spring))
        .isEqualTo(new MatForecast(mat.stand().with(poor), mat.outlook()).on(spring));
    assertThat(mat.otherwise(poor).on(spring).middle()).isLessThan(mat.on(spring).middle());
  }

  @Test
  void ageNitrogenYouthAndFrostHoldGrowthBack() {
    Growth rye = growth("cereal-rye", sown("cereal-rye", LocalDate.of(2026, 9, 10)));
    double warm = 22 * rye.warmth(65);
    assertThat(rye.ofDay(6000, warm, 1200, 1)).isCloseTo(95.5, within(0.05));
    // Sown 25 days after 20 September: 25 ÷ 7 × 22 = 78.6 °F-days later.
    Growth late = growth("cereal-rye", sown("cereal-rye", LocalDate.of(2026, 10, 15)));
    assertThat(late.ofDay(6000, warm, 1200, 1)).isCloseTo(115.3, within(0.2));
    CoverStand hungry =
        sown("cereal-rye", LocalDate.of(2026, 9, 10))
            .with(new StandConditions(Optional.empty(), Optional.of(60.0)));
    Growth fed = growth("cereal-rye", hungry);
    double light = 18 * rye.warmth(55);
    assertThat(rye.ofDay(5000, light, 500, 1)).isCloseTo(105.7, within(0.05));
    assertThat(fed.ofDay(5000, light, 500, fed.fed(5000))).isCloseTo(79.3, within(0.05));
    Growth vetch = growth("hairy-vetch", sown("hairy-vetch", LocalDate.of(2026, 9, 10)));
    assertThat(vetch.ofDay(1000, 18 * vetch.warmth(55), 300, 1)).isCloseTo(34.4, within(0.05));
  }

  @Test
  void aColdNightTakesItsShare() {
    List<DailyWeather> days = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      boolean cold = i >= 40;
      days.add(
          new DailyWeather(OCTOBER.plusDays(i), cold ? 38 : 60, cold ? 18 : 40, 0, 0, 8, 60, 12));
    }
    float[] pounds =
        growth("cereal-rye", sown("cereal-rye", OCTOBER))
            .run(new WeatherTrace(days.toArray(new DailyWeather[0])), 60);
    assertThat(pounds[40] / pounds[39]).isCloseTo(0.996f, within(1e-5f));
    assertThat(1500 * 0.996).isCloseTo(1494, within(0.5));
  }

  /** Middles of published weights at 40.5°N; a quarter more or less is usual in the field. */
  @ParameterizedTest
  @CsvSource({
    "cereal-rye,2026-09-15,3000,4400,6300,7600,8400",
    "cereal-rye,2026-10-01,1500,2850,4700,6300,7300",
    "cereal-rye,2026-10-15,550,1600,3500,5200,6500",
    "cereal-rye,2026-11-05,210,940,2900,4600,6200",
    "hairy-vetch,2026-09-15,560,1030,2040,2860,3800",
    "crimson-clover,2026-09-15,640,1320,2500,3400,3750"
  })
  void springWeightsLieWhereTrialsFoundThem(
      String species, LocalDate day, double a, double b, double c, double d, double e) {
    Outlook outlook = TestWeather.outlook(LocalDate.of(2026, 6, 1));
    MatForecast mat = new MatForecast(sown(species, day), outlook);
    double[] wanted = {a, b, c, d, e};
    String[] dates = {"2027-04-10", "2027-04-25", "2027-05-10", "2027-05-20", "2027-06-01"};
    for (int i = 0; i < wanted.length; i++) {
      double middle = mat.on(LocalDate.parse(dates[i])).middle();
      assertThat(middle).as(dates[i]).isBetween(wanted[i] * 0.8 - 60, wanted[i] * 1.2 + 60);
    }
    assertThat(wanted).hasSize(5);
  }

  @Test
  void theSouthGrowsMoreThanTheNorth() {
    assertThat(may(37, 7400)).isBetween(0.75, 1.25);
    assertThat(may(44, 1200)).isBetween(0.6, 1.5);
  }

  private static double may(double latitude, double wanted) {
    Outlook outlook =
        TestWeather.outlook(
            new nimblefurrow.core.weather.Site(latitude, -97),
            TestWeather.climate(latitude),
            LocalDate.of(2026, 6, 1));
    return new MatForecast(sown("cereal-rye", OCTOBER), outlook)
            .on(LocalDate.of(2027, 5, 10))
            .middle()
        / wanted;
  }

  @Test
  void nothingGrowsBeyondItsCeilingNorShrinksWithoutFrost() {
    int asked = 0;
    for (Species species : CATALOGUE.all()) {
      WeatherTrace trace = always(85, 65, 25);
      float before = 0;
      for (float now : growth(species.id(), sown(species.id(), OCTOBER)).run(trace, 60)) {
        assertThat((double) now).isBetween((double) before, species.growth().ceiling());
        before = now;
        asked++;
      }
    }
    assertThat(asked).isEqualTo(26 * 60);
  }

  @Test
  void aDrySoilHoldsGrowthBackAndSandMoreThanSiltLoam() {
    Figures figures = Figures.shipped();
    RootZone bare = new RootZone(SoilTexture.SILT_LOAM, 7, figures);
    RootZone green = new RootZone(SoilTexture.SILT_LOAM, 7, figures);
    for (int day = 0; day < 30; day++) {
      bare.day(0.20, 0.04, 0, 1);
      green.day(0.20, 0.04, 0.8, 1);
    }
    assertThat(bare.inches()).isCloseTo(6.58, within(0.005));
    assertThat(green.inches()).isCloseTo(3.46, within(0.005));
    assertThat(bare.allows()).isEqualTo(1);
    assertThat(green.allows()).isCloseTo(3.46 / 3.5, within(0.002));
    CoverStand stand = sown("cereal-rye", OCTOBER);
    float free = growth("cereal-rye", stand).run(always(75, 55, 22), 60)[59];
    float silt =
        growth("cereal-rye", stand.with(StandConditions.on(SoilTexture.SILT_LOAM)))
            .run(always(75, 55, 22), 60)[59];
    float sand =
        growth("cereal-rye", stand.with(StandConditions.on(SoilTexture.SAND)))
            .run(always(75, 55, 22), 60)[59];
    assertThat(sand).isLessThan(silt);
    assertThat(silt).isLessThan(free);
  }

  @Test
  void deadCoverRotsByWarmWeeks() {
    Figures figures = Figures.shipped();
    double warm = 28 * Residue.warmDay(50, figures) / 7;
    assertThat(Residue.left(figures, 45, warm)).isCloseTo(0.864, within(0.0005));
    double cool = 120 * Residue.warmDay(36, figures) / 7;
    assertThat(Residue.left(figures, 16, cool)).isCloseTo(0.754, within(0.0005));
    assertThat(Residue.warmDay(20, figures)).isZero();
    assertThat(Residue.warmDay(110, figures)).isEqualTo(1.3);
    assertThat(HeatBase.BASE_40.degreeDays(60, 40)).isEqualTo(10);
  }
}
