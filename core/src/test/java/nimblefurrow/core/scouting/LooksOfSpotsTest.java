package nimblefurrow.core.scouting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.scouting.KillRating.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is read spot by spot, and what it means. */
class LooksOfSpotsTest {
  private static final Figures F = Figures.shipped();
  private static final LocalDate DAY = LocalDate.of(2026, 9, 20);

  @ParameterizedTest
  @EnumSource(LookSheet.Kind.class)
  void aReadingKeepsItsLimits(LookSheet.Kind kind) {
    LookSheet sheet = LookSheet.of(kind, F);
    assertThat(sheet.words()).isNotBlank();
    assertThat(sheet.how()).isNotBlank();
    assertThat(sheet.checked(List.of(sheet.low(), sheet.high())).mean())
        .isEqualTo((sheet.low() + sheet.high()) / 2);
    assertThatThrownBy(() -> sheet.checked(List.of(sheet.high() + 1)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(sheet.words().toLowerCase());
    assertThatThrownBy(() -> sheet.checked(List.of())).hasMessageContaining("spots are 1–100");
    assertThatThrownBy(() -> sheet.checked(Collections.nCopies(101, sheet.low())))
        .hasMessageContaining("got 101");
    assertThatThrownBy(() -> sheet.checked(Collections.singletonList(null)))
        .hasMessageContaining("missing");
    assertThat(sheet.least()).isPositive();
  }

  /** A tenth of the sun under full corn: its root, a third, comes through half of the leaves. */
  @ParameterizedTest
  @CsvSource({".10, .10, 0", ".31623, .10, .5", "1, .10, 1", ".05, .10, 0", ".22361, .05, .5"})
  void lightTellsTheLeavesThatAreLost(double lit, double full, double lost) {
    assertThat(new CanopyLight(new double[] {lit, lit}, full).leavesLost())
        .isCloseTo(lost, within(1e-4));
  }

  @Test
  void leavesLostTellTheStageOfARipeningCrop() {
    var corn = LeavesLost.seen(CropKind.CORN_GRAIN, DAY, .5, F).orElseThrow();
    assertThat(corn.stage()).isEqualTo(CropStage.BLACK_LAYER);
    assertThat(corn.beyond()).isEqualTo(150);
    var beans = LeavesLost.seen(CropKind.SOYBEANS, DAY, .5, F).orElseThrow();
    assertThat(beans.stage()).isEqualTo(CropStage.LEAF_DROP);
    assertThat(beans.beyond()).isCloseTo(5.5, within(1e-9));
    assertThat(LeavesLost.seen(CropKind.CORN_GRAIN, DAY, .05, F)).isEmpty();
    assertThat(LeavesLost.seen(CropKind.OATS, DAY, .5, F)).isEmpty();
  }

  @Test
  void onlyGreenPointsAreGreen() {
    int[] leaf = {60, 120, 50, 255};
    int[] straw = {190, 180, 120, 255};
    int[] soil = {110, 90, 70, 255};
    int[] points = new int[12];
    System.arraycopy(leaf, 0, points, 0, 4);
    System.arraycopy(straw, 0, points, 4, 4);
    System.arraycopy(soil, 0, points, 8, 4);
    assertThat(new GreenPicture(points).mask()).containsExactly(1, 0, 0);
  }

  @ParameterizedTest
  @CsvSource({"0, 0", "7, .5", "14, .8", "21, 1", "40, 1", "10, .62857"})
  void aKillShowsWithTheDays(int days, double share) {
    assertThat(KillRating.shows(days, F)).isCloseTo(share, within(1e-4));
  }

  @ParameterizedTest
  @CsvSource({
    "7, .41, .02, .85, ON_WAY",
    "7, .30, .02, .85, BEHIND",
    "7, .30, .20, .85, ON_WAY",
    "14, .70, .02, .85, ON_WAY",
    "14, .60, .02, .85, BEHIND",
    "21, .80, .02, .85, RESCUE",
    "21, .86, .02, .85, DONE",
    "7, .90, .02, .85, DONE",
    "14, .45, .02, .55, ON_WAY"
  })
  void seenIsSetAgainstWhatShouldShow(
      int days, double dead, double half, double expected, Verdict verdict) {
    assertThat(new KillRating(days, dead, half).verdict(expected, F)).isEqualTo(verdict);
  }

  @ParameterizedTest
  @EnumSource(Pest.class)
  void aPestIsOverItsThresholdFromThereOn(Pest pest) {
    double limit = pest.threshold(F).orElseThrow();
    assertThat(pest.over(pest.checked(List.of(limit, limit), F), F)).isTrue();
    assertThat(pest.over(pest.checked(List.of(limit, limit - 0.5), F), F)).isFalse();
    assertThat(pest.does(F)).isNotBlank();
    assertThat(pest.decides(F)).isNotBlank();
    assertThatThrownBy(() -> pest.checked(List.of(pest.most(F) + 1), F))
        .hasMessageContaining(pest.words(F));
    Figures own =
        F.with(java.util.Map.of(new FigureId("pests", pest.code(), "threshold"), limit + 1));
    assertThat(pest.over(pest.checked(List.of(limit), own), own)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"0, LIGHT", "1, LIGHT", "2, USUAL", "3.9, USUAL", "4, HEAVY", "9, HEAVY"})
  void weedsAreFewUsualOrMany(double score, WeedLoad load) {
    assertThat(WeedLoad.of(score, F)).isEqualTo(load);
  }

  /** Four plants with 550 °F-days ahead put on five stems each beside their own. */
  @ParameterizedTest
  @CsvSource({"4, 550, 24", "4, 0, 4", "4, 5000, 32", "10, 110, 20"})
  void plantsTillerWhileThereIsHeat(double plants, double heat, double stems) {
    assertThat(Tillering.stems(plants, heat, F)).isCloseTo(stems, within(1e-9));
  }

  @Test
  void deepRutsHinderTheRoller() {
    assertThat(new RutDepth(new SampleMean(new double[] {3, 2, 1})).hinders(F)).isTrue();
    assertThat(new RutDepth(new SampleMean(new double[] {1, 2, 1})).hinders(F)).isFalse();
  }

  @Test
  void wetterSoilFeelsWetter() {
    double before = 0;
    for (SoilFeel feel : SoilFeel.values()) {
      double now = feel.felt(F).share();
      assertThat(now).isGreaterThan(before);
      assertThat(feel.words(F)).isNotBlank();
      assertThat(feel.says(F)).isNotBlank();
      before = now;
    }
  }
}
