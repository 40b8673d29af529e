package nimblefurrow.core.board;

import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;

/**
 * How much of each help is tried that could be had for a farm's work: a second machine for a week,
 * one more driver for two, a day longer by two hours. Not what would help most, which is searched.
 *
 * @param machineDays for which a second machine is had
 * @param driverDays for which one more person drives
 * @param drivers spans of such days that are tried
 * @param earlierDays by which everything is ready sooner
 * @param longerHours by which every working day is longer, h
 * @param dropped jobs that are tried to be given up, each alone
 * @param flown fields that are tried to be sown from the air by a hired crew
 */
public record HelpSizes(
    int machineDays,
    int driverDays,
    int drivers,
    int earlierDays,
    double longerHours,
    int dropped,
    int flown) {
  private static final FigureKey MACHINE = FigureKey.of("work", "help_machine");
  private static final FigureKey DRIVER = FigureKey.of("work", "help_driver");
  private static final FigureKey DRIVERS = FigureKey.of("work", "help_drivers");
  private static final FigureKey EARLIER = FigureKey.of("work", "help_earlier");
  private static final FigureKey LONGER = FigureKey.of("work", "help_longer");
  private static final FigureKey DROPPED = FigureKey.of("work", "help_dropped");
  private static final FigureKey FLOWN = FigureKey.of("work", "help_flown");

  /** By the farm's figures. */
  public static HelpSizes of(Figures figures) {
    return new HelpSizes(
        figures.whole(MACHINE),
        figures.whole(DRIVER),
        figures.whole(DRIVERS),
        figures.whole(EARLIER),
        figures.of(LONGER),
        figures.whole(DROPPED),
        figures.whole(FLOWN));
  }
}
