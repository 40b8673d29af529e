package nimblefurrow.core.termination;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.termination.route.RouteRules;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A figure that is missing is missing: never 0 or 100 %, and never an error. */
class NoFigureTest {
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 9, 1));
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 20);
  private static final NextCrop BEANS = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Species CAMELINA = Catalogue.shipped().species("winter-camelina");
  private static final Species VETCH = Catalogue.shipped().species("hairy-vetch");

  private static RouteOutlook route(Mix mix, Route route) {
    return new RouteRules(
            new MatForecast(CoverStand.sown(mix, SOWN), OUTLOOK),
            BEANS,
            false,
            HouseRules.usual(Figures.shipped()))
        .route(route);
  }

  @ParameterizedTest
  @EnumSource(Route.class)
  void everySpeciesHasAnAnswerForEveryRoute(Route route) {
    int asked = 0;
    for (Species species : Catalogue.shipped().all()) {
      RouteOutlook outlook = route(Mix.of(species), route);
      assertThat(outlook.route()).isEqualTo(route);
      asked++;
    }
    assertThat(asked).isEqualTo(26);
  }

  @Test
  void withoutAHerbicideFigureNothingIsPromised() {
    RouteOutlook alone = route(Mix.of(CAMELINA), Route.EARLY_SPRAY);
    assertThat(alone.kill()).isEmpty();
    assertThat(alone.against())
        .anySatisfy(
            r ->
                assertThat(r.in(UnitSystem.US))
                    .contains("no figure for how surely spraying kills winter camelina"));
    RouteOutlook mixed = route(Mix.of(RYE).and(CAMELINA, 0.4), Route.PLANT_GREEN);
    assertThat(mixed.kill()).as("a mix with an unknown member").isEmpty();
    assertThat(mixed.members())
        .anySatisfy(m -> assertThat(m.kill()).isPresent())
        .anySatisfy(m -> assertThat(m.kill()).isEmpty());
  }

  @Test
  void whatHasNoFloweringFigureIsNotRolled() {
    RouteOutlook roll = route(Mix.of(CAMELINA), Route.ROLL);
    assertThat(roll.impossible().orElseThrow().in(UnitSystem.US))
        .contains("no figure for when winter camelina flowers");
  }

  @Test
  void eachMembersKillIsTold() {
    RouteOutlook roll = route(Mix.of(RYE).and(VETCH, 0.6), Route.ROLL);
    assertThat(roll.members()).hasSize(2);
    double least =
        roll.members().stream().mapToDouble(m -> m.kill().orElseThrow()).min().orElseThrow();
    assertThat(roll.kill()).contains(least);
    assertThat(roll.reasons())
        .anySatisfy(
            r -> assertThat(r.in(UnitSystem.US)).contains("a second pass 5 to 7 days later"));
  }

  @Test
  void aLowCloverSaysSo() {
    RouteOutlook roll = route(Mix.of(Catalogue.shipped().species("crimson-clover")), Route.ROLL);
    assertThat(roll.against())
        .anySatisfy(
            r -> assertThat(r.in(UnitSystem.US)).contains("under 24 in the roller kills less"));
    assertThat(roll.kill().orElseThrow()).isLessThan(0.8);
  }

  @Test
  void anEmptyRollWindowNamesWhoBlocksWhom() {
    Mix apart =
        Mix.of(Catalogue.shipped().species("winter-barley"))
            .and(Catalogue.shipped().species("red-clover"), 0.5);
    RouteOutlook roll = route(apart, Route.ROLL);
    assertThat(roll.impossible().orElseThrow().in(UnitSystem.US))
        .contains("red clover is ready only on")
        .contains("winter barley may drop viable seed from");
    assertThat(roll.remedy().orElseThrow().in(UnitSystem.US))
        .contains("leave red clover or winter barley out");
  }
}
