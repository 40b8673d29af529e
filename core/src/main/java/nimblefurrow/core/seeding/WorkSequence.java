package nimblefurrow.core.seeding;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;

/** Ways in that take several goes over the field, with the waits between them. */
public final class WorkSequence {
  /**
   * One go over the field.
   *
   * @param afterDays least days after the go before; {@code withinDays} the most
   * @param hours for the field; 0 where it rides along with other work
   */
  public record Step(String what, int afterDays, int withinDays, double hours) {}

  /** Days between two shallow disc passes, least and most: weeds sprout, the ground dries. */
  public static final FigureKey DISC_WAIT = FigureKey.of("seeding", "disc_wait");

  /** Most days between two disc passes, after which weeds are ahead again. */
  public static final FigureKey DISC_WAIT_AT_MOST = FigureKey.of("seeding", "disc_wait_most");

  /** Slurry may follow the seed for so many days. */
  public static final FigureKey SLURRY_WITHIN = FigureKey.of("seeding", "slurry_within");

  private static final FigureKey HAND_SPREADING = FigureKey.of("seeding", "hand_spreading");

  private WorkSequence() {}

  /** The goes over the field on the day of sowing: the last disc pass, spreading, covering. */
  public static double sowingGoes(boolean smallSeed, Figures figures) {
    return 1 + figures.of(HAND_SPREADING) + (smallSeed ? 0 : 1);
  }

  /**
   * Shallow disc passes with days between, seed spread by hand before the last, small seed left on
   * top.
   *
   * @param passes one to three
   */
  public static List<Step> discPasses(
      int passes, boolean smallSeed, Area field, WorkRate rate, Figures figures) {
    Limits.within("disc passes", passes, 1, 3, Unit.NONE);
    double hours = rate.hoursFor(field);
    List<Step> steps = new ArrayList<>();
    for (int i = 1; i < passes; i++) {
      steps.add(
          new Step(
              "shallow disc pass " + i,
              i == 1 ? 0 : figures.whole(DISC_WAIT),
              i == 1 ? 0 : figures.whole(DISC_WAIT_AT_MOST),
              hours));
    }
    boolean only = passes == 1;
    steps.add(
        new Step(
            "shallow disc pass " + passes,
            only ? 0 : figures.whole(DISC_WAIT),
            only ? 0 : figures.whole(DISC_WAIT_AT_MOST),
            hours));
    steps.add(new Step("spread the seed by hand", 0, 1, hours * figures.of(HAND_SPREADING)));
    steps.add(
        smallSeed
            ? new Step("leave small seed on top, or roll it in", 0, 1, 0)
            : new Step("cover lightly with disc or harrow", 0, 1, hours));
    return steps;
  }

  /** A spreader right behind the combine; then the question of the fall burndown. */
  public static List<Step> behindTheCombine(Area field, WorkRate spreader) {
    return List.of(
        new Step("combine, chopper spreading the full cut", 0, 0, 0),
        new Step("spread the seed before the residue settles", 0, 1, spreader.hoursFor(field)),
        new Step("look whether the cover has emerged before any fall burndown", 5, 14, 0));
  }

  /** What the answer to "has the cover emerged?" means for a fall burndown. */
  public static String fallBurndown(boolean emerged) {
    return emerged
        ? "The cover is up: any product that kills what is green kills the cover too. Leave it "
            + "out, or take one whose label spares the cover."
        : "The cover is not up yet: a product without soil activity on the cover's species may "
            + "still go; read the label's interval to sowing.";
  }

  /**
   * The steps that a way in takes, empty when one go does it.
   *
   * @param slurryOver whether slurry goes over the sown ground, the same day or up to three weeks
   *     later
   */
  public static List<Step> of(
      SeedingMethod way,
      int discPasses,
      boolean slurryOver,
      boolean smallSeed,
      Area field,
      WorkRate rate,
      Figures figures) {
    List<Step> steps =
        new ArrayList<>(
            switch (way) {
              case DISC_PASSES -> discPasses(discPasses, smallSeed, field, rate, figures);
              case HARVEST_SPREADER -> behindTheCombine(field, rate);
              default -> List.of();
            });
    if (slurryOver) {
      steps.add(new Step("slurry over the sown ground", 0, figures.whole(SLURRY_WITHIN), 0));
    }
    return steps;
  }
}
