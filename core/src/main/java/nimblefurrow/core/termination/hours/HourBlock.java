package nimblefurrow.core.termination.hours;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Share;

/**
 * Hours that follow each other and are each more likely good than not, for example Thursday 9 to 14
 * h for the sprayer. Not a promise that all of them hold.
 *
 * @param start when the first begins
 * @param hours how many
 * @param chance mean of theirs
 */
public record HourBlock(LocalDateTime start, int hours, Share chance) {
  /** Chance of an hour from which it is joined to a block. */
  public static final FigureKey LIKELY = FigureKey.of("hours", "block_likely");

  private static final FigureKey LEAST = FigureKey.of("hours", "block_least");

  /** The blocks that are long enough to go out for, in their order. */
  public static List<HourBlock> of(
      List<HourOutlook> hours, Function<HourOutlook, Share> good, Figures figures) {
    double likely = figures.of(LIKELY);
    List<HourBlock> blocks = new ArrayList<>();
    int length = 0;
    double sum = 0;
    for (int h = 0; h <= hours.size(); h++) {
      double chance = h < hours.size() ? good.apply(hours.get(h)).fraction() : 0;
      if (chance >= likely) {
        length++;
        sum += chance;
      } else if (length > 0) {
        if (length >= figures.of(LEAST)) {
          blocks.add(new HourBlock(hours.get(h - length).start(), length, Share.of(sum / length)));
        }
        length = 0;
        sum = 0;
      }
    }
    return blocks;
  }

  /** When the last of them ends. */
  public LocalDateTime end() {
    return start.plusHours(hours);
  }
}
