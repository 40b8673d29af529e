package nimblefurrow.core.chain;

import static nimblefurrow.core.cashcrop.CropKind.CORN_GRAIN;
import static nimblefurrow.core.cashcrop.CropKind.OATS;
import static nimblefurrow.core.cashcrop.CropKind.SOYBEANS;
import static nimblefurrow.core.cashcrop.CropKind.WINTER_WHEAT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.chain.Rotation.Year;
import org.junit.jupiter.api.Test;

class RotationTest {
  private static final Rotation THREE = new Rotation(List.of(CORN_GRAIN, SOYBEANS, WINTER_WHEAT));

  private static List<CropKind> crops(List<Year> laid) {
    return laid.stream().map(Year::crop).toList();
  }

  @Test
  void itGoesOnFromTheCropThatStands() {
    List<Year> laid = THREE.over(List.of(new Year(2026, SOYBEANS)), 2027, 2029);
    assertThat(laid)
        .containsExactly(
            new Year(2027, WINTER_WHEAT), new Year(2028, CORN_GRAIN), new Year(2029, SOYBEANS));
  }

  @Test
  void itBeginsAtItsBeginningWhereNothingOrAnotherCropStands() {
    assertThat(crops(THREE.over(List.of(), 2027, 2028))).containsExactly(CORN_GRAIN, SOYBEANS);
    assertThat(crops(THREE.over(List.of(new Year(2026, OATS)), 2027, 2028)))
        .containsExactly(CORN_GRAIN, SOYBEANS);
  }

  @Test
  void yearsThatHaveACropAreLeftAndTurnWithIt() {
    List<Year> known = List.of(new Year(2026, CORN_GRAIN), new Year(2028, CORN_GRAIN));
    assertThat(THREE.over(known, 2027, 2030))
        .containsExactly(
            new Year(2027, SOYBEANS), new Year(2029, SOYBEANS), new Year(2030, WINTER_WHEAT));
    assertThat(crops(THREE.over(List.of(new Year(2027, OATS)), 2027, 2028)))
        .as("a stranger takes a turn")
        .containsExactly(SOYBEANS);
  }

  @Test
  void whatIsNoRotationIsRefused() {
    assertThatThrownBy(() -> new Rotation(List.of())).hasMessageContaining("1 to 10 crops, got 0");
    assertThatThrownBy(() -> new Rotation(List.of(CropKind.OTHER)))
        .hasMessageContaining("crops with a calendar");
  }
}
