package nimblefurrow.core.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.Sunlight;
import nimblefurrow.core.weather.TopsoilWater;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;

/** A figure that is changed changes what follows from it, the way it must and where it must. */
class FiguresBindTest {
  private static final LocalDate AUTUMN = LocalDate.of(2026, 9, 1);
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 28);
  private static final NextCrop BEANS = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 28));

  private static Figures with(String sheet, String name, double value) {
    return Figures.shipped().with(Map.of(new FigureId(sheet, name, "value"), value));
  }

  private static TerminationOutlook termination(Figures figures, TerminationMethod termination) {
    Mix rye = Mix.of(Catalogue.of(figures).species("cereal-rye"));
    Outlook outlook = TestWeather.outlook(AUTUMN).with(figures);
    HouseRules rules = HouseRules.usual(figures);
    return new TerminationRules(
            new MatForecast(CoverStand.sown(rye, SOWN), outlook), BEANS, false, rules)
        .termination(termination);
  }

  /**
   * 74 °F-days before viable seed the first stems carry some: with 40 there are later days left.
   */
  @Test
  void theMarginBeforeViableSeedClosesTheRoller() {
    LocalDate early =
        termination(Figures.shipped(), TerminationMethod.ROLL).closes().median().orElseThrow();
    LocalDate later =
        termination(with("termination", "seed_risk_before", 40), TerminationMethod.ROLL)
            .closes()
            .median()
            .orElseThrow();
    assertThat(later).isAfter(early);
    assertThat(later).isBeforeOrEqualTo(early.plusDays(4));
  }

  /** A systemic product wants three warm days running, not the first warm one. */
  @Test
  void aSprayWaitsForItsRunOfWarmDays() {
    TerminationOutlook three = termination(Figures.shipped(), TerminationMethod.EARLY_SPRAY);
    TerminationOutlook one =
        termination(with("termination", "spray_run", 1), TerminationMethod.EARLY_SPRAY);
    int later = 0;
    for (int year = 0; year < three.opens().members(); year++) {
      Optional<LocalDate> after = three.opens().days().in(year);
      Optional<LocalDate> first = one.opens().days().in(year);
      if (after.isPresent() && first.isPresent()) {
        assertThat(after.get()).isAfterOrEqualTo(first.get());
        later += after.get().isAfter(first.get()) ? 1 : 0;
      }
    }
    assertThat(later).as("years in which the first warm day is not yet enough").isPositive();
  }

  /** At half its rate a member gives 0.5^0.7 = 62 % of its full weight, not half. */
  @Test
  void aMemberAtHalfItsRateGivesMoreThanHalf() {
    LocalDate may = LocalDate.of(2027, 5, 10);
    double whole = mat(Figures.shipped(), 1, may);
    assertThat(mat(Figures.shipped(), 0.5, may) / whole)
        .isCloseTo(Math.pow(0.5, 0.7), within(0.01));
    assertThat(mat(with("cover", "mix_share_power", 1), 0.5, may) / whole)
        .isCloseTo(0.5, within(0.01));
  }

  private static double mat(Figures figures, double share, LocalDate day) {
    Mix mix = new Mix(List.of(new Mix.Member(Catalogue.of(figures).species("cereal-rye"), share)));
    Outlook outlook = TestWeather.outlook(AUTUMN).with(figures);
    return new MatForecast(CoverStand.sown(mix, SOWN), outlook).on(day).middle();
  }

  /** One dry day worked out by hand: three quarters full, less bare ground's share of the pull. */
  @Test
  void bareGroundGivesItsShareOfWhatTheDayCouldTake() {
    LocalDate day = LocalDate.of(2026, 6, 20);
    WeatherTrace dry = TestWeather.trace(day, day.plusDays(1), d -> 75);
    Row store = Figures.shipped().sheet("soils").row(SoilTexture.LOAM.code());
    double capacity = store.number("capacity_in");
    double empty = store.number("wilting_in") * 0.5;
    double water = 0.75 * capacity;
    double pull = Sunlight.evaporationIn(day, TestWeather.SITE.latitude(), 85, 65);
    double taken = 0.65 * pull * (water - empty) / (capacity - empty);
    TopsoilWater soil =
        TopsoilWater.run(dry, TestWeather.SITE, SoilTexture.LOAM, false, 0, 0, Figures.shipped());
    assertThat(soil.shareOfCapacity(day)).isCloseTo((water - taken) / capacity, within(1e-9));
  }
}
