package nimblefurrow.core.loads;

import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.SetUpFigure;

/**
 * What is taken for a figure of a machine's set-up that nobody has entered: a stop to fill a drill
 * takes ten minutes, a drone's crew has four batteries. The form shows it as usual. Not for what
 * has no usual value: a swath, a hopper, a way from the strip are asked for.
 */
public final class UsualSetUp {
  private static final FigureKey GROUND_FILLING = FigureKey.of("loads", "ground_filling");
  private static final FigureKey SLURRY_FILLING = FigureKey.of("loads", "slurry_filling");
  private static final FigureKey AIR_FILLING = FigureKey.of("loads", "air_filling");
  private static final FigureKey DRONE_FILLING = FigureKey.of("loads", "drone_filling");
  private static final FigureKey AIR_TURN = FigureKey.of("loads", "air_turn");
  private static final FigureKey DRONE_TURN = FigureKey.of("loads", "drone_turn");
  private static final FigureKey BATTERIES = FigureKey.of("loads", "batteries");
  private static final FigureKey CHARGERS = FigureKey.of("loads", "chargers");
  private static final FigureKey CHARGING = FigureKey.of("loads", "charging");
  private static final FigureKey COOLING = FigureKey.of("loads", "cooling");
  private static final FigureKey FIELD_EFFICIENCY = FigureKey.of("loads", "field_efficiency");
  private static final FigureKey BOX_FILLED = FigureKey.of("loads", "box_filled");

  private UsualSetUp() {}

  /** The usual value in the figure's own unit; empty where it has to be entered. */
  public static Optional<Double> of(SetUpFigure figure, MachineKind kind, Figures figures) {
    return key(figure, kind).map(figures::of);
  }

  private static Optional<FigureKey> key(SetUpFigure figure, MachineKind kind) {
    boolean drone = kind == MachineKind.DRONE;
    return Optional.ofNullable(
        switch (figure) {
          case FILLING, TANK_FILLING -> filling(kind);
          case TURN -> drone ? DRONE_TURN : AIR_TURN;
          case BATTERIES -> BATTERIES;
          case CHARGERS -> CHARGERS;
          case CHARGING -> CHARGING;
          case COOLING -> COOLING;
          case FILL -> BOX_FILLED;
          case EFFICIENCY -> FIELD_EFFICIENCY;
          default -> null;
        });
  }

  private static FigureKey filling(MachineKind kind) {
    return switch (kind) {
      case DRONE -> DRONE_FILLING;
      case AIRPLANE, HELICOPTER -> AIR_FILLING;
      case SLURRY -> SLURRY_FILLING;
      default -> GROUND_FILLING;
    };
  }
}
