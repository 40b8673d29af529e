package nimblefurrow.core.termination.method;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Residue;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.Suppression;
import nimblefurrow.core.cover.WeedClass;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.termination.Feed;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.kill.HerbicideKill;

/**
 * What a way of ending costs and what it leaves, on the day it aims at. Rye planted green on 10 May
 * leaves some 4,800 lb/ac with C:N 37 that keep half of the weeds down three warm weeks on. Costs
 * are those of the passes themselves, before what they save; the trade-off nets them.
 *
 * @param dollars of the passes and products, $/ac
 * @param matLbAc left on the ground dry, 0 where it is worked in or carried off
 * @param carbonToNitrogen of what dies
 * @param nitrogenLbAc that it holds
 * @param availableLbAc nitrogen given to the crop; below 0 tied up
 * @param weedsDown share of weeds kept down three warm weeks after, 0–1
 * @param weeksToHalf warm weeks until half of the mat is gone; 0 without a mat
 * @param dryStems whether stems have to be dry and brittle in that hour
 * @param products what is sprayed, by active ingredient; empty where nothing is
 */
public record MethodEffects(
    double dollars,
    double matLbAc,
    double carbonToNitrogen,
    double nitrogenLbAc,
    double availableLbAc,
    double weedsDown,
    double weeksToHalf,
    boolean dryStems,
    List<Reason> products) {
  private static final FigureKey BURNDOWN = FigureKey.of("worth", "burndown");
  private static final FigureKey TRIP = FigureKey.of("worth", "trip");
  private static final FigureKey GREEN = FigureKey.of("worth", "green_saved");
  private static final FigureKey ROLL_FRONT = FigureKey.of("worth", "roll_front");
  private static final FigureKey ROLL_PASS = FigureKey.of("worth", "roll_pass");
  private static final FigureKey REDUCED = FigureKey.of("worth", "reduced_spray");
  private static final FigureKey TILLED = FigureKey.of("worth", "tilled");
  private static final FigureKey MOWN = FigureKey.of("ending", "mow_pass");
  private static final FigureKey STRIPS = FigureKey.of("ending", "strip_share");
  private static final FigureKey FENCE = FigureKey.of("ending", "graze_cost");
  private static final FigureKey LEAST = FigureKey.of("ending", "graze_least");
  private static final FigureKey WEEKS = FigureKey.of("worth", "weeks_planted");

  /** Of a way that can be taken; empty where it cannot, or aims at no day. */
  public static Optional<MethodEffects> of(
      TerminationOutlook way, MatForecast mat, WeedClass weeds, Figures figures) {
    return way.impossible().isPresent()
        ? Optional.empty()
        : way.aim().map(day -> on(way, mat, weeds, figures));
  }

  private static MethodEffects on(
      TerminationOutlook way, MatForecast mat, WeedClass weeds, Figures figures) {
    var day = way.aim().orElseThrow();
    TerminationMethod termination = way.method();
    double stands = mat.on(day).middle();
    double left =
        switch (termination) {
          case TILLAGE, HAY -> 0;
          case GRAZING ->
              Feed.left(
                      DryMatter.poundsPerAcre(stands),
                      Math.max(0, stands - figures.of(LEAST)),
                      figures)
                  .poundsPerAcre();
          case EARLY_SPRAY,
              PLANT_GREEN,
              ROLL,
              ROLL_AFTER,
              ROLL_AND_SPRAY,
              WINTER_KILL,
              MOWING,
              BETWEEN_ROWS,
              STRIPS ->
              stands;
        };
    double carbon = Nitrogen.carbonOfMix(mat, day);
    boolean carried = termination == TerminationMethod.HAY;
    Nitrogen nitrogen = Nitrogen.of(DryMatter.poundsPerAcre(carried ? 0 : stands), carbon, figures);
    double then = left * Residue.left(figures, carbon, figures.of(WEEKS));
    return new MethodEffects(
        dollars(termination, stands, figures),
        left,
        carbon,
        nitrogen.contentLbAc(),
        nitrogen.availableLbAc(),
        Suppression.dead(then, weeds, figures),
        left == 0 ? 0 : Residue.halfLifeWeeks(figures, carbon),
        termination == TerminationMethod.ROLL
            || termination == TerminationMethod.ROLL_AFTER
            || termination == TerminationMethod.ROLL_AND_SPRAY,
        termination.usesHerbicide() ? products(mat) : List.of());
  }

  private static double dollars(TerminationMethod termination, double stands, Figures f) {
    return switch (termination) {
      case EARLY_SPRAY -> f.of(BURNDOWN) + f.of(TRIP);
      case PLANT_GREEN -> f.of(BURNDOWN) + f.of(GREEN);
      case ROLL -> f.of(ROLL_FRONT);
      case ROLL_AFTER -> f.of(ROLL_PASS);
      case ROLL_AND_SPRAY -> f.of(ROLL_FRONT) + f.of(REDUCED);
      case WINTER_KILL -> 0;
      case TILLAGE -> f.of(TILLED);
      case MOWING, BETWEEN_ROWS -> f.of(MOWN);
      case GRAZING -> f.of(FENCE);
      case HAY -> Feed.cutCost(DryMatter.poundsPerAcre(stands), f);
      case STRIPS -> f.of(BURNDOWN) + f.of(TRIP);
    };
  }

  private static List<Reason> products(MatForecast mat) {
    return mat.stand().mix().winterHardy().stream().map(s -> product(s)).toList();
  }

  private static Reason product(Species species) {
    String name = species.name().toLowerCase(Locale.ROOT);
    Optional<HerbicideKill> kill = HerbicideKill.of(species);
    if (kill.isEmpty()) {
      return Reason.of("{}: no figure; ask your adviser", name);
    }
    String partner = kill.get().partner().map(p -> ", with " + p).orElse("");
    return Reason.of(
        "{}: glyphosate, {} to {} of acid equivalent" + partner,
        name,
        Measure.of(kill.get().rateLow(), Unit.POUND_PER_ACRE),
        Measure.of(kill.get().rateHigh(), Unit.POUND_PER_ACRE));
  }
}
