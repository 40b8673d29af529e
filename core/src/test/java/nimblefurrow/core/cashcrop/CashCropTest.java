package nimblefurrow.core.cashcrop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.Site;
import nimblefurrow.core.weather.WeatherTrace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CashCropTest {
  private static final LocalDate PLANTED = LocalDate.of(2026, 5, 1);
  private static final Outlook OUTLOOK = TestWeather.outlook(LocalDate.of(2026, 4, 15));

  @ParameterizedTest
  @CsvSource({
    "2026-05-01,110,1360.6,2642.6",
    "2026-05-11,110,1340.6,2574.6",
    "2026-06-30,110,1285.6,2392.6",
    "2026-04-20,100,1246,2401"
  })
  void heatOfAHybrid(LocalDate planted, double maturity, double silking, double blackLayer) {
    CornHeat heat = CornHeat.of(planted, maturity, TestWeather.SITE, Figures.shipped());
    assertThat(heat.silking()).isCloseTo(silking, within(1e-9));
    assertThat(heat.blackLayer()).isCloseTo(blackLayer, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"3,361", "6,607", "10,935", "12,1035"})
  void heatOfALeafCollar(int n, double expected) {
    assertThat(
            CornHeat.of(LocalDate.of(2026, 5, 1), 110, TestWeather.SITE, Figures.shipped())
                .collar(n))
        .isEqualTo(expected);
  }

  @Test
  void cornAtTwentyDegreeDaysADayCountsOut() {
    // 80/60 °F gives 20 °F-days 86/50 a day: V3 needs 361, so it comes on the 19th day counted.
    WeatherTrace even =
        TestWeather.trace(LocalDate.of(2026, 1, 1), LocalDate.of(2027, 12, 31), d -> 70);
    StageWalk walk =
        new StageWalk(
            CropPlanting.corn(PLANTED, 100, 20), even, TestWeather.SITE, Figures.shipped());
    assertThat(walk.stages().get(CropStage.V3)).isEqualTo(PLANTED.plusDays(18));
    // Black layer 2401 needs 121 days.
    assertThat(walk.stages().get(CropStage.BLACK_LAYER)).isEqualTo(PLANTED.plusDays(120));
    // Base 50 gives 20 a day: 5 points at 24, 5 at 27, 5 at 33 to 20 %, in whole days 21 or 22.
    assertThat(walk.stages().get(CropStage.HARVEST)).isEqualTo(PLANTED.plusDays(120 + 21));
    assertThat(walk.frostedBeforeMaturity()).isFalse();
  }

  @Test
  void frostEndsCornEarly() {
    LocalDate frost = LocalDate.of(2026, 8, 20);
    WeatherTrace cold =
        TestWeather.trace(
            LocalDate.of(2026, 1, 1), LocalDate.of(2027, 12, 31), d -> d.isBefore(frost) ? 70 : 37);
    StageWalk walk =
        new StageWalk(
            CropPlanting.corn(PLANTED, 110, 20), cold, TestWeather.SITE, Figures.shipped());
    assertThat(walk.stages().get(CropStage.BLACK_LAYER)).isEqualTo(frost);
    assertThat(walk.frostedBeforeMaturity()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "2.5,2026-05-10,2026-09-13",
    "2.0,2026-05-10,2026-09-08",
    "2.5,2026-06-09,2026-09-23",
    "2.5,2026-04-30,2026-09-11"
  })
  void soybeansByGroupAndDay(double group, LocalDate planted, LocalDate brown) {
    assertThat(SoybeanDays.brownPods(planted, group, TestWeather.SITE, Figures.shipped()))
        .isEqualTo(brown);
  }

  @Test
  void soybeanLeavesDropElevenDaysBeforeBrownPods() {
    CropCalendar beans =
        CropCalendar.of(CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5), OUTLOOK);
    assertThat(beans.when(CropStage.FIRST_YELLOW).median()).contains(LocalDate.of(2026, 8, 23));
    assertThat(beans.when(CropStage.LEAF_DROP).median()).contains(LocalDate.of(2026, 9, 2));
    assertThat(beans.when(CropStage.HARVEST).median()).contains(LocalDate.of(2026, 9, 20));
  }

  @ParameterizedTest
  @CsvSource({"36", "46", "-35"})
  void soybeanDaysAreRefusedElsewhere(double latitude) {
    assertThatThrownBy(
            () -> SoybeanDays.brownPods(PLANTED, 2.5, new Site(latitude, 0), Figures.shipped()))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("37 to 45");
  }

  @Test
  void anObservedStageMovesWhatFollows() {
    CropPlanting corn = CropPlanting.corn(PLANTED, 108, 20);
    CropCalendar before = CropCalendar.of(corn, OUTLOOK);
    LocalDate silk = before.when(CropStage.SILKING).median().orElseThrow();
    CropCalendar late = CropCalendar.of(corn.sighted(CropStage.SILKING, silk.plusDays(8)), OUTLOOK);
    assertThat(late.when(CropStage.SILKING).median()).contains(silk.plusDays(8));
    assertThat(late.when(CropStage.BLACK_LAYER).median().orElseThrow())
        .isAfter(before.when(CropStage.BLACK_LAYER).median().orElseThrow().plusDays(4));
  }

  @Test
  void yellowLeavesSeenEarlyMoveTheBeansUp() {
    CropPlanting beans = CropPlanting.soybeans(LocalDate.of(2026, 5, 10), 2.5);
    CropCalendar seen =
        CropCalendar.of(beans.sighted(CropStage.FIRST_YELLOW, LocalDate.of(2026, 8, 18)), OUTLOOK);
    assertThat(seen.when(CropStage.LEAF_DROP).median()).contains(LocalDate.of(2026, 8, 28));
  }

  @Test
  void datesEnteredByHandAreKept() {
    LocalDate cut = LocalDate.of(2026, 9, 30);
    CropPlanting corn = CropPlanting.corn(PLANTED, 108, 20).dated(CropStage.HARVEST, cut);
    assertThat(CropCalendar.of(corn, OUTLOOK).when(CropStage.HARVEST).median()).contains(cut);
  }

  @ParameterizedTest
  @CsvSource({
    "SOYBEANS,2026-05-10,2026-05-20,2.5",
    "SOYBEANS,2026-05-20,2026-06-05,6.4",
    "SOYBEANS,2026-05-20,2026-05-10,0",
    "CORN_GRAIN,2026-05-05,2026-05-20,10.5",
    "CORN_GRAIN,2026-05-20,2026-06-02,18.3"
  })
  void yieldLostByWaiting(CropKind crop, LocalDate planned, LocalDate actual, double bushels) {
    assertThat(YieldDrag.bushels(crop, planned, actual, TestWeather.SITE, Figures.shipped()))
        .isCloseTo(bushels, within(1e-9));
  }

  @Test
  void figuresOutsideTheTableAreRefused() {
    assertThatThrownBy(() -> CropPlanting.corn(PLANTED, 300, 20))
        .hasMessageContaining("relative maturity is 80–125 days, got 300");
    assertThatThrownBy(() -> CropPlanting.corn(PLANTED, 100, 50))
        .hasMessageContaining("harvest moisture");
  }
}
