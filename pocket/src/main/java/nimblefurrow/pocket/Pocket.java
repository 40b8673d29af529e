package nimblefurrow.pocket;

import nimblefurrow.core.scouting.CanopyLight;
import nimblefurrow.core.scouting.CountedMean;
import nimblefurrow.core.scouting.GreenPicture;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SampleMean;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemTest;
import org.teavm.jso.JSExport;

/**
 * The rules that a person needs on the spot, as a phone without a signal asks them: core's own,
 * called with the figures that the phone took along. Nothing is decided here.
 */
public final class Pocket {
  private static final double NONE = -1;

  private Pocket() {}

  /** What so many stems say: READY, WAIT or COUNT_ON. */
  @JSExport
  public static String stemVerdict(
      double ready,
      double notReady,
      double wrong,
      double likeness,
      int leastSpots,
      int mostStems,
      int spots,
      int stems,
      int past) {
    return new StemTest(ready, notReady, wrong, likeness, leastSpots, mostStems)
        .verdict(spots, stems, past)
        .name();
  }

  /** The ends of the 90 % interval of the share past flowering. */
  @JSExport
  public static double[] stemInterval(double likeness, int spots, int stems, int past) {
    return new StemTest(1, 0, 0, likeness, 1, 1).interval(spots, stems, past);
  }

  /**
   * The heat at which a field will be ready after a count, °F-days, and how sure that is.
   *
   * @return heat and SD
   */
  @JSExport
  public static double[] countedReady(
      double mean,
      double sd,
      double heat,
      double likeness,
      double scatter,
      double observer,
      double share,
      int spots,
      int stems,
      int past) {
    double effect = new StemTest(1, 0, 0, likeness, 1, 1).designEffect(spots, stems);
    CountedMean after =
        new CountedMean(mean, sd)
            .after(heat, past / effect, (stems - past) / effect, scatter, observer);
    return new double[] {after.heatAt(share, scatter), after.sd()};
  }

  /**
   * Clipped frames: mean in lb/ac, half width of its interval (-1 for one frame), and 1 where more
   * are to be clipped.
   */
  @JSExport
  public static double[] clipped(double frameSquareFeet, double[] dryGrams, double wide) {
    SampleMean frames = Quadrats.poundsPerAcre(frameSquareFeet, dryGrams);
    return new double[] {
      frames.mean(), frames.told() ? frames.halfWidth() : NONE, frames.wide(wide) ? 1 : 0
    };
  }

  /**
   * A stand: plants per ft², half width of the interval (-1 for one spot), and stems per ft².
   *
   * @param stemsPerPlant 0 where none were looked at
   */
  @JSExport
  public static double[] stand(int[] plants, double squareFeet, double stemsPerPlant) {
    SampleMean spots = SampleMean.perSquareFoot(plants, squareFeet);
    return new double[] {
      spots.mean(), spots.told() ? spots.halfWidth() : NONE, spots.mean() * stemsPerPlant
    };
  }

  /** The ground of a piece of row, ft². */
  @JSExport
  public static double squareFeetOfRow(double feet, double rowInches) {
    return SampleMean.squareFeetOfRow(feet, rowInches);
  }

  /** Dry grams of a clipping weighed wet. */
  @JSExport
  public static double dryGrams(double wetGrams, double moisture) {
    return SampleMean.dryGrams(wetGrams, moisture);
  }

  /** Share of water in a part that was weighed wet and dry. */
  @JSExport
  public static double moisture(double wetGrams, double dryGrams) {
    return SampleMean.moisture(wetGrams, dryGrams);
  }

  /** How so many plants or stems per ft² are judged by their marks: GOOD, FAIR or POOR. */
  @JSExport
  public static String standVerdict(double stand, double good, double fair, boolean stems) {
    return new StandCount.Marks(good, fair, stems).of(stand).name();
  }

  /** Readings of spots: their mean, half width of the interval (-1 for one spot). */
  @JSExport
  public static double[] readings(double[] values) {
    SampleMean spots = new SampleMean(values);
    return new double[] {spots.mean(), spots.told() ? spots.halfWidth() : NONE};
  }

  /** Share of the leaves lost, where so much of a stick on the ground is lit, each 0–1. */
  @JSExport
  public static double leavesLost(double[] lit, double full) {
    return new CanopyLight(lit, full).leavesLost();
  }

  /** Which points of a photo are green, 1 or 0, of their red, green, blue and a fourth, 0–255. */
  @JSExport
  public static int[] greenPoints(int[] rgba) {
    return new GreenPicture(rgba).mask();
  }
}
