package nimblefurrow.core.scouting;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;

/**
 * What comes out of a cover into the crop after it, and from how many on something is to be done.
 * Six armyworms by square foot are over five. Never an order to treat: people with a licence
 * decide, and the label does.
 */
public enum Pest implements Coded {
  ARMYWORM("armyworm"),
  SLUGS("slugs"),
  VOLES("voles");

  private static final int MOST_SPOTS = 100;
  private final String code;

  Pest(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }

  private Row row(Figures figures) {
    return figures.sheet("pests").row(code);
  }

  /** Its name, as more than one. */
  public String words(Figures figures) {
    return row(figures).text("words");
  }

  /** What is counted. */
  public String finds(Figures figures) {
    return row(figures).text("finds");
  }

  /** How it is counted. */
  public String how(Figures figures) {
    return row(figures).text("how");
  }

  /** What to do where there are too many. */
  public String does(Figures figures) {
    return row(figures).text("does");
  }

  /** Who decides. */
  public String decides(Figures figures) {
    return row(figures).text("decides");
  }

  /** Mean count from which something is to be done; empty where the farm has taken it out. */
  public Optional<Double> threshold(Figures figures) {
    return row(figures).find("threshold");
  }

  /** The most that is counted at a spot. */
  public double most(Figures figures) {
    return row(figures).number("high");
  }

  /**
   * Counts as they may be.
   *
   * @throws OutOfRange naming the pest and its limit
   */
  public SampleMean checked(List<Double> counts, Figures figures) {
    List<Double> each = Limits.given(words(figures) + " by spot", counts);
    if (each.isEmpty() || each.size() > MOST_SPOTS) {
      throw new OutOfRange("spots", "spots are 1–%d, got %d".formatted(MOST_SPOTS, each.size()));
    }
    each.forEach(
        n ->
            Limits.within(
                words(figures),
                Limits.given(words(figures), n),
                row(figures).number("low"),
                most(figures),
                Unit.NONE));
    return new SampleMean(each.stream().mapToDouble(Double::doubleValue).toArray());
  }

  /** Whether so many are too many. */
  public boolean over(SampleMean counted, Figures figures) {
    return threshold(figures).filter(limit -> counted.mean() >= limit).isPresent();
  }
}
