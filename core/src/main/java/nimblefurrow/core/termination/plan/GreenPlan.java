package nimblefurrow.core.termination.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.yard.MachineKind;

/**
 * What is to be seen to before a crop is planted into a living cover: the planter, nitrogen, the
 * ground, the insurer, what eats the crop. Corn after living grass is the risk; soybeans bear it.
 */
public final class GreenPlan {
  private static final FigureKey STARTER = FigureKey.of("termination", "starter");
  private static final FigureKey SPRAY_DAYS = FigureKey.of("termination", "plant_green_spray");
  private static final FigureKey SOFT_SAID = FigureKey.of("ending", "soft_said");
  private static final FigureKey SLUGS_MAT = FigureKey.of("ending", "slugs_mat");

  private GreenPlan() {}

  /** The checklist for a cover that lives. */
  public static List<PlanLine> of(PlanCase at) {
    Figures figures = at.figures();
    List<PlanLine> lines = new ArrayList<>();
    boolean corn = at.next().kind().corn();
    lines.add(
        corn && at.grass()
            ? PlanLine.warning(
                "crop",
                "corn into living grass is the risk: spray it two weeks before, or feed it and expect less")
            : PlanLine.of(
                "crop",
                corn
                    ? "corn into a legume or a broadleaf bears it better than into grass"
                    : "soybeans bear a living cover well"));
    lines.addAll(nitrogen(at, corn));
    lines.addAll(ground(at));
    lines.addAll(PlanterSettings.of(at.pounds(), PlanterSettings.State.GREEN, figures));
    lines.add(
        PlanLine.of(
            "kill",
            "spray the day it is planted or within {} days; the label decides",
            figures.whole(SPRAY_DAYS)));
    boolean broken = false;
    for (var date : at.terminationDates()) {
      Optional<Reason> says = date.brokenBy(at.ended(), at.next().planned());
      if (says.isPresent()) {
        lines.add(new PlanLine("insurance", says.get(), true));
        broken = true;
      }
    }
    if (!broken) {
      lines.add(
          PlanLine.of(
              "insurance",
              at.terminationDates().isEmpty()
                  ? "no date is entered: ask your agent how late a cover may live before you plant green"
                  : "keeps to the dates entered; confirm them with your agent"));
    }
    lines.addAll(watch(at, corn));
    return lines;
  }

  private static List<PlanLine> nitrogen(PlanCase at, boolean corn) {
    Nitrogen nitrogen = Nitrogen.of(at.mat(), at.ended());
    double tied = Math.max(0, -nitrogen.availableLbAc());
    if (!corn) {
      return List.of(
          PlanLine.of(
              "nitrogen", "soybeans find their own; the cover ties up what would feed weeds"));
    }
    double starter = Math.max(at.figures().of(STARTER), tied);
    return List.of(
        tied > 0 || at.grass()
            ? PlanLine.warning(
                "nitrogen",
                "the cover ties up about {}: {} or more in the starter, placed beside the row",
                Measure.of(tied, Unit.POUND_PER_ACRE),
                Measure.of(starter, Unit.POUND_PER_ACRE))
            : PlanLine.of(
                "nitrogen",
                "the cover gives about {} over the summer; a usual starter will do",
                Measure.of(nitrogen.availableLbAc(), Unit.POUND_PER_ACRE)));
  }

  private static List<PlanLine> ground(PlanCase at) {
    Figures figures = at.figures();
    Share wet = at.wet(at.next().planned());
    Share fit = at.fit().chance(at.ground(), MachineKind.PLANTER, at.next().planned());
    List<PlanLine> lines = new ArrayList<>();
    lines.add(
        PlanLine.of(
            "ground",
            "a living cover dries it: fit for the planter on {} in {} of years",
            at.next().planned(),
            fit));
    boolean often = wet.fraction() >= figures.of(SOFT_SAID);
    lines.add(
        new PlanLine(
            "wet or dry mat",
            often
                ? Reason.of(
                    "wet in {} of years: wait for dry stems, slots smear and stay open", wet)
                : Reason.of("wet in {} of years only: go when stems are dry", wet),
            often));
    return lines;
  }

  private static List<PlanLine> watch(PlanCase at, boolean corn) {
    List<PlanLine> lines = new ArrayList<>();
    if (corn && at.grass()) {
      lines.add(
          PlanLine.warning(
              "armyworm",
              "grass before corn draws it: part the residue every few days from emergence"));
    }
    boolean slugs = at.pounds() >= at.figures().of(SLUGS_MAT);
    lines.add(
        slugs
            ? PlanLine.warning(
                "slugs",
                "much residue where it stays wet: boards out before planting, slots closed")
            : PlanLine.of("slugs", "little residue: look once after emergence"));
    return lines;
  }
}
