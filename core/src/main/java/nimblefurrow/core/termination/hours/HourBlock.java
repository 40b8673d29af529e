package nimblefurrow.core.termination.hours;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
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
  private static final double LIKELY = 0.5;

  /** All blocks in their order. */
  public static List<HourBlock> of(List<HourOutlook> hours, Function<HourOutlook, Share> good) {
    List<HourBlock> blocks = new ArrayList<>();
    int length = 0;
    double sum = 0;
    for (int h = 0; h <= hours.size(); h++) {
      double chance = h < hours.size() ? good.apply(hours.get(h)).fraction() : 0;
      if (chance >= LIKELY) {
        length++;
        sum += chance;
      } else if (length > 0) {
        blocks.add(new HourBlock(hours.get(h - length).start(), length, Share.of(sum / length)));
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
