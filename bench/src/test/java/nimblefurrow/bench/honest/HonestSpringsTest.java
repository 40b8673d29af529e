package nimblefurrow.bench.honest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Bands of 80 % hold the truth in about 80 % of springs, before and after somebody looked. */
class HonestSpringsTest {
  @Test
  void bandsHoldWhatTheyPromise() {
    Held held = HonestSprings.of(600, 7);
    assertThat(Arrays.asList(Held.Kind.values()))
        .hasSize(7)
        .allSatisfy(
            kind -> {
              assertThat(held.asked(kind)).as(kind + " asked").isGreaterThan(500);
              assertThat(held.share(kind)).as(kind.toString()).isBetween(0.75, 0.86);
            });
  }

  @Test
  void lookingMakesForecastsSharper() {
    Held held = HonestSprings.of(60, 3);
    assertThat(held.width(Held.Kind.MAT_AFTER_CLIP))
        .isLessThan(0.85 * held.width(Held.Kind.MAT_1_MAY));
    assertThat(held.width(Held.Kind.READY_AFTER_COUNT))
        .isLessThan(0.6 * held.width(Held.Kind.FLOWERING_1_MAY));
    assertThat(held.width(Held.Kind.FLOWERING_1_MAY))
        .isLessThan(held.width(Held.Kind.FLOWERING_1_APRIL));
  }
}
