package nimblefurrow.core.yard;

import static nimblefurrow.core.yard.SetUpFigure.BATTERIES;
import static nimblefurrow.core.yard.SetUpFigure.BATTERY;
import static nimblefurrow.core.yard.SetUpFigure.CHARGERS;
import static nimblefurrow.core.yard.SetUpFigure.CHARGING;
import static nimblefurrow.core.yard.SetUpFigure.COOLING;
import static nimblefurrow.core.yard.SetUpFigure.EFFICIENCY;
import static nimblefurrow.core.yard.SetUpFigure.FERRY_SPEED;
import static nimblefurrow.core.yard.SetUpFigure.FILL;
import static nimblefurrow.core.yard.SetUpFigure.FILLING;
import static nimblefurrow.core.yard.SetUpFigure.GAP;
import static nimblefurrow.core.yard.SetUpFigure.GATE;
import static nimblefurrow.core.yard.SetUpFigure.GRAIN_TANK;
import static nimblefurrow.core.yard.SetUpFigure.HOPPER;
import static nimblefurrow.core.yard.SetUpFigure.LEAST_LAND;
import static nimblefurrow.core.yard.SetUpFigure.LEAST_RATE;
import static nimblefurrow.core.yard.SetUpFigure.LOAD_LIMIT;
import static nimblefurrow.core.yard.SetUpFigure.NOTICE;
import static nimblefurrow.core.yard.SetUpFigure.OWNING;
import static nimblefurrow.core.yard.SetUpFigure.QUOTE_BY_AREA;
import static nimblefurrow.core.yard.SetUpFigure.QUOTE_BY_HOUR;
import static nimblefurrow.core.yard.SetUpFigure.QUOTE_SET_UP;
import static nimblefurrow.core.yard.SetUpFigure.QUOTE_THRESHOLD;
import static nimblefurrow.core.yard.SetUpFigure.RENT;
import static nimblefurrow.core.yard.SetUpFigure.ROWS;
import static nimblefurrow.core.yard.SetUpFigure.ROWS_PER_GAP;
import static nimblefurrow.core.yard.SetUpFigure.ROW_SPACING;
import static nimblefurrow.core.yard.SetUpFigure.RUNNING;
import static nimblefurrow.core.yard.SetUpFigure.SCALE_HIGH;
import static nimblefurrow.core.yard.SetUpFigure.SCALE_LOW;
import static nimblefurrow.core.yard.SetUpFigure.SLIP;
import static nimblefurrow.core.yard.SetUpFigure.SLURRY;
import static nimblefurrow.core.yard.SetUpFigure.SPEED;
import static nimblefurrow.core.yard.SetUpFigure.STRIP;
import static nimblefurrow.core.yard.SetUpFigure.SWATH;
import static nimblefurrow.core.yard.SetUpFigure.TANK;
import static nimblefurrow.core.yard.SetUpFigure.TANK_FILLING;
import static nimblefurrow.core.yard.SetUpFigure.TENDER;
import static nimblefurrow.core.yard.SetUpFigure.TURN;
import static nimblefurrow.core.yard.SetUpFigure.WHEEL;
import static nimblefurrow.core.yard.SetUpFigure.WIDTH;
import static nimblefurrow.core.yard.SetUpFigure.YEARLY_LAND;
import static nimblefurrow.core.yard.SetUpFigure.YIELD;

import java.util.ArrayList;
import java.util.List;

/**
 * What a kind of machine is asked for, group by group: a drone for its batteries, a drill for its
 * rows, hired work for what is charged. Nothing that this kind does not use. Example: {@code
 * SetUpSheet.of(MachineKind.DRILL, false)} begins with width, speed and efficiency.
 *
 * @param groups in the order in which a machine is set up; what it costs comes last
 */
public record SetUpSheet(List<Group> groups) {
  /** Figures that belong together, under a heading of a word or two. */
  public record Group(String heading, List<SetUpFigure> figures) {
    /** Whether loads and prices follow from it; rows and meter tell of catch tests alone. */
    public boolean changesLoads() {
      return !figures.contains(ROWS);
    }
  }

  private static List<SetUpFigure> working() {
    return List.of(WIDTH, SPEED, EFFICIENCY);
  }

  private static List<SetUpFigure> box() {
    return List.of(HOPPER, FILL, LOAD_LIMIT, LEAST_RATE, FILLING);
  }

  private static List<SetUpFigure> meter() {
    return List.of(ROWS, ROW_SPACING, ROWS_PER_GAP, GAP, WHEEL, SLIP, SCALE_LOW, SCALE_HIGH);
  }

  /**
   * The sheet of a kind.
   *
   * @param hired whether somebody else owns it and charges for the work
   */
  public static SetUpSheet of(MachineKind kind, boolean hired) {
    List<Group> groups =
        new ArrayList<>(
            switch (kind) {
              case DRONE ->
                  List.of(
                      new Group("Flying", List.of(SWATH, SPEED, TURN, GATE)),
                      new Group("Hopper", box()),
                      new Group(
                          "Batteries", List.of(BATTERIES, BATTERY, CHARGERS, CHARGING, COOLING)));
              case AIRPLANE, HELICOPTER ->
                  List.of(
                      new Group("Flying", List.of(SWATH, SPEED, FERRY_SPEED, STRIP, TURN)),
                      new Group("Hopper", box()));
              case SLURRY ->
                  List.of(
                      new Group("Working", working()),
                      new Group("Tank", List.of(TANK, SLURRY, TANK_FILLING)));
              case ROLLER, SPRAYER, PLANTER, TILLAGE, MOWER, COMBINE, CHOPPER ->
                  List.of(new Group("Working", working()));
              case OTHER -> List.of();
              case COMBINE_SEEDER ->
                  List.of(
                      new Group("Working", working()),
                      new Group("Hopper", with(box(), TENDER, GRAIN_TANK, YIELD)),
                      new Group("Rows and meter", meter()));
              case DRILL, PRECISION_PLANTER, INTERSEEDER, ROW_AIR_SEEDER ->
                  List.of(
                      new Group("Working", working()),
                      new Group("Hopper", with(box(), TENDER)),
                      new Group("Rows and meter", meter()));
              case BROADCAST_TILLAGE,
                  DISC_PASSES,
                  BROADCAST,
                  HARVEST_SPREADER,
                  HIGH_CLEARANCE,
                  FROST_SEEDING ->
                  List.of(
                      new Group("Working", working()), new Group("Hopper", with(box(), TENDER)));
            });
    groups.add(cost(hired));
    return new SetUpSheet(List.copyOf(groups));
  }

  private static Group cost(boolean hired) {
    return hired
        ? new Group(
            "What they charge",
            List.of(
                QUOTE_BY_AREA,
                QUOTE_BY_HOUR,
                QUOTE_SET_UP,
                QUOTE_THRESHOLD,
                RENT,
                LEAST_LAND,
                NOTICE))
        : new Group("What it costs", List.of(OWNING, YEARLY_LAND, RUNNING, RENT));
  }

  private static List<SetUpFigure> with(List<SetUpFigure> some, SetUpFigure... more) {
    List<SetUpFigure> all = new ArrayList<>(some);
    all.addAll(List.of(more));
    return List.copyOf(all);
  }
}
