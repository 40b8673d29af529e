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

/** Wheat, oats and crops that are entered by their dates. */
class SmallGrainTest {
  // 50 °F every day: 10 °F-days base 40 a day, so a goal of 330 is met on the 33rd day counted.
  private static final WeatherTrace EVEN =
      TestWeather.trace(LocalDate.of(2026, 1, 1), LocalDate.of(2027, 12, 31), d -> 50);

  private static Map<CropStage, LocalDate> walk(
      CropKind kind, LocalDate planted, Map<CropStage, LocalDate> dates) {
    return new StageWalk(
            new CropPlanting(kind, planted, 0, 20, dates, List.of()),
            EVEN,
            TestWeather.SITE,
            Figures.shipped())
        .stages();
  }

  @ParameterizedTest
  @CsvSource({"JOINTING,33", "BOOT,72", "HEADING,90", "FLOWERING,105", "RIPE,225"})
  void wheatCountsFromTheTurnOfTheYear(CropStage stage, int day) {
    Map<CropStage, LocalDate> wheat =
        walk(CropKind.WINTER_WHEAT, LocalDate.of(2026, 10, 4), Map.of());
    assertThat(wheat.get(stage)).isEqualTo(LocalDate.of(2027, 1, 1).plusDays(day - 1L));
  }

  @ParameterizedTest
  @CsvSource({"HEADING,120", "RIPE,240"})
  void oatsCountFromPlanting(CropStage stage, int day) {
    LocalDate planted = LocalDate.of(2026, 3, 25);
    assertThat(walk(CropKind.OATS, planted, Map.of()).get(stage))
        .isEqualTo(planted.plusDays(day - 1L));
  }

  @Test
  void grainIsHarvestedWhenRipeUnlessSaidOtherwise() {
    LocalDate planted = LocalDate.of(2026, 10, 4);
    Map<CropStage, LocalDate> wheat = walk(CropKind.WINTER_WHEAT, planted, Map.of());
    assertThat(wheat.get(CropStage.HARVEST)).isEqualTo(wheat.get(CropStage.RIPE));
    LocalDate hay = LocalDate.of(2027, 5, 20);
    assertThat(
            walk(CropKind.WINTER_WHEAT, planted, Map.of(CropStage.HARVEST, hay))
                .get(CropStage.HARVEST))
        .isEqualTo(hay);
  }

  @Test
  void anyOtherCropLivesByItsDates() {
    LocalDate planted = LocalDate.of(2026, 4, 1);
    LocalDate harvest = LocalDate.of(2026, 7, 4);
    Map<CropStage, LocalDate> peas =
        walk(CropKind.OTHER, planted, Map.of(CropStage.HARVEST, harvest));
    assertThat(peas)
        .containsOnly(Map.entry(CropStage.PLANTED, planted), Map.entry(CropStage.HARVEST, harvest));
    assertThatThrownBy(() -> walk(CropKind.OTHER, planted, Map.of()))
        .hasMessageContaining("harvest date is missing");
  }

  @Test
  void southOfTheEquatorWheatCountsFromTheFirstOfJuly() {
    CropPlanting wheat =
        new CropPlanting(
            CropKind.WINTER_WHEAT, LocalDate.of(2026, 5, 10), 0, 20, Map.of(), List.of());
    Map<CropStage, LocalDate> stages =
        new StageWalk(wheat, EVEN, new Site(-34, 148), Figures.shipped()).stages();
    assertThat(stages.get(CropStage.JOINTING)).isEqualTo(LocalDate.of(2026, 7, 1).plusDays(32));
  }

  @Test
  void silageIsChoppedAtHalfMilk() {
    WeatherTrace warm =
        TestWeather.trace(LocalDate.of(2026, 1, 1), LocalDate.of(2027, 12, 31), d -> 70);
    CropPlanting corn =
        new CropPlanting(
            CropKind.CORN_SILAGE, LocalDate.of(2026, 5, 1), 100, 20, Map.of(), List.of());
    Map<CropStage, LocalDate> stages =
        new StageWalk(corn, warm, TestWeather.SITE, Figures.shipped()).stages();
    // Black layer 2401 less 280 is 2121, at 20 a day the 107th day.
    assertThat(stages.get(CropStage.HALF_MILK)).isEqualTo(LocalDate.of(2026, 5, 1).plusDays(106));
    assertThat(stages.get(CropStage.HARVEST)).isEqualTo(stages.get(CropStage.HALF_MILK));
  }
}
