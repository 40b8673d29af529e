package nimblefurrow.core.yard;

import static nimblefurrow.core.yard.SetUpFigure.BATTERIES;
import static nimblefurrow.core.yard.SetUpFigure.OWNING;
import static nimblefurrow.core.yard.SetUpFigure.QUOTE_BY_AREA;
import static nimblefurrow.core.yard.SetUpFigure.ROW_SPACING;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SetUpSheetTest {
  private static List<SetUpFigure> asked(MachineKind kind, boolean hired) {
    return SetUpSheet.of(kind, hired).groups().stream().flatMap(g -> g.figures().stream()).toList();
  }

  @Test
  void aDroneIsAskedForBatteriesAndADrillForRows() {
    assertThat(asked(MachineKind.DRONE, false)).contains(BATTERIES).doesNotContain(ROW_SPACING);
    assertThat(asked(MachineKind.DRILL, false)).contains(ROW_SPACING).doesNotContain(BATTERIES);
  }

  @ParameterizedTest
  @EnumSource(MachineKind.class)
  void ownMachinesTellWhatTheyCostAndHiredOnesWhatIsChargedAndNothingTwice(MachineKind kind) {
    assertThat(asked(kind, false)).contains(OWNING).doesNotContain(QUOTE_BY_AREA);
    assertThat(asked(kind, true)).contains(QUOTE_BY_AREA).doesNotContain(OWNING);
    assertThat(asked(kind, false).stream().map(SetUpFigure::code)).doesNotHaveDuplicates();
    assertThat(asked(kind, true).stream().map(SetUpFigure::code)).doesNotHaveDuplicates();
    assertThat(SetUpSheet.of(kind, false).groups().get(0).changesLoads()).isTrue();
  }

  @Test
  void everyFigureIsAskedForBySomeKind() {
    Set<SetUpFigure> all = EnumSet.noneOf(SetUpFigure.class);
    for (MachineKind kind : MachineKind.values()) {
      all.addAll(asked(kind, false));
      all.addAll(asked(kind, true));
    }
    assertThat(all).containsExactlyInAnyOrder(SetUpFigure.values());
  }
}
