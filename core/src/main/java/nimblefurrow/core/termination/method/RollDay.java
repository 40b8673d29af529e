package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.LeastMat;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.Conditions;
import nimblefurrow.core.termination.kill.RollerKill;

/**
 * What the roller would do on a day: the kill of each member, what a second pass adds, and what the
 * mat's weight and the stand's height take from it. A stand under 24 in is crimped poorly, one
 * under 12 in not at all.
 */
final class RollDay {
  private static final FigureKey THIN_MAT = FigureKey.of("termination", "thin_mat");
  private static final FigureKey SECOND_FROM = FigureKey.of("termination", "second_pass_from");
  private static final FigureKey SECOND_TO = FigureKey.of("termination", "second_pass_to");
  private static final FigureKey SURE_KILL = FigureKey.of("termination", "sure_kill");

  private final List<StageForecast> alive;
  private final MatForecast mat;
  private final LocalDate day;
  private final Figures figures;

  RollDay(List<StageForecast> alive, MatForecast mat, LocalDate day, Figures figures) {
    this.figures = figures;
    this.alive = alive;
    this.mat = mat;
    this.day = day;
  }

  List<MemberKill> kills() {
    return alive.stream().map(s -> new MemberKill(s.species().name(), kill(s))).toList();
  }

  private Optional<Double> kill(StageForecast stages) {
    Conditions conditions =
        Conditions.GOOD
            .withThinMat(mat.on(day).middle() < figures.of(THIN_MAT))
            .withRuts(mat.stand().seen().rutted())
            .withHeight(height(stages));
    return RollerKill.of(
        stages.species(), RollerKill.classes(stages, stages.middleHeatOn(day)), conditions);
  }

  private Length height(StageForecast stages) {
    return CoverHeight.on(stages, mat, day);
  }

  List<Reason> reasons(TerminationMethod termination) {
    List<Reason> reasons = new ArrayList<>();
    LeastMat.of(termination, figures)
        .ifPresent(
            wanted ->
                reasons.add(
                    Reason.of(
                        "chance that the mat weighs {} by then: {}",
                        wanted,
                        Share.of(mat.chanceOfAtLeast(wanted, day)))));
    for (StageForecast stages : alive) {
      kill(stages)
          .filter(k -> k > 0 && k < figures.of(SURE_KILL))
          .ifPresent(
              k ->
                  reasons.add(
                      Reason.of(
                          "{}: a second pass {} to {} days later brings {} in all",
                          name(stages),
                          figures.whole(SECOND_FROM),
                          figures.whole(SECOND_TO),
                          Share.of(RollerKill.second(k, k, figures)))));
    }
    return reasons;
  }

  List<Reason> against(TerminationMethod termination) {
    List<Reason> against = new ArrayList<>();
    LeastMat.of(termination, figures)
        .filter(wanted -> mat.chanceOfAtLeast(wanted, day) < figures.of(StandToTerminate.LIKELY))
        .ifPresent(
            wanted ->
                against.add(
                    Reason.of("mat likely under {}: plan a second pass or a rescue", wanted)));
    if (mat.stand().seen().rutted()) {
      against.add(Reason.of("ruts were found: the roller rides over what stands in them"));
    }
    against.addAll(height());
    return against;
  }

  /** Where it stands too low for the roller. */
  List<Reason> height() {
    List<Reason> against = new ArrayList<>();
    for (StageForecast stages : alive) {
      Length height = height(stages);
      Length tooLow = Length.ofInches(figures.of(Conditions.TOO_LOW));
      Length low = Length.ofInches(figures.of(Conditions.LOW));
      if (height.inches() < tooLow.inches()) {
        against.add(
            Reason.of(
                "{} stands only about {} high: under {} do not roll",
                name(stages),
                height,
                tooLow));
      } else if (height.inches() < low.inches()) {
        against.add(
            Reason.of(
                "{} stands about {} high: under {} the roller kills less",
                name(stages),
                height,
                low));
      }
    }
    return against;
  }

  private static String name(StageForecast stages) {
    return stages.species().name().toLowerCase(Locale.ROOT);
  }
}
