package nimblefurrow.core.termination.worth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.UnitSystem;
import org.junit.jupiter.api.Test;

/** What would have to be true for another way to win. */
class TippingPointTest {
  private static final Figures F = Figures.shipped();

  private static WorthParts parts(double weeds, double passes, double date) {
    return new WorthParts(weeds, passes, 0, date, 0, 0, 0, 0, 0);
  }

  @Test
  void thePartThatHasToChangeLeastIsNamed() {
    // Nets 26 against 36; weeds give it 20 more, the date costs it 35 more.
    TippingPoint turn = TippingPoint.of(parts(40, 21, -35), parts(20, 16, 0), F).orElseThrow();
    assertThat(turn.part()).isEqualTo(WorthPart.DATE);
    assertThat(turn.times()).isCloseTo(1 - 10 / 35.0, within(1e-9));
    assertThat(turn.words().in(UnitSystem.US))
        .isEqualTo("if planting later counted 0.7 times what is assumed");
  }

  @Test
  void whatIsTurnedNetsAsMuchAsTheBest() {
    int turned = 0;
    for (int weeds = 10; weeds <= 60; weeds += 5) {
      WorthParts other = parts(weeds, -9, -20);
      WorthParts best = parts(20, 5, 0);
      Optional<TippingPoint> turn = TippingPoint.of(other, best, F);
      if (turn.isPresent()) {
        double times = turn.get().times() - 1;
        double gap = best.net() - other.net();
        double gains = turn.get().part().of(other) - turn.get().part().of(best);
        assertThat(times * gains).isCloseTo(gap, within(1e-9));
        turned++;
      } else {
        assertThat(best.net() <= other.net() || weeds < 30).isTrue();
      }
    }
    assertThat(turned).isPositive();
  }

  @Test
  void theBestItselfAndAHopelessWayHaveNone() {
    assertThat(TippingPoint.of(parts(20, 5, 0), parts(20, 5, 0), F)).isEmpty();
    assertThat(TippingPoint.of(parts(1, 0, 0), parts(0, 200, 0), F)).isEmpty();
  }
}
