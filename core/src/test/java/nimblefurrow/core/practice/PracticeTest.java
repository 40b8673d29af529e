package nimblefurrow.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.practice.Eye.Judged;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Drawings and what an eye makes of them, counted again from the marks. */
class PracticeTest {
  private static final Figures F = Figures.shipped();

  /** What is said to be true is counted from the drawing itself. */
  @ParameterizedTest
  @EnumSource(Exercise.class)
  void theTruthIsInTheDrawing(Exercise exercise) {
    int drawn = 0;
    int low = exercise.most();
    int high = 0;
    for (long seed = 1; seed <= 24; seed++) {
      for (int level = Scene.FIRST; level <= Scene.LAST; level += 2) {
        Scene scene = Scene.of(exercise, seed, level, F);
        assertThat(scene)
            .as("the same from the same seed")
            .isEqualTo(Scene.of(exercise, seed, level, F));
        assertThat(scene.truth()).isBetween(0, exercise.most());
        assertThat((double) scene.truth()).isCloseTo(counted(scene), within(3.0));
        low = Math.min(low, scene.truth());
        high = Math.max(high, scene.truth());
        drawn++;
      }
    }
    assertThat(drawn).isEqualTo(72);
    assertThat(high - low).as("drawings differ").isGreaterThan(exercise.most() / 3);
  }

  private static double counted(Scene scene) {
    return switch (scene.exercise()) {
      case STAND -> scene.marks().size();
      case HEADS, STEMS ->
          100.0
              * scene.marks().stream().filter(m -> m.ripe() >= 0.5).count()
              / scene.marks().size();
      default -> covered(scene);
    };
  }

  /** Sixteen hundred other points than those of the drawing's own grid. */
  private static double covered(Scene scene) {
    int hit = 0;
    for (int i = 0; i < 40; i++) {
      for (int j = 0; j < 40; j++) {
        double x = 2.5 * i + 0.31;
        double y = 2.5 * j + 0.77;
        if (scene.marks().stream().anyMatch(m -> over(m, x, y))) {
          hit++;
        }
      }
    }
    return hit / 16.0;
  }

  private static boolean over(Scene.Drawn m, double x, double y) {
    double a = Math.toRadians(m.turn());
    double u = ((x - m.x()) * Math.cos(a) + (y - m.y()) * Math.sin(a)) / m.size();
    double v = ((y - m.y()) * Math.cos(a) - (x - m.x()) * Math.sin(a)) / (m.size() / 2);
    return u * u + v * v <= 1;
  }

  @Test
  void aHigherLevelHasMoreToSeeAndLessToTellItBy() {
    Scene easy = Scene.of(Exercise.HEADS, 7, 1, F);
    Scene hard = Scene.of(Exercise.HEADS, 7, 5, F);
    assertThat(hard.marks().size()).isGreaterThan(2 * easy.marks().size());
    assertThat(nearest(easy)).isGreaterThan(nearest(hard));
    assertThatThrownBy(() -> Scene.of(Exercise.HEADS, 7, 6, F)).isInstanceOf(OutOfRange.class);
  }

  private static double nearest(Scene scene) {
    return scene.marks().stream().mapToDouble(m -> Math.abs(m.ripe() - 0.5)).min().orElseThrow();
  }

  @Test
  void biasAndScatterAreByHand() {
    List<Judged> all = new ArrayList<>();
    int[] off = {4, 6, 2, 4};
    for (int o : off) {
      all.add(new Judged(2, 50, 50 + o, 100));
    }
    Eye eye = Eye.of(all, F);
    assertThat(eye.bias()).isEqualTo(4);
    assertThat(eye.scatter()).isCloseTo(1.633, within(0.001));
    assertThat(eye.sure(F)).isFalse();
    assertThat(Eye.of(List.of(), F)).isEqualTo(new Eye(0, 0, 0, 1));
  }

  @Test
  void onlyTheLastTwentyCount() {
    List<Judged> all = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      all.add(new Judged(1, 50, i < 10 ? 90 : 53, 100));
    }
    assertThat(Eye.of(all, F).bias()).isEqualTo(3);
    assertThat(Eye.of(all, F).sure(F)).isTrue();
  }

  @Test
  void fiveNearGoUpAndFiveFarOffGoDown() {
    assertThat(Eye.of(five(2, 3), F).level()).isEqualTo(3);
    assertThat(Eye.of(five(2, 10), F).level()).isEqualTo(2);
    assertThat(Eye.of(five(2, 30), F).level()).isEqualTo(1);
    assertThat(Eye.of(five(5, 0), F).level()).isEqualTo(5);
    assertThat(Eye.of(five(1, 40), F).level()).isEqualTo(1);
    assertThat(Eye.of(five(2, 3).subList(0, 4), F).level()).isEqualTo(2);
  }

  private static List<Judged> five(int level, int off) {
    List<Judged> all = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      all.add(new Judged(level, 40, 40 + off, 100));
    }
    return all;
  }

  /** Seeing more past than is makes a field out to be further on; seeing right moves nothing. */
  @Test
  void aHighEyeRollsTooSoon() {
    Species rye = Catalogue.shipped().species("cereal-rye");
    StageForecast stages =
        new StageForecast(
            rye,
            CoverStand.sown(Mix.of(rye), LocalDate.of(2026, 9, 12)),
            TestWeather.outlook(LocalDate.of(2026, 9, 1)));
    LocalDate may = LocalDate.of(2027, 5, 18);
    assertThat(Eye.daysMoved(0.6, 0.6, stages, may, F)).contains(0.0);
    double high = Eye.daysMoved(0.7, 0.6, stages, may, F).orElseThrow();
    assertThat(high).isBetween(0.2, 2.0);
    assertThat(Eye.daysMoved(0.5, 0.6, stages, may, F).orElseThrow()).isNegative();
  }
}
