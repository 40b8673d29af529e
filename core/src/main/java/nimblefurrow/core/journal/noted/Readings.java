package nimblefurrow.core.journal.noted;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.scouting.SampleMean;

/**
 * What was read at some spots, one after the other. Example: heights of 40, 44 and 38 in. Not a
 * count of stems or plants.
 *
 * @param bySpot 1–100 numbers, in the unit of what was read
 * @param where the places, in the same order; none where the phone did not know
 */
public record Readings(List<Double> bySpot, List<Spot> where) {
  private static final int MOST_SPOTS = 100;

  public Readings {
    Limits.given("what was read", bySpot).forEach(one -> Limits.given("what was read", one));
    bySpot = List.copyOf(bySpot);
    if (bySpot.isEmpty() || bySpot.size() > MOST_SPOTS) {
      throw new OutOfRange("spots", "spots are 1–%d, got %d".formatted(MOST_SPOTS, bySpot.size()));
    }
    where = List.copyOf(where);
  }

  /** Readings of which nobody knows the places. */
  public static Readings of(List<Double> bySpot) {
    return new Readings(bySpot, List.of());
  }

  /** These and further spots. */
  public Readings with(Readings more) {
    List<Double> all = new ArrayList<>(bySpot);
    all.addAll(more.bySpot);
    List<Spot> places = new ArrayList<>(where);
    places.addAll(more.where);
    return new Readings(all.subList(0, Math.min(all.size(), MOST_SPOTS)), places);
  }

  /** Mean and error of the spots. */
  public SampleMean mean() {
    return dividedBy(1);
  }

  /** Mean and error of the spots in a greater unit: percent divided by 100 are shares. */
  public SampleMean dividedBy(double by) {
    return new SampleMean(bySpot.stream().mapToDouble(r -> r / by).toArray());
  }
}
