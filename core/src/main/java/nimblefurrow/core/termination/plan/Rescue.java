package nimblefurrow.core.termination.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.termination.TerminationMethod;

/**
 * What can still be done where too much of a cover lives after its end: a second roll 5 to 7 days
 * on, cultivation between wide rows, a spray over the crop where the label allows it. Each with its
 * days and its price.
 *
 * @param kills share of the rest that it ends, 0–1
 */
public record Rescue(String words, LocalDate from, LocalDate to, double dollars, double kills) {
  private static final FigureKey SECOND_FROM = FigureKey.of("termination", "second_pass_from");
  private static final FigureKey SECOND_TO = FigureKey.of("termination", "second_pass_to");
  private static final FigureKey ROLL_PRICE = FigureKey.of("worth", "rescue_organic");
  private static final FigureKey ROLL_KILLS = FigureKey.of("worth", "rescue_organic_kills");
  private static final FigureKey SPRAY_PRICE = FigureKey.of("worth", "rescue");
  private static final FigureKey SPRAY_KILLS = FigureKey.of("worth", "rescue_kills");
  private static final FigureKey CULTIVATION = FigureKey.of("worth", "post_organic");
  private static final FigureKey CULTIVATION_KILLS = FigureKey.of("ending", "cultivation_kills");
  private static final FigureKey CULTIVATION_FROM = FigureKey.of("ending", "cultivation_from");
  private static final FigureKey CULTIVATION_TO = FigureKey.of("ending", "cultivation_to");
  private static final FigureKey SPRAY_FROM = FigureKey.of("ending", "rescue_spray_from");
  private static final FigureKey SPRAY_TO = FigureKey.of("ending", "rescue_spray_to");

  /**
   * What is open on a day or later.
   *
   * @param ended day on which the cover was ended, by {@code route}
   * @param planted day on which the crop is or was planted
   */
  public static List<Rescue> after(
      LocalDate ended,
      TerminationMethod termination,
      LocalDate planted,
      boolean organic,
      LocalDate today,
      Figures figures) {
    List<Rescue> all = new ArrayList<>();
    if (termination == TerminationMethod.ROLL
        || termination == TerminationMethod.ROLL_AND_SPRAY
        || termination == TerminationMethod.ROLL_AFTER) {
      all.add(
          new Rescue(
              "roll a second time",
              ended.plusDays(figures.whole(SECOND_FROM)),
              ended.plusDays(figures.whole(SECOND_TO)),
              figures.of(ROLL_PRICE),
              figures.of(ROLL_KILLS)));
    }
    LocalDate crop = planted.isAfter(ended) ? planted : ended;
    all.add(
        new Rescue(
            "cultivate between wide rows with a high-residue cultivator",
            crop.plusDays(figures.whole(CULTIVATION_FROM)),
            crop.plusDays(figures.whole(CULTIVATION_TO)),
            figures.of(CULTIVATION),
            figures.of(CULTIVATION_KILLS)));
    if (!organic) {
      all.add(
          new Rescue(
              "spray over the crop, by its label and the crop's stage",
              ended.plusDays(figures.whole(SPRAY_FROM)),
              crop.plusDays(figures.whole(SPRAY_TO)),
              figures.of(SPRAY_PRICE),
              figures.of(SPRAY_KILLS)));
    }
    return all.stream().filter(r -> !r.to().isBefore(today)).toList();
  }
}
