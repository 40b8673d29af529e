package nimblefurrow.core.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;

class NitrogenTest {
  @Test
  void vetchGivesAndRyeTiesUp() {
    assertThat(Nitrogen.availablePerTon(3.8, Figures.shipped())).isCloseTo(41.4, within(1e-9));
    assertThat(Nitrogen.availablePerTon(0.9, Figures.shipped())).isCloseTo(-10.8, within(1e-9));
    assertThat(Nitrogen.availablePerTon(4.8, Figures.shipped()))
        .as("never more than 12 % N × 12")
        .isCloseTo(57.6, within(1e-9));
    Nitrogen rye = Nitrogen.of(DryMatter.poundsPerAcre(8000), 42 / 0.9, Figures.shipped());
    assertThat(rye.contentLbAc()).isCloseTo(72, within(1e-9));
    assertThat(rye.availableLbAc()).isCloseTo(-43.2, within(1e-9));
    assertThat(rye.starterWanted(true)).as("corn after rye in flower").isTrue();
    assertThat(rye.starterWanted(false)).as("soybeans after it").isFalse();
  }

  @Test
  void carbonRisesWithTheStages() {
    Outlook outlook = TestWeather.outlook(LocalDate.of(2026, 9, 1));
    Species rye = Catalogue.shipped().species("cereal-rye");
    CoverStand stand = CoverStand.sown(Mix.of(rye), LocalDate.of(2026, 9, 15));
    double before = 0;
    for (LocalDate day = LocalDate.of(2026, 11, 1);
        day.isBefore(LocalDate.of(2027, 7, 1));
        day = day.plusDays(5)) {
      double carbon = Nitrogen.carbonOn(rye, stand, outlook, day);
      assertThat(carbon).isBetween(16.0, 70.0).isGreaterThanOrEqualTo(before);
      before = carbon;
    }
    assertThat(before).isEqualTo(70);
    Species radish = Catalogue.shipped().species("radish");
    assertThat(Nitrogen.carbonOn(radish, stand, outlook, LocalDate.of(2026, 11, 1))).isEqualTo(11);
  }
}
