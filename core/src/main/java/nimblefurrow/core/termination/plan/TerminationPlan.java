package nimblefurrow.core.termination.plan;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.termination.Feed;
import nimblefurrow.core.termination.Grazing;
import nimblefurrow.core.termination.TerminationMethod;

/**
 * What has to be known and seen to for a way of ending, line by line, as a crew takes it along: the
 * roller's pass, the checklist of planting green, the disc, the mower, stock. Planning only;
 * labels, local law and licensed people come first.
 */
public final class TerminationPlan {
  private static final FigureKey TILL_GAP = FigureKey.of("ending", "till_gap");
  private static final FigureKey CUT_BEFORE = FigureKey.of("ending", "cut_before");
  private static final FigureKey GRAZE_LEAST = FigureKey.of("ending", "graze_least");
  private static final FigureKey GRAZE_BEFORE = FigureKey.of("ending", "graze_before");
  private static final FigureKey ROWS_LAST = FigureKey.of("ending", "between_last");

  private TerminationPlan() {}

  /** The plan of a way; empty lines never. */
  public static List<PlanLine> of(PlanCase at, TerminationMethod termination) {
    return switch (termination) {
      case ROLL, ROLL_AFTER -> RollPlan.of(at);
      case ROLL_AND_SPRAY -> {
        List<PlanLine> lines = new ArrayList<>(RollPlan.of(at));
        lines.add(
            0,
            PlanLine.of(
                "spray",
                "the reduced spray goes with the roller or within a day; rate and all else by the label"));
        yield lines;
      }
      case PLANT_GREEN -> GreenPlan.of(at);
      case STRIPS -> {
        List<PlanLine> lines = new ArrayList<>(GreenPlan.of(at));
        lines.add(
            0,
            PlanLine.of(
                "strips",
                "spray and planter on the same guidance lines; nozzles over the rows only"));
        yield lines;
      }
      case BETWEEN_ROWS -> {
        List<PlanLine> lines = new ArrayList<>(GreenPlan.of(at));
        lines.add(
            0,
            PlanLine.of(
                "mowing",
                "between the rows in flower, by {}; shields up, crop and rows left alone",
                at.next().planned().plusDays(at.figures().whole(ROWS_LAST))));
        yield lines;
      }
      case EARLY_SPRAY -> dead(at);
      case TILLAGE ->
          List.of(
              PlanLine.of(
                  "passes",
                  "two of a disc {} days apart, shallow; look for living roots before the second",
                  at.figures().whole(TILL_GAP)),
              PlanLine.of("ground", "not wet: a smeared layer costs more than the cover gave"),
              PlanLine.of(
                  "slopes", "bare until the crop shades it: leave steep ground to another way"));
      case MOWING ->
          List.of(
              PlanLine.of(
                  "height", "as low as the ground allows, in flower; leafy grass grows again"),
              PlanLine.of("look first", "walk it for nests, fawns, stones and wire"),
              PlanLine.of("after", "rake or spread clumps before planting; count on regrowth"));
      case HAY -> hay(at);
      case GRAZING -> grazing(at);
      case WINTER_KILL ->
          List.of(
              PlanLine.of(
                  "look", "in early spring at five places: what is green at the crown lives"),
              PlanLine.of("weeds", "bare from late winter: plan a burndown or a shallow pass"));
    };
  }

  private static List<PlanLine> dead(PlanCase at) {
    Figures figures = at.figures();
    List<PlanLine> lines = new ArrayList<>();
    lines.add(
        PlanLine.of(
            "hours",
            "warm sunny growing days for what is taken up by leaves; wind and rain by the label"));
    lines.add(
        PlanLine.of(
            "planting",
            "brittle three weeks on plants best; half-dead stems are tough, and wet mats stay wet"));
    lines.addAll(PlanterSettings.of(at.pounds(), PlanterSettings.State.DEAD, figures));
    return lines;
  }

  private static List<PlanLine> hay(PlanCase at) {
    DryMatter stands = DryMatter.poundsPerAcre(at.pounds());
    return List.of(
        PlanLine.of("yield", "about {} of dry hay", Feed.cut(stands, at.figures())),
        PlanLine.of(
            "regrowth",
            "ended before planting, {} days after the cut: sprayed by the label, on organic ground tilled",
            at.figures().whole(CUT_BEFORE)),
        PlanLine.of(
            "feed",
            "feeding days of every product and of treated seed by the label; test grass for nitrate"),
        PlanLine.of("look first", "walk it for nests, fawns, stones and wire"));
  }

  private static List<PlanLine> grazing(PlanCase at) {
    Figures figures = at.figures();
    DryMatter stands = DryMatter.poundsPerAcre(at.pounds());
    double cows = figures.of(Grazing.COWS);
    int days = Grazing.days(at.pounds(), 0, cows, figures);
    return List.of(
        PlanLine.of(
            "stock",
            "{} cow-days to the acre stand on {}; {} cows to the acre eat it down to {} in {} days if nothing grew",
            Math.round(Feed.cowDays(stands, figures)),
            at.ended(),
            cows,
            Measure.of(figures.of(GRAZE_LEAST), Unit.POUND_PER_ACRE),
            days),
        PlanLine.of(
            "off",
            "at {} or {} days before a spray, at once when the topsoil is wet, at jointing if it is to be rolled",
            Measure.of(figures.of(GRAZE_LEAST), Unit.POUND_PER_ACRE),
            figures.whole(GRAZE_BEFORE)),
        PlanLine.of(
            "fence and water",
            "before stock goes on; hungry stock never at once on brassicas or clover"));
  }
}
