package nimblefurrow.bench.honest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Bands of 80 % hold the truth in about 80 % of springs, before and after somebody looked. */
class HonestSpringsTest {
  private static final HeldOut HELD = HonestSprings.of(500, 7);

  @Test
  void bandsHoldWhatTheyPromise() {
    assertThat(Arrays.asList(HeldOut.Kind.values()))
        .hasSize(7)
        .allSatisfy(
            kind -> {
              assertThat(HELD.asked(kind)).as(kind + " asked").isGreaterThan(450);
              assertThat(HELD.share(kind)).as(kind.toString()).isBetween(0.75, 0.86);
            });
  }

  @Test
  void lookingMakesForecastsSharper() {
    assertThat(HELD.width(HeldOut.Kind.MAT_AFTER_CLIP))
        .isLessThan(0.85 * HELD.width(HeldOut.Kind.MAT_1_MAY));
    assertThat(HELD.width(HeldOut.Kind.READY_AFTER_COUNT))
        .isLessThan(0.6 * HELD.width(HeldOut.Kind.FLOWERING_1_MAY));
    assertThat(HELD.width(HeldOut.Kind.FLOWERING_1_MAY))
        .isLessThan(HELD.width(HeldOut.Kind.FLOWERING_1_APRIL));
  }
}
