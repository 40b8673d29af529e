package nimblefurrow.core.cashcrop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Soybeans with days that were entered, stages that were seen, and frosts. */
class SoybeanSightingsTest {
  private static final LocalDate PLANTED = LocalDate.of(2026, 5, 10);
  private static final LocalDate BROWN = LocalDate.of(2026, 9, 13);
  private static final LocalDate DROP = BROWN.minusDays(11);

  private static WeatherTrace trace(LocalDate coldNight) {
    return TestWeather.trace(
        LocalDate.of(2026, 1, 1), LocalDate.of(2026, 12, 31), d -> d.equals(coldNight) ? 36 : 62);
  }

  private static Map<CropStage, LocalDate> walk(CropPlanting beans, LocalDate coldNight) {
    return new StageWalk(beans, trace(coldNight), TestWeather.SITE, Figures.shipped()).stages();
  }

  private static CropPlanting beans() {
    return CropPlanting.soybeans(PLANTED, 2.5);
  }

  @Test
  void aHarvestDayKeepsTheStagesBefore() {
    LocalDate harvest = LocalDate.of(2026, 9, 29);
    Map<CropStage, LocalDate> stages = walk(beans().dated(CropStage.HARVEST, harvest), null);
    assertThat(stages)
        .containsEntry(CropStage.HARVEST, harvest)
        .containsEntry(CropStage.FIRST_YELLOW, BROWN.minusDays(21))
        .containsEntry(CropStage.LEAF_DROP, DROP)
        .containsEntry(CropStage.R6_SEED, BROWN.minusDays(30));
  }

  @Test
  void aHarvestBeforeRipenessMovesThemForward() {
    Map<CropStage, LocalDate> stages =
        walk(beans().dated(CropStage.HARVEST, LocalDate.of(2026, 9, 10)), null);
    assertThat(stages)
        .containsEntry(CropStage.BROWN_PODS, LocalDate.of(2026, 9, 3))
        .containsEntry(CropStage.LEAF_DROP, LocalDate.of(2026, 8, 23));
  }

  @Test
  void elsewhereTheHarvestDayIsTheMeasure() {
    CropPlanting north =
        new CropPlanting(
            CropKind.SOYBEANS,
            PLANTED,
            0.5,
            0,
            Map.of(CropStage.HARVEST, LocalDate.of(2026, 9, 20)),
            List.of());
    Map<CropStage, LocalDate> stages =
        new StageWalk(north, trace(null), new Site(48, -97), Figures.shipped()).stages();
    assertThat(stages).containsEntry(CropStage.LEAF_DROP, LocalDate.of(2026, 9, 2));
    assertThatThrownBy(
            () ->
                CropPlanting.soybeans(PLANTED, 2.0).checkedAt(new Site(48, -97), Figures.shipped()))
        .hasMessageContaining("37 to 45°N")
        .hasMessageContaining("harvest day");
    assertThat(north.checkedAt(new Site(48, -97), Figures.shipped())).isEqualTo(north);
  }

  @Test
  void aLeafDropDayMovesWhatFollows() {
    Map<CropStage, LocalDate> stages =
        walk(beans().dated(CropStage.LEAF_DROP, DROP.plusDays(5)), null);
    assertThat(stages)
        .containsEntry(CropStage.LEAF_DROP, DROP.plusDays(5))
        .containsEntry(CropStage.HARVEST, BROWN.plusDays(12));
  }

  /** A sighting off the reckoned day must not hide a frost, and frost counts before R6 too. */
  @ParameterizedTest
  @CsvSource({"0,2026-08-28", "4,2026-08-28", "-4,2026-08-20", "3,2026-07-20"})
  void frostEndsThemWhateverWasSeen(int off, LocalDate night) {
    CropPlanting seen =
        off == 0 ? beans() : beans().sighted(CropStage.R6_SEED, BROWN.minusDays(30).plusDays(off));
    Map<CropStage, LocalDate> stages = walk(seen, night);
    assertThat(stages).containsEntry(CropStage.LEAF_DROP, night);
    assertThat(stages.get(CropStage.FIRST_YELLOW)).isBeforeOrEqualTo(night);
    assertThat(stages).containsEntry(CropStage.HARVEST, night.plusDays(18));
  }

  @Test
  void leavesThatWereSeenFallingAreAFactThatNoEarlierFrostMoves() {
    Map<CropStage, LocalDate> stages =
        walk(beans().sighted(CropStage.LEAF_DROP, DROP), DROP.minusDays(3));
    assertThat(stages).containsEntry(CropStage.LEAF_DROP, DROP);
  }

  @Test
  void aDayThatCannotBeIsRefused() {
    CropPlanting early = beans().dated(CropStage.HARVEST, PLANTED.minusDays(1));
    assertThatThrownBy(() -> early.checkedAt(TestWeather.SITE, Figures.shipped()))
        .hasMessageContaining("harvest is within 400 days after planting");
  }

  @Test
  void frostedCornLosesItsLeavesWithinThreeDays() {
    LocalDate night = LocalDate.of(2026, 9, 1);
    Map<CropStage, LocalDate> stages =
        new StageWalk(
                CropPlanting.corn(LocalDate.of(2026, 5, 2), 110, 20),
                trace(night),
                TestWeather.SITE,
                Figures.shipped())
            .stages();
    assertThat(stages).containsEntry(CropStage.LEAVES_GONE, night.plusDays(3));
    assertThat(stages.get(CropStage.LEAVES_GOING)).isAfter(night);
  }
}
