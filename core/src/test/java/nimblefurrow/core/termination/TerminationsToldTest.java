package nimblefurrow.core.termination;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.termination.method.TerminationRules;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What each way of ending a cover says of itself, and the days it gives, counted again by hand. */
class TerminationsToldTest {
  private static final NextCrop CORN = new NextCrop(CropKind.CORN_GRAIN, LocalDate.of(2027, 5, 2));
  private static final NextCrop BEANS = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 28));
  private final Outlook outlook = TestWeather.outlook(LocalDate.of(2026, 9, 1));
  private final Catalogue catalogue = Catalogue.shipped();

  private TerminationOutlook termination(
      String species, TerminationMethod termination, NextCrop next) {
    CoverStand stand =
        CoverStand.sown(Mix.of(catalogue.species(species)), LocalDate.of(2026, 9, 5));
    return new TerminationRules(
            new MatForecast(stand, outlook), next, false, HouseRules.usual(Figures.shipped()))
        .termination(termination);
  }

  private static List<String> said(List<Reason> reasons) {
    return reasons.stream().map(r -> r.in(UnitSystem.US)).toList();
  }

  /** The third of three days running from March on with 60 °F or more and nights of 40 or more. */
  @Test
  void theFirstSprayDayIsTheThirdWarmOneInEachYear() {
    TerminationOutlook spray = termination("cereal-rye", TerminationMethod.EARLY_SPRAY, BEANS);
    int counted = 0;
    int waited = 0;
    for (int year = 0; year < outlook.traces().size(); year++) {
      WeatherTrace trace = outlook.traces().get(year);
      LocalDate day = firstSprayDay();
      LocalDate begin = day;
      while (!(warm(trace, day) && warm(trace, day.plusDays(1)) && warm(trace, day.plusDays(2)))) {
        day = day.plusDays(1);
      }
      assertThat(spray.opens().days().in(year)).as("year %d", year).contains(day.plusDays(2));
      waited += day.isAfter(begin) ? 1 : 0;
      counted++;
    }
    assertThat(counted).isEqualTo(28);
    assertThat(waited).as("years that are cold at first").isPositive();
  }

  /**
   * The first day that is looked at: so many days after the turn of the year as the figure says.
   */
  private static LocalDate firstSprayDay() {
    return LocalDate.of(2027, 1, 1)
        .plusDays((long) Figures.shipped().sheet("termination").row("spray_from").number("value"));
  }

  private static boolean warm(WeatherTrace trace, LocalDate day) {
    DailyWeather weather = trace.on(day);
    return weather.maxF() >= 60 && weather.minF() >= 40;
  }

  @Test
  void anEarlySprayIsHeldToSmallStandsAndKeepsGrassAwayFromCorn() {
    TerminationOutlook barley = termination("winter-barley", TerminationMethod.EARLY_SPRAY, CORN);
    assertThat(said(barley.reasons()))
        .anyMatch(r -> r.startsWith("winter barley is small enough until boot, about 29 Apr"))
        .anyMatch(r -> r.contains("dead 14 days before planting on 2 May"));
    assertThat(barley.closes().median()).contains(LocalDate.of(2027, 4, 18));
    TerminationOutlook pea = termination("winter-pea", TerminationMethod.EARLY_SPRAY, CORN);
    assertThat(said(pea.reasons())).as("a legume has neither limit").isEmpty();
    assertThat(pea.closes().median()).contains(CORN.planned());
    assertThat(said(pea.against()))
        .containsExactly("least mulch: the mat stays thin and weeds come through");
    assertThat(pea.kill().orElseThrow()).isEqualTo(0.94);
  }

  @ParameterizedTest
  @CsvSource({
    "crimson-clover,still leafy,false",
    "annual-ryegrass,at jointing,true",
    "winter-barley,at boot or bud,true"
  })
  void plantingGreenNamesTheStageItMeets(String species, String stage, boolean grass) {
    TerminationOutlook green = termination(species, TerminationMethod.PLANT_GREEN, CORN);
    assertThat(said(green.reasons())).last().asString().endsWith("is then " + stage);
    assertThat(green.closes().median()).contains(CORN.planned().plusDays(5));
    assertThat(said(green.against()).stream().anyMatch(r -> r.contains("30 lb/ac")))
        .isEqualTo(grass);
  }

  @Test
  void theRollerTellsItsSecondPassALowStandAndWhatWaitingCosts() {
    TerminationOutlook clover = termination("crimson-clover", TerminationMethod.ROLL, CORN);
    assertThat(said(clover.reasons()))
        .anyMatch(r -> r.equals("crimson clover: 80 % of stems flower about 21 May"))
        .anyMatch(r -> r.equals("chance that the mat weighs 7,000 lb/ac by then: 3 %"))
        .anyMatch(r -> r.matches("crimson clover: a second pass 5 to 7 days later brings 75 % .*"));
    assertThat(said(clover.against()))
        .anyMatch(r -> r.startsWith("mat likely under 7,000 lb/ac"))
        .anyMatch(r -> r.startsWith("crimson clover stands about 22 in high: under 24 in"))
        .anyMatch(r -> r.startsWith("planting waits from 2 May to 21 May: about"));
    TerminationOutlook vetch = termination("hairy-vetch", TerminationMethod.ROLL, CORN);
    assertThat(said(vetch.against())).as("vetch stands tall").noneMatch(r -> r.contains("high"));
    TerminationOutlook late = termination("cereal-rye", TerminationMethod.ROLL, BEANS);
    assertThat(said(late.against())).noneMatch(r -> r.contains("planting waits"));
  }

  @ParameterizedTest
  @CsvSource({"crimson-clover,33", "winter-barley,27", "hairy-vetch,5", "cereal-rye,0"})
  void whatLivesOnIsNotLeftToTheWinter(String species, int percent) {
    Optional<Reason> why = termination(species, TerminationMethod.WINTER_KILL, BEANS).impossible();
    assertThat(why.orElseThrow().in(UnitSystem.US))
        .contains("in only " + percent + " % of winters");
    TerminationOutlook oats = termination("oats", TerminationMethod.WINTER_KILL, BEANS);
    assertThat(oats.kill()).contains(1.0);
    assertThat(said(oats.reasons()).get(0)).contains("by spring in 100 % of years");
    for (TerminationMethod other :
        List.of(
            TerminationMethod.EARLY_SPRAY, TerminationMethod.PLANT_GREEN, TerminationMethod.ROLL)) {
      assertThat(termination("oats", other, BEANS).impossible().orElseThrow().in(UnitSystem.US))
          .contains("nothing here outlives the winter");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "2026-05-12,40.5,2027-05-12",
    "2026-07-10,40.5,2027-05-12",
    "2025-10-04,40.5,2027-05-12",
    "2026-11-10,-33,2027-11-12"
  })
  void whereNothingIsEnteredSoybeansOfTheNextSeasonAreTaken(
      LocalDate planted, double latitude, LocalDate next) {
    NextCrop assumed = NextCrop.assumed(planted, new Site(latitude, -97), Figures.shipped());
    assertThat(assumed.kind()).isEqualTo(CropKind.SOYBEANS);
    assertThat(assumed.planned()).isEqualTo(next);
  }
}
