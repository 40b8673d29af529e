package nimblefurrow.core.termination.spray;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;

/**
 * A product as its label has it, entered by the farm. What is not entered is asked for, never taken
 * for granted; nothing is planned that it forbids.
 *
 * @param active ingredient
 * @param kind how it works
 * @param poundsPerGallon acid equivalent of a gallon, lb
 * @param rainFreeHours hours without rain after it, {@code leastCarrier} gal/ac of spray at least
 * @param plantBackCorn and {@code plantBackSoybeans}: days from it to planting
 * @param reEntryHours until the field may be entered, {@code grazingDays} until it may be grazed
 * @param bufferFt kept from water, bees, houses and sensitive crops
 * @param conditioned whether the water has to be conditioned before it goes in
 */
public record Label(
    String active,
    Kind kind,
    Optional<Double> poundsPerGallon,
    Optional<Double> rainFreeHours,
    Optional<Double> leastCarrier,
    Optional<Integer> plantBackCorn,
    Optional<Integer> plantBackSoybeans,
    Optional<Integer> reEntryHours,
    Optional<Integer> grazingDays,
    Optional<Double> bufferFt,
    boolean conditioned) {
  /** How a product works. */
  public enum Kind implements Coded {
    SYSTEMIC("systemic", "systemic"),
    CONTACT("contact", "contact"),
    GROWTH_REGULATOR("growth_regulator", "growth regulator"),
    RESIDUAL("residual", "residual");

    private final String code;
    private final String words;

    Kind(String code, String words) {
      this.code = code;
      this.words = words;
    }

    @Override
    public String code() {
      return code;
    }

    /** As it is said. */
    public String words() {
      return words;
    }
  }

  public Label {
    Limits.given("active ingredient", active);
    Limits.given("how it works", kind);
    poundsPerGallon.ifPresent(
        v -> Limits.positive("acid equivalent of a gallon", v, 10, Unit.POUND));
    rainFreeHours.ifPresent(v -> Limits.within("rain-free hours", v, 0, 72, Unit.HOUR));
    leastCarrier.ifPresent(v -> Limits.within("least spray", v, 1, 60, Unit.GALLON_PER_ACRE));
    plantBackCorn.ifPresent(v -> Limits.within("days to corn", v, 0, 730, Unit.DAY));
    plantBackSoybeans.ifPresent(v -> Limits.within("days to soybeans", v, 0, 730, Unit.DAY));
    reEntryHours.ifPresent(v -> Limits.within("re-entry", v, 0, 240, Unit.HOUR));
    grazingDays.ifPresent(v -> Limits.within("grazing days", v, 0, 730, Unit.DAY));
    bufferFt.ifPresent(v -> Limits.within("buffer", v, 0, 2640, Unit.FOOT));
  }

  /** Days from it to planting a crop, where the label says them. */
  public Optional<Integer> plantBack(boolean corn) {
    return corn ? plantBackCorn : plantBackSoybeans;
  }

  /** What has still to be read off the label. */
  public List<String> missing(boolean corn) {
    List<String> asks = new ArrayList<>();
    ask(asks, poundsPerGallon, "acid equivalent of a gallon");
    ask(asks, rainFreeHours, "rain-free hours");
    ask(asks, leastCarrier, "least spray an acre");
    ask(asks, plantBack(corn), corn ? "days to corn" : "days to soybeans");
    ask(asks, reEntryHours, "re-entry");
    ask(asks, grazingDays, "grazing days");
    ask(asks, bufferFt, "buffer");
    return asks;
  }

  private static void ask(List<String> asks, Optional<?> figure, String words) {
    if (figure.isEmpty()) {
      asks.add(words);
    }
  }
}
