package nimblefurrow.core.termination.worth;

/**
 * What ending a cover nets, part by part, $/ac against a field without a mat. Planting green on 10
 * May into 4,800 lb/ac of rye nets $8.90: weeds 20.20, passes −6, kill −6.40, stand −2.30, water
 * 3.40.
 */
public record WorthParts(
    double weeds,
    double passes,
    double kill,
    double date,
    double stand,
    double nitrogen,
    double seed,
    double water,
    double feed) {
  /** Nothing. */
  public static final WorthParts NOUGHT = new WorthParts(0, 0, 0, 0, 0, 0, 0, 0, 0);

  /** The sum. */
  public double net() {
    return weeds + passes + kill + date + stand + nitrogen + seed + water + feed;
  }

  /** Both together. */
  WorthParts plus(WorthParts o) {
    return new WorthParts(
        weeds + o.weeds,
        passes + o.passes,
        kill + o.kill,
        date + o.date,
        stand + o.stand,
        nitrogen + o.nitrogen,
        seed + o.seed,
        water + o.water,
        feed + o.feed);
  }

  /** All of it times a factor. */
  WorthParts times(double f) {
    return new WorthParts(
        f * weeds,
        f * passes,
        f * kill,
        f * date,
        f * stand,
        f * nitrogen,
        f * seed,
        f * water,
        f * feed);
  }
}
