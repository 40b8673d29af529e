package nimblefurrow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** Quantities and refusals in words. */
class WordsTest {
  @Test
  void everyQuantityIsSaidInBothSystems() {
    assertThat(UnitSystem.US.say(Area.ofAcres(80))).isEqualTo("80.0 ac");
    assertThat(UnitSystem.METRIC.say(Area.ofAcres(80))).isEqualTo("32.4 ha");
    assertThat(UnitSystem.US.say(DryMatter.poundsPerAcre(7662))).isEqualTo("7,660 lb/ac");
    assertThat(UnitSystem.METRIC.say(DryMatter.poundsPerAcre(1000))).isEqualTo("1,120 kg/ha");
    assertThat(UnitSystem.METRIC.say(Temperature.fahrenheit(32))).isEqualTo("0 °C");
    assertThat(UnitSystem.US.say(Heat.of(250, HeatBase.BASE_40))).isEqualTo("250 °F-days");
    assertThat(UnitSystem.METRIC.say(Heat.of(90, HeatBase.BASE_40))).isEqualTo("50 °C-days");
    assertThat(UnitSystem.US.say(Share.of(0.625))).isEqualTo("63 %");
    assertThat(UnitSystem.US.say(Money.of(1234.5))).isEqualTo("$1,234.50");
    assertThat(UnitSystem.METRIC.say(Mass.ofPounds(100))).isEqualTo("45 kg");
    assertThat(UnitSystem.US.say(LocalDate.of(2026, 10, 6))).isEqualTo("6 Oct");
  }

  @Test
  void reasonsNestAndKeepWhatHasNoFigure() {
    Reason inner = Reason.of("{} to {}", LocalDate.of(2026, 9, 4), LocalDate.of(2026, 9, 7));
    assertThat(Reason.of("open {}", inner).in(UnitSystem.US)).isEqualTo("open 4 Sep to 7 Sep");
    assertThat(Reason.of("plain").in(UnitSystem.METRIC)).isEqualTo("plain");
  }

  @Test
  void refusalsNameTheFigureAndTheLimit() {
    assertThatThrownBy(() -> Limits.within("slope", 75, 0, 60, Unit.PERCENT))
        .hasMessage("slope is 0–60 %, got 75");
    assertThatThrownBy(() -> Limits.positive("frame", 0, 200, Unit.SQUARE_FOOT))
        .hasMessage("frame is more than 0 and at most 200 ft², got 0");
    assertThatThrownBy(() -> Limits.given("stage", null)).hasMessage("stage is missing");
    assertThatThrownBy(() -> Limits.within("wind", Double.NaN, 0, 150, Unit.MILE_PER_HOUR))
        .hasMessageContaining("not a number");
    assertThat(Limits.within("slope", 60, 0, 60, Unit.PERCENT)).isEqualTo(60);
  }

  @Test
  void moneyIsToTheCent() {
    assertThat(Money.of(0.1).plus(Money.of(0.2)).amount()).isEqualByComparingTo("0.30");
    assertThat(Money.of(21.605).amount()).isEqualByComparingTo("21.61");
  }
}
