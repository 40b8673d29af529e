package nimblefurrow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;

import nimblefurrow.core.figures.Figures;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Silt loam at field capacity, 0.8 in of rain, then 0.17 in of pull a day: when it bears. */
class TopsoilStoreTest {
  @ParameterizedTest
  @CsvSource({"0,0,.90,3", "1,0,.95,2", "0,4000,.90,4", "0,8000,.90,6"})
  void daysUntilTheGroundBears(double green, double mat, double fit, int evening) {
    TopsoilWater.Store store =
        new TopsoilWater.Store(SoilTexture.SILT_LOAM, false, green, mat, Figures.shipped())
            .holding(1);
    store.day(0, 0.8);
    int evenings = 0;
    double water = 9;
    while (water > fit && evenings < 30) {
      water = store.day(0.17, 0);
      evenings++;
    }
    assertThat(evenings).isEqualTo(evening);
  }
}
