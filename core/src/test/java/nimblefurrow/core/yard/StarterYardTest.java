package nimblefurrow.core.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;

class StarterYardTest {
  private static final Figures FIGURES = Figures.shipped();

  @Test
  void everyOfferHasWhatItsKindIsAskedForAndARate() {
    int offered = 0;
    for (StarterYard.Starter one : StarterYard.all(FIGURES)) {
      assertThat(one.rate().acresPerHour()).isBetween(3.0, 200.0);
      assertThat(one.setUp().containsKey(SetUpFigure.SPEED))
          .as("%s: what is no work by the width has no speed", one.code())
          .isEqualTo(one.kind() != MachineKind.OTHER);
      assertThat(StarterYard.of(one.code(), FIGURES)).isEqualTo(one);
      offered++;
    }
    assertThat(offered).isGreaterThan(12);
  }

  /** 15 ft at 5 mph and 0.70: 5 × 15 × 0.70 ÷ 8.25 is 6.36 ac/h. */
  @Test
  void aDrillByHand() {
    StarterYard.Starter drill = StarterYard.of("drill_15", FIGURES);
    assertThat(drill.rate().acresPerHour()).isCloseTo(6.36, within(0.005));
    assertThat(drill.setUp()).containsEntry(SetUpFigure.HOPPER, 30.0);
    assertThat(drill.setUp()).doesNotContainKey(SetUpFigure.LOAD_LIMIT);
    assertThatThrownBy(() -> StarterYard.of("plough", FIGURES)).isInstanceOf(OutOfRange.class);
  }
}
