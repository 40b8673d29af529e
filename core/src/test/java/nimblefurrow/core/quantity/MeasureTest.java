package nimblefurrow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MeasureTest {

  /** Published conversions, to the digits in which they are printed. */
  @ParameterizedTest
  @CsvSource({
    "ACRE, 100, 40.4686",
    "POUND, 100, 45.3592",
    "POUND_PER_ACRE, 60, 67.2511",
    "FOOT, 30, 9.144",
    "INCH, 24, 60.96",
    "INCH_OF_RAIN, 1, 25.4",
    "MILE, 5, 8.0467",
    "GALLON, 100, 378.541",
    "GALLON_PER_ACRE, 1000, 9353.96",
    "MILE_PER_HOUR, 10, 16.0934",
    "FAHRENHEIT, 26, -3.3333",
    "FAHRENHEIT_DAY, 1800, 1000",
    "POUND_PER_CUBIC_FOOT, 46.8, 74.966",
    "CUBIC_FOOT, 40, 1132.67",
    "PER_SQUARE_FOOT, 20, 215.278",
    "DOLLAR_PER_ACRE, 12, 29.6526",
    "DOLLAR_PER_POUND, 1, 2.20462",
    "BUSHEL_PER_ACRE, 60, 52.247",
    "CORN_BUSHEL_PER_ACRE, 200, 12.5535",
    "WHEAT_BUSHEL_PER_ACRE, 60, 4.03506",
    "OAT_BUSHEL_PER_ACRE, 80, 2.86938",
    "TON_PER_ACRE, 20, 44.834"
  })
  void metricFarmsReadTheSameQuantity(Unit unit, double kept, double read) {
    assertThat(unit.in(UnitSystem.METRIC, kept)).isCloseTo(read, within(Math.abs(read) * 2e-5));
    assertThat(unit.in(UnitSystem.US, kept)).isEqualTo(kept);
  }

  @ParameterizedTest
  @EnumSource(Unit.class)
  void whatIsReadComesBackAsItWas(Unit unit) {
    for (UnitSystem units : UnitSystem.values()) {
      assertThat(unit.from(units, unit.in(units, 37.5))).isCloseTo(37.5, within(1e-9));
      assertThat(unit.word(units)).as(unit + " in " + units).isNotNull();
    }
  }

  @Test
  void aRefusalIsSaidInTheReadersUnitsWithSensibleDigits() {
    assertThatThrownBy(() -> Limits.positive("area done", 247.2, 184.49915360166727, Unit.ACRE))
        .isInstanceOfSatisfying(
            OutOfRange.class,
            refused -> {
              assertThat(refused)
                  .hasMessage("area done is more than 0 and at most 184.4 ac, got 247.2");
              assertThat(refused.in(UnitSystem.METRIC))
                  .isEqualTo("area done is more than 0 and at most 74.66 ha, got 100.0383");
            });
  }

  @Test
  void aLimitIsNeverSaidWiderThanItIs() {
    assertThat(Measure.most(184.49915, Unit.ACRE).in(UnitSystem.US)).isEqualTo("184.4 ac");
    assertThat(Measure.least(0.123456, Unit.ACRE).in(UnitSystem.US)).isEqualTo("0.1235 ac");
    assertThat(Measure.most(50_000, Unit.ACRE).in(UnitSystem.US)).isEqualTo("50,000 ac");
  }

  @Test
  void whatAMetricFarmTypedComesBackWithoutTheNoiseOfConverting() {
    double kept = Unit.ACRE.from(UnitSystem.METRIC, 80.1);
    assertThat(Measure.typed(kept, Unit.ACRE).bare(UnitSystem.METRIC)).isEqualTo("80.1");
  }

  @Test
  void aRefusalInsideAnotherKeepsItsQuantities() {
    OutOfRange inner =
        new OutOfRange("rain", Reason.of("rain is {}", Measure.of(50, Unit.INCH_OF_RAIN)));
    OutOfRange outer = new OutOfRange("rain", Reason.of("line {}: {}", 7, inner.reason()));
    assertThat(outer.in(UnitSystem.METRIC)).isEqualTo("line 7: rain is 1270 mm");
    assertThat(outer).hasMessage("line 7: rain is 50 in");
  }
}
