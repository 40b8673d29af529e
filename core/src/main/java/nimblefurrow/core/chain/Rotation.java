package nimblefurrow.core.chain;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * Crops that follow each other in turn, for example corn, soybeans, wheat. Laid over a field it
 * goes on from the crop that stands there: after soybeans comes wheat; where the field's crop is
 * none of it, or there is none, it begins at its beginning. Not the field's chain: that also holds
 * covers and cuts.
 *
 * @param crops one to ten, in their order
 */
public record Rotation(List<CropKind> crops) {
  private static final int MOST = 10;

  /** A crop by the year in which it comes off. */
  public record Year(int harvest, CropKind crop) {}

  public Rotation {
    crops = List.copyOf(crops);
    if (crops.isEmpty() || crops.size() > MOST) {
      throw new OutOfRange(
          "rotation", "a rotation has 1 to %d crops, got %d".formatted(MOST, crops.size()));
    }
    if (crops.contains(CropKind.OTHER) || crops.contains(CropKind.FREE_GROUND)) {
      throw new OutOfRange(
          "rotation", "a rotation has crops with a calendar: enter another crop by its dates");
    }
  }

  /**
   * The crops of the years asked for that a field does not have yet.
   *
   * @param known the field's crops by harvest year, in order
   * @param from first harvest year
   * @param to last harvest year
   */
  public List<Year> over(List<Year> known, int from, int to) {
    List<Year> laid = new ArrayList<>();
    int at = 0;
    for (int year = from; year <= to; year++) {
      int harvest = year;
      List<Year> before = known.stream().filter(k -> k.harvest() < harvest).toList();
      if (year == from && !before.isEmpty()) {
        at = crops.indexOf(before.get(before.size() - 1).crop()) + 1;
      }
      List<Year> here = known.stream().filter(k -> k.harvest() == harvest).toList();
      if (here.isEmpty()) {
        CropKind crop = crops.get(at % crops.size());
        laid.add(new Year(year, crop));
        at++;
      } else {
        int stands = crops.indexOf(here.get(here.size() - 1).crop());
        at = stands < 0 ? at + 1 : stands + 1;
      }
    }
    return laid;
  }
}
