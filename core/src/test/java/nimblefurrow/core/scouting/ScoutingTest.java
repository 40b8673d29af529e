package nimblefurrow.core.scouting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nimblefurrow.core.figures.Figures;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScoutingTest {
  @ParameterizedTest
  @CsvSource({
    // Evidence = (past × ln(.8/.6) + rest × ln(.2/.4)) ÷ 1.9 against ± ln 9 = 2.197.
    "4,40,40,COUNT_ON", // before the fifth spot there is no verdict
    "5,50,48,READY", // (13.81 - 1.39) ÷ 1.9 = 6.54
    "5,50,40,READY", // (11.51 - 6.93) ÷ 1.9 = 2.41
    "5,50,38,COUNT_ON", // (10.93 - 8.32) ÷ 1.9 = 1.38
    "5,50,30,WAIT", // (8.63 - 13.86) ÷ 1.9 = -2.75
    "10,100,72,WAIT" // undecided at 100 stems
  })
  void theSequentialTest(int spots, int stems, int past, StemCount.Verdict verdict) {
    assertThat(new StemCount(spots, stems, past).verdict(Figures.shipped())).isEqualTo(verdict);
  }

  @Test
  void theIntervalHoldsTheShareAndIsWiderForFewerStems() {
    var few = new StemCount(5, 50, 40).interval(Figures.shipped());
    var many = new StemCount(20, 200, 160).interval(Figures.shipped());
    assertThat(few[0].fraction()).isLessThan(0.8);
    assertThat(few[1].fraction()).isGreaterThan(0.8);
    assertThat(many[1].fraction() - many[0].fraction())
        .isLessThan(few[1].fraction() - few[0].fraction());
  }

  @Test
  void countsMustAddUp() {
    assertThatThrownBy(() -> new StemCount(5, 50, 51)).hasMessageContaining("0–50, got 51");
    assertThatThrownBy(() -> new StemCount(0, 50, 5)).hasMessageContaining("spots");
  }

  @Test
  void clippedGramsBecomePoundsPerAcre() {
    Quadrats frames = new Quadrats(2.7, List.of(100.0, 120.0, 140.0));
    // 120 g ÷ 2.7 ft² × 96.03; SE = 20 ÷ √3 g; t(2, 0.95) = 2.9200.
    assertThat(frames.mean().poundsPerAcre()).isCloseTo(4268.0, within(0.1));
    assertThat(frames.standardError().orElseThrow()).isCloseTo(11.547 / 2.7 * 96.03, within(0.1));
    assertThat(frames.halfWidth().orElseThrow()).isCloseTo(2.9200 * 410.7, within(1.0));
    assertThat(frames.clipMore(Figures.shipped())).isTrue();
  }

  @Test
  void oneFrameHasNoInterval() {
    Quadrats one = new Quadrats(1, List.of(50.0));
    assertThat(one.halfWidth()).isEmpty();
    assertThat(one.clipMore(Figures.shipped())).isTrue();
    assertThat(one.cv(Figures.shipped())).isEqualTo(0.25);
    assertThatThrownBy(() -> new Quadrats(1, List.of())).hasMessageContaining("got none");
    assertThatThrownBy(() -> new Quadrats(0, List.of(1.0))).hasMessageContaining("frame");
  }
}
