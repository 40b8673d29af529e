package nimblefurrow.core.cashcrop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.weather.Site;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CropLineTest {
  private static final Figures FIGURES = Figures.shipped();
  private static final Site NORTH = new Site(40, -97);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "corn|CORN_GRAIN|2027-05-04|104",
        "Corn, 5/9, 107|CORN_GRAIN|2027-05-09|107",
        "corn 107|CORN_GRAIN|2027-05-04|107",
        "silage corn 12 May|CORN_SILAGE|2027-05-12|104",
        "soybeans 12 May 2.8|SOYBEANS|2027-05-12|2.8",
        "beans\tMay 20|SOYBEANS|2027-05-20|3",
        "soys 2027-05-30 2|SOYBEANS|2027-05-30|2",
        "wheat|WINTER_WHEAT|2026-10-05|0",
        "winter wheat 9/28|WINTER_WHEAT|2026-09-28|0",
        "oats 4/2/27|OATS|2027-04-02|0"
      })
  void cropsAsPeopleWriteThem(String text, CropKind kind, LocalDate planted, double maturity) {
    assertThat(CropLine.read(text, 2027, NORTH, true, FIGURES))
        .isEqualTo(new CropLine(kind, planted, maturity));
  }

  @Test
  void theDayComesFirstOnAMetricFarm() {
    assertThat(CropLine.read("corn 9/5", 2027, NORTH, false, FIGURES).planted())
        .isEqualTo(LocalDate.of(2027, 5, 9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"hops", "", "corn 13/40", "corn 31 jun"})
  void whatIsNotUnderstoodIsSaid(String text) {
    assertThatThrownBy(() -> CropLine.read(text, 2027, NORTH, true, FIGURES))
        .isInstanceOf(OutOfRange.class);
  }

  @Test
  void southOfTheEquatorTheDaysAreHalfAYearOff() {
    Site south = new Site(-35, -60);
    assertThat(CropKind.CORN_GRAIN.usualPlanting(2027, south, FIGURES))
        .contains(LocalDate.of(2027, 11, 4));
    assertThat(CropKind.WINTER_WHEAT.harvestYear(LocalDate.of(2027, 4, 5), south)).isEqualTo(2027);
    assertThat(CropKind.WINTER_WHEAT.harvestYear(LocalDate.of(2026, 10, 5), NORTH)).isEqualTo(2027);
    assertThat(CropKind.CORN_GRAIN.harvestYear(LocalDate.of(2026, 5, 5), NORTH)).isEqualTo(2026);
    assertThat(CropKind.OTHER.usualPlanting(2027, NORTH, FIGURES)).isEmpty();
  }
}
