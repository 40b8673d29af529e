package nimblefurrow.core.loads;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.SetUpFigure;
import nimblefurrow.core.yard.SetUpSheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What stands in for a figure that nobody has entered. */
class UsualSetUpTest {
  private static final Figures FIGURES = Figures.shipped();

  @ParameterizedTest
  @CsvSource({
    "FILLING, DRILL, 10",
    "FILLING, DRONE, 2",
    "FILLING, AIRPLANE, 6",
    "FILLING, HELICOPTER, 6",
    "TANK_FILLING, SLURRY, 15",
    "TURN, DRONE, 4",
    "TURN, AIRPLANE, 30",
    "BATTERIES, DRONE, 4",
    "CHARGERS, DRONE, 2",
    "CHARGING, DRONE, 12",
    "COOLING, DRONE, 5",
    "FILL, DRILL, 0.95",
    "EFFICIENCY, ROLLER, 0.75"
  })
  void isAFigureOfTheCatalogue(SetUpFigure figure, MachineKind kind, double usual) {
    assertThat(UsualSetUp.of(figure, kind, FIGURES)).contains(usual);
  }

  @Test
  void theFarmMayHaveItsOwn() {
    Figures own = FIGURES.with(Map.of(FigureId.of(FigureKey.of("loads", "drone_filling")), 3.5));
    assertThat(UsualSetUp.of(SetUpFigure.FILLING, MachineKind.DRONE, own)).contains(3.5);
  }

  /** Widths, hoppers, ways and prices have no usual value: they are asked for. */
  @Test
  void whatHasToBeEnteredHasNone() {
    int asked = 0;
    for (SetUpFigure figure :
        new SetUpFigure[] {
          SetUpFigure.SWATH, SetUpFigure.HOPPER, SetUpFigure.STRIP, SetUpFigure.RENT
        }) {
      for (MachineKind kind : MachineKind.values()) {
        assertThat(UsualSetUp.of(figure, kind, FIGURES)).isEmpty();
        asked++;
      }
    }
    assertThat(asked).isGreaterThan(30);
    assertThat(
            SetUpSheet.of(MachineKind.DRONE, false).groups().stream()
                .flatMap(g -> g.figures().stream())
                .filter(f -> UsualSetUp.of(f, MachineKind.DRONE, FIGURES).isPresent()))
        .hasSizeGreaterThanOrEqualTo(7);
  }
}
