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
import nimblefurrow.core.termination.method.TerminationRules;
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

  private static TerminationOutlook termination(Mix mix, TerminationMethod termination) {
    return new TerminationRules(
            new MatForecast(CoverStand.sown(mix, SOWN), OUTLOOK),
            BEANS,
            false,
            HouseRules.usual(Figures.shipped()))
        .termination(termination);
  }

  @ParameterizedTest
  @EnumSource(TerminationMethod.class)
  void everySpeciesHasAnAnswerForEveryRoute(TerminationMethod termination) {
    int asked = 0;
    for (Species species : Catalogue.shipped().all()) {
      TerminationOutlook outlook = termination(Mix.of(species), termination);
      assertThat(outlook.method()).isEqualTo(termination);
      asked++;
    }
    assertThat(asked).isEqualTo(26);
  }

  @Test
  void withoutAHerbicideFigureNothingIsPromised() {
    TerminationOutlook alone = termination(Mix.of(CAMELINA), TerminationMethod.EARLY_SPRAY);
    assertThat(alone.kill()).isEmpty();
    assertThat(alone.against())
        .anySatisfy(
            r ->
                assertThat(r.in(UnitSystem.US))
                    .contains("no figure for how surely spraying kills winter camelina"));
    TerminationOutlook mixed =
        termination(Mix.of(RYE).and(CAMELINA, 0.4), TerminationMethod.PLANT_GREEN);
    assertThat(mixed.kill()).as("a mix with an unknown member").isEmpty();
    assertThat(mixed.members())
        .anySatisfy(m -> assertThat(m.kill()).isPresent())
        .anySatisfy(m -> assertThat(m.kill()).isEmpty());
  }

  @Test
  void whatHasNoFloweringFigureIsNotRolled() {
    TerminationOutlook roll = termination(Mix.of(CAMELINA), TerminationMethod.ROLL);
    assertThat(roll.impossible().orElseThrow().in(UnitSystem.US))
        .contains("no figure for when winter camelina flowers");
  }

  @Test
  void eachMembersKillIsTold() {
    TerminationOutlook roll = termination(Mix.of(RYE).and(VETCH, 0.6), TerminationMethod.ROLL);
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
    TerminationOutlook roll =
        termination(Mix.of(Catalogue.shipped().species("crimson-clover")), TerminationMethod.ROLL);
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
    TerminationOutlook roll = termination(apart, TerminationMethod.ROLL);
    assertThat(roll.impossible().orElseThrow().in(UnitSystem.US))
        .contains("red clover is ready only on")
        .contains("winter barley may drop viable seed from");
    assertThat(roll.remedy().orElseThrow().in(UnitSystem.US))
        .contains("leave red clover or winter barley out");
  }
}
