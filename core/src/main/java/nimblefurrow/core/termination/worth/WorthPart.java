package nimblefurrow.core.termination.worth;

import java.util.function.ToDoubleFunction;

/** A part of what an end nets, as it is named where somebody asks what would have to be true. */
public enum WorthPart {
  WEEDS("weeds", WorthParts::weeds),
  PASSES("passes", WorthParts::passes),
  KILL("what lives on", WorthParts::kill),
  DATE("planting later", WorthParts::date),
  STAND("plants lost in the mat", WorthParts::stand),
  NITROGEN("nitrogen", WorthParts::nitrogen),
  SEED("the cover's own seed", WorthParts::seed),
  WATER("soil water", WorthParts::water),
  FEED("feed", WorthParts::feed);

  private final String words;
  private final ToDoubleFunction<WorthParts> of;

  WorthPart(String words, ToDoubleFunction<WorthParts> of) {
    this.words = words;
    this.of = of;
  }

  /** As it is told: "planting later". */
  public String words() {
    return words;
  }

  /** Its money in a sum, $/ac. */
  public double of(WorthParts parts) {
    return of.applyAsDouble(parts);
  }
}
