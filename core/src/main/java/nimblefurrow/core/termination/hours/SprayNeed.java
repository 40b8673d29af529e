package nimblefurrow.core.termination.hours;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.termination.spray.Label;

/**
 * What a product wants of the hour that it is sprayed in and of those after: how it works, and how
 * long no rain may fall. A contact product with 1 h on its label wants less than a systemic one of
 * which nothing was read. Not a whole label.
 *
 * @param rainFree hours that the label wants, 0–72; empty where nobody has read them
 */
public record SprayNeed(Label.Kind kind, Optional<Double> rainFree) {
  /** The longest that a label asks to be without rain, h. */
  public static final int LONGEST = 72;

  /** A systemic product of which no label is entered. */
  public static final SprayNeed USUAL = new SprayNeed(Label.Kind.SYSTEMIC, Optional.empty());

  private static final FigureKey RAIN_FREE = FigureKey.of("termination", "spray_rain_free");
  private static final FigureKey CONTACT_RAIN_FREE =
      FigureKey.of("termination", "contact_rain_free");

  public SprayNeed {
    Limits.given("how it works", kind);
    rainFree.ifPresent(h -> Limits.within("rain-free hours", h, 0, LONGEST, Unit.HOUR));
  }

  /** What a product wants by its label. */
  public static SprayNeed of(Label label) {
    return new SprayNeed(label.kind(), label.rainFreeHours());
  }

  /** Hours without rain: the label's, else the usual ones of its kind. */
  double hours(Figures figures) {
    return rainFree.orElseGet(
        () -> figures.of(kind == Label.Kind.CONTACT ? CONTACT_RAIN_FREE : RAIN_FREE));
  }

  /** The longest of several, whole hours. */
  static int longest(List<SprayNeed> needs, Figures figures) {
    return (int) Math.ceil(needs.stream().mapToDouble(n -> n.hours(figures)).max().orElse(0));
  }
}
