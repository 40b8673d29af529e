package nimblefurrow.core.termination.worth;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How far the weakly known parts are off in one member of an ensemble. The same draws go for all
 * days and ways, so that what beats what is told by pairs. Member 1 takes 0.851 of the weeds.
 *
 * @param kill SDs by which the kill is off; {@code spread} says whether it is drawn at all
 */
public record Draw(
    double weeds,
    double date,
    double stand,
    double survivors,
    double grass,
    double tieUp,
    double water,
    double seed,
    double kill,
    boolean spread) {
  private static final NormalDistribution UNIT = NormalDistribution.of(0, 1);
  private static final double ONE_IN_TEN = 1.2816;
  private static final double LEAST = 0.001;

  /** Nothing drawn: parts as they are expected. */
  public static final Draw NONE = new Draw(1, 1, 1, 1, 1, 1, 1, 1, 0, false);

  /** The draws of a member, from 1. */
  public static Draw of(int member) {
    return new Draw(
        times(1.5, 317, member),
        times(1.4, 193, member),
        times(2, 349, member),
        times(1.8, 1061, member),
        times(2, 1213, member),
        times(1.5, 113, member),
        times(1.6, 887, member),
        times(2, 173, member),
        normal(859, member),
        true);
  }

  /** SDs by which a member's weight is off. */
  public static double weight(int member) {
    return normal(857, member);
  }

  /** SDs by which a member's stages are off. */
  public static double stages(int member) {
    return normal(1303, member);
  }

  private static double times(double width, int prime, int member) {
    return Math.exp(Math.log(width) / ONE_IN_TEN * normal(prime, member));
  }

  private static double normal(int prime, int member) {
    return UNIT.inverseCumulativeProbability(uniform(prime, member));
  }

  /** Numbers that fill 0–1 evenly, another row of them for each prime. */
  static double uniform(int prime, int member) {
    double at = 0.5 + member * Math.sqrt(prime);
    return Math.max(LEAST, Math.min(1 - LEAST, at - Math.floor(at)));
  }
}
