package nimblefurrow.core.price;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.WorkRate;
import org.junit.jupiter.api.Test;

class PriceTest {
  private static final Quote DRONE = new Quote(14, 420, 60, SeedRate.poundsPerAcre(60));
  private static final Area FORTY = Area.ofAcres(40);

  @Test
  void bothQuotesAreTrueDollarsAnAcre() {
    assertThat(DRONE.byAcre(FORTY, 1)).isEqualTo(Money.of(15.5));
    assertThat(DRONE.byHour(FORTY, WorkRate.acresPerHour(20))).isEqualTo(Money.of(22.5));
    assertThat(DRONE.charged(FORTY, SeedRate.poundsPerAcre(60), WorkRate.acresPerHour(20), 1))
        .as("at the threshold still by the acre")
        .isEqualTo(Money.of(15.5));
    assertThat(DRONE.charged(FORTY, SeedRate.poundsPerAcre(61), WorkRate.acresPerHour(20), 1))
        .isEqualTo(Money.of(22.5));
    assertThat(DRONE.byAcre(Area.ofAcres(5), 1))
        .as("set-up weighs on small fields")
        .isEqualTo(Money.of(26));
  }

  @Test
  void theRateWhereTheyCross() {
    // ac/h = 1,200 ÷ rate: $420/h is $14/ac at 30 ac/h, at 40 lb/ac.
    assertThat(DRONE.crossing(r -> 1200 / r, 1).orElseThrow().poundsPerAcre())
        .isCloseTo(40, within(1e-6));
    assertThat(DRONE.crossing(r -> 100.0, 1)).as("always cheaper by the hour").isEmpty();
    assertThat(DRONE.crossing(r -> 5.0, 1)).as("always dearer by the hour").isEmpty();
  }

  @Test
  void twoPassesCostTwiceByTheAcreAndCrossFurtherUp() {
    assertThat(DRONE.byAcre(FORTY, 2)).isEqualTo(Money.of(29.5));
    // $420/h is 2 × $14/ac at 15 ac/h, at 80 lb/ac.
    assertThat(DRONE.crossing(r -> 1200 / r, 2).orElseThrow().poundsPerAcre())
        .isCloseTo(80, within(1e-6));
    assertThatThrownBy(() -> DRONE.byAcre(FORTY, 0)).hasMessageContaining("passes is 1–10");
  }

  @Test
  void havingAMachineCostsLessTheMoreItWorks() {
    WorkRate rate = WorkRate.acresPerHour(6.4);
    assertThat(new OwnCost(6000, 1000, 64).perAcre(rate)).isEqualTo(Money.of(16));
    assertThat(new OwnCost(6000, 500, 64).perAcre(rate)).isEqualTo(Money.of(22));
    assertThat(OwnCost.rented(320, 10, 32, rate)).isEqualTo(Money.of(10));
    assertThatThrownBy(() -> new OwnCost(6000, 0, 64)).hasMessageContaining("acres a year");
  }

  @Test
  void dollarsForWhatComesUp() {
    Established drill = new Established(Money.of(21.6), Money.of(17), 19.8, 0.9);
    assertThat(drill.likely(Figures.shipped())).isTrue();
    assertThat(drill.perAcre()).isEqualTo(Money.of(38.6));
    assertThat(drill.perThousandPlants().orElseThrow())
        .isCloseTo(38.6 / (19.8 * 43.56), within(1e-9));
    assertThat(new Established(Money.of(1), Money.of(1), 0, 0.4).perThousandPlants()).isEmpty();
  }
}
