package nimblefurrow.core.termination.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.kill.Conditions;
import nimblefurrow.core.termination.kill.RollerKill;
import nimblefurrow.core.yard.MachineKind;

/**
 * The roller's pass: before or after planting, which way, how fast, how heavy, what it is expected
 * to kill and by which factors, and what a second pass would add. Not a permit: the maker's book
 * and a look at the first round decide.
 */
public final class RollPlan {
  private static final FigureKey SLOW = FigureKey.of("ending", "roll_slow");
  private static final FigureKey FAST = FigureKey.of("ending", "roll_fast");
  private static final FigureKey WEIGHT = FigureKey.of("ending", "roll_weight");
  private static final FigureKey WEIGHT_HEAVY = FigureKey.of("ending", "roll_weight_heavy");
  private static final FigureKey EMPTY = FigureKey.of("ending", "roll_empty");
  private static final FigureKey HEAVY_MAT = FigureKey.of("ending", "roll_heavy_mat");
  private static final FigureKey WATER = FigureKey.of("ending", "water_gallon");
  private static final FigureKey SOFT_SAID = FigureKey.of("ending", "soft_said");
  private static final FigureKey THIN = FigureKey.of("termination", "thin_mat");
  private static final FigureKey THIN_TAKES = FigureKey.of("termination", "roll_thin");
  private static final FigureKey RUTS_TAKE = FigureKey.of("termination", "roll_ruts");
  private static final FigureKey SHORT_TAKES = FigureKey.of("termination", "roll_short");
  private static final FigureKey WET = FigureKey.of("termination", "roll_wet");
  private static final FigureKey HUMID = FigureKey.of("termination", "roll_humid");
  private static final FigureKey OVERCAST = FigureKey.of("termination", "roll_overcast");
  private static final FigureKey SOFT = FigureKey.of("termination", "roll_soft");
  private static final FigureKey SECOND_FROM = FigureKey.of("termination", "second_pass_from");
  private static final FigureKey SECOND_TO = FigureKey.of("termination", "second_pass_to");
  private static final FigureKey CROP_DAYS = FigureKey.of("worth", "crop_days");
  private static final FigureKey ROWS_LAST = FigureKey.of("ending", "rows_last");

  private static final double TENS = 10;

  private final PlanCase at;
  private final Figures figures;
  private final List<PlanLine> lines = new ArrayList<>();

  private RollPlan(PlanCase at) {
    this.at = at;
    this.figures = at.figures();
  }

  /** The plan for a cover that lives. */
  public static List<PlanLine> of(PlanCase at) {
    return new RollPlan(at).lines();
  }

  private List<PlanLine> lines() {
    order();
    way();
    weight();
    ground();
    tall();
    kill();
    PlanterSettings.State state =
        at.ended().isAfter(at.next().planned())
            ? PlanterSettings.State.GREEN
            : PlanterSettings.State.ROLLED;
    lines.addAll(PlanterSettings.of(at.pounds(), state, figures));
    return lines;
  }

  /** Before planting, in one pass with it, or over the crop. */
  private void order() {
    LocalDate planned = at.next().planned();
    LocalDate first = planned.plusDays(figures.whole(CROP_DAYS));
    LocalDate last = planned.plusDays(figures.whole(ROWS_LAST));
    if (!at.ended().isAfter(planned)) {
      lines.add(
          PlanLine.of(
              "order",
              "ready {}, planting is meant for {}: roll first, or both in one pass with a front roller",
              at.ended(),
              planned));
    } else if (at.ended().isBefore(first)) {
      lines.add(
          PlanLine.warning(
              "order",
              "ready {} between planting on {} and first leaves on {}: plant that day, or wait for the leaves",
              at.ended(),
              planned,
              first));
    } else if (!at.ended().isAfter(last)) {
      lines.add(
          PlanLine.of(
              "order",
              "plant on {} into the living stand, roll once over the crop on {}, not after {}",
              planned,
              at.ended(),
              last));
    } else {
      lines.add(
          PlanLine.warning(
              "order",
              "ready only {}: a crop planted on {} is too tall for the roller by then, so roll and plant that day",
              at.ended(),
              planned));
    }
  }

  private void way() {
    lines.add(
        at.runs()
            .map(
                runs ->
                    PlanLine.of(
                        "direction",
                        "the planter's own, {}: against it residue wraps and openers ride out",
                        runs))
            .orElseGet(
                () ->
                    PlanLine.of(
                        "direction",
                        "the planter's own: against it residue wraps and openers ride out")));
    lines.add(
        PlanLine.of(
            "speed",
            "{} to {}; slower where it bounces, on slopes slower still",
            Measure.of(figures.of(SLOW), Unit.MILE_PER_HOUR),
            Measure.of(figures.of(FAST), Unit.MILE_PER_HOUR)));
  }

  private void weight() {
    boolean heavy = at.pounds() >= figures.of(HEAVY_MAT);
    double wanted = figures.of(heavy ? WEIGHT_HEAVY : WEIGHT);
    at.wide()
        .ifPresentOrElse(
            wide -> {
              double add = Math.max(0, wanted - figures.of(EMPTY)) * wide.feet();
              lines.add(
                  PlanLine.of(
                      "weight",
                      "about {} in all{}: fill some {} of water if it weighs {} empty",
                      Measure.of(wanted * wide.feet(), Unit.POUND),
                      heavy ? " for so heavy a stand" : "",
                      Measure.of(TENS * Math.round(add / figures.of(WATER) / TENS), Unit.GALLON),
                      Measure.of(figures.of(EMPTY) * wide.feet(), Unit.POUND)));
            },
            () ->
                lines.add(
                    PlanLine.of(
                        "weight",
                        "about {} to each foot of width{}; enter the roller under Machines for its water",
                        Measure.of(wanted, Unit.POUND),
                        heavy ? " for so heavy a stand" : "")));
  }

  private void ground() {
    Share unfit =
        Share.of(1 - at.fit().chance(at.ground(), MachineKind.ROLLER, at.ended()).fraction());
    boolean soft = unfit.fraction() >= figures.of(SOFT_SAID);
    lines.add(
        new PlanLine(
            "ground",
            nimblefurrow.core.quantity.Reason.of(
                "chance that ground or sky hold the roller back on {}: {}", at.ended(), unfit),
            soft));
    if (at.mat().stand().seen().rutted()) {
      lines.add(
          PlanLine.warning(
              "ruts",
              "ruts were found: the roller rides over what stands in them; look there after it"));
    }
  }

  private void tall() {
    Optional<Length> height = at.height();
    if (height.isEmpty()) {
      return;
    }
    Length tooLow = Length.ofInches(figures.of(Conditions.TOO_LOW));
    Length low = Length.ofInches(figures.of(Conditions.LOW));
    boolean warns = height.get().inches() < low.inches();
    lines.add(
        new PlanLine(
            "height",
            nimblefurrow.core.quantity.Reason.of(
                height.get().inches() < tooLow.inches()
                    ? "the lowest member stands about {}: under {} do not roll"
                    : warns
                        ? "the lowest member stands about {}: under {} the roller kills less"
                        : "the lowest member stands about {}, above the {} that the roller wants",
                height.get(),
                height.get().inches() < tooLow.inches() ? tooLow : low),
            warns));
  }

  private void kill() {
    boolean thin = at.pounds() < figures.of(THIN);
    boolean ruts = at.mat().stand().seen().rutted();
    for (StageForecast stages : at.alive()) {
      String name = stages.species().name().toLowerCase(Locale.ROOT);
      double[] classes = RollerKill.classes(stages, stages.middleHeatOn(at.ended()));
      Length height = nimblefurrow.core.cover.CoverHeight.on(stages, at.mat(), at.ended());
      Conditions day = Conditions.GOOD.withThinMat(thin).withRuts(ruts).withHeight(height);
      Optional<Double> table = RollerKill.of(stages.species(), classes, Conditions.GOOD);
      Optional<Double> kill = RollerKill.of(stages.species(), classes, day);
      if (table.isEmpty() || kill.isEmpty()) {
        lines.add(
            PlanLine.warning(
                "expected kill",
                "no figure for how surely the roller kills {}: ask your adviser",
                name));
        continue;
      }
      double range = figures.of(TerminationOutlook.KILL_RANGE);
      lines.add(
          PlanLine.of(
              "expected kill",
              "{} on a good day: {} to {}",
              name,
              Share.of(held(kill.get() - range)),
              Share.of(held(kill.get() + range))));
      lines.add(
          PlanLine.of(
              "its factors",
              "{} by the stage of its stems {}{}{}{}",
              name,
              Share.of(table.get()),
              thin ? ", thin mat × " + figures.of(THIN_TAKES) : "",
              ruts ? ", ruts × " + figures.of(RUTS_TAKE) : "",
              height.inches() < figures.of(Conditions.LOW)
                  ? ", low stand × " + figures.of(SHORT_TAKES)
                  : ""));
      if (kill.get() > 0) {
        lines.add(
            PlanLine.of(
                "second pass",
                "{} to {} days later it brings {} to {} in all",
                figures.whole(SECOND_FROM),
                figures.whole(SECOND_TO),
                name,
                Share.of(RollerKill.second(kill.get(), kill.get(), figures))));
      }
    }
    lines.add(
        PlanLine.of(
            "what takes from it",
            "wet leaves leave {} of it, damp air {}, overcast {}, soft soil {}: pick the hour",
            Share.of(figures.of(WET)),
            Share.of(figures.of(HUMID)),
            Share.of(figures.of(OVERCAST)),
            Share.of(figures.of(SOFT))));
  }

  private static double held(double kill) {
    return Math.max(0, Math.min(0.99, kill));
  }
}
