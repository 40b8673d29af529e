package nimblefurrow.core.scouting;

/**
 * Sun that reaches the ground under a standing crop, which tells how many leaves are lost: light
 * fades with leaf area, so that a tenth of the sun under full corn and a third of it now mean that
 * half of the leaves are gone. Pure arithmetic, for the phone too.
 *
 * @param lit share of a stick on the ground that is lit, by spot, 0–1
 * @param full share that a full canopy lets through, more than 0 and less than 1
 */
public record CanopyLight(double[] lit, double full) {
  /** Mean share of the stick that is lit. */
  public double mean() {
    return new SampleMean(lit).mean();
  }

  /** Share of the leaves that are lost, 0–1. */
  public double leavesLost() {
    double through = Math.max(full, Math.min(1, mean()));
    return 1 - Math.log(through) / Math.log(full);
  }
}
