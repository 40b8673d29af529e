package nimblefurrow.core.termination;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.RouteOutlook.MemberKill;

/**
 * What the roller would do on a day: the kill of each member, what a second pass adds, and what the
 * mat's weight and the stand's height take from it. A stand under 24 in is crimped poorly, one
 * under 12 in not at all.
 */
final class RollDay {
  private static final double THIN_MAT = 4000;
  private static final double ROLLER_MAT = 8000;
  private static final double LIKELY = 0.5;
  private static final double SURE_KILL = 0.9;

  private final List<StageForecast> alive;
  private final MatForecast mat;
  private final LocalDate day;

  RollDay(List<StageForecast> alive, MatForecast mat, LocalDate day) {
    this.alive = alive;
    this.mat = mat;
    this.day = day;
  }

  List<MemberKill> kills() {
    return alive.stream().map(s -> new MemberKill(s.species().name(), kill(s))).toList();
  }

  private Optional<Double> kill(StageForecast stages) {
    Conditions conditions =
        Conditions.GOOD.withThinMat(mat.on(day).middle() < THIN_MAT).withHeight(height(stages));
    return RollerKill.of(
        stages.species(), RollerKill.classes(stages, stages.middleHeatOn(day)), conditions);
  }

  private Length height(StageForecast stages) {
    return CoverHeight.on(stages, mat, day);
  }

  List<Reason> reasons() {
    List<Reason> reasons = new ArrayList<>();
    DryMatter wanted = DryMatter.poundsPerAcre(ROLLER_MAT);
    reasons.add(
        Reason.of(
            "chance that the mat weighs {} by then: {}",
            wanted,
            Share.of(mat.chanceOfAtLeast(wanted, day))));
    for (StageForecast stages : alive) {
      kill(stages)
          .filter(k -> k > 0 && k < SURE_KILL)
          .ifPresent(
              k ->
                  reasons.add(
                      Reason.of(
                          "{}: a second pass 5 to 7 days later brings {} in all",
                          name(stages),
                          Share.of(RollerKill.second(k, k)))));
    }
    return reasons;
  }

  List<Reason> against() {
    List<Reason> against = new ArrayList<>();
    DryMatter wanted = DryMatter.poundsPerAcre(ROLLER_MAT);
    if (mat.chanceOfAtLeast(wanted, day) < LIKELY) {
      against.add(Reason.of("mat likely under {}: plan a second pass or a rescue", wanted));
    }
    for (StageForecast stages : alive) {
      Length height = height(stages);
      if (height.inches() < Conditions.TOO_LOW.inches()) {
        against.add(
            Reason.of(
                "{} stands only about {} high: under {} do not roll",
                name(stages),
                height,
                Conditions.TOO_LOW));
      } else if (height.inches() < Conditions.LOW.inches()) {
        against.add(
            Reason.of(
                "{} stands about {} high: under {} the roller kills less",
                name(stages),
                height,
                Conditions.LOW));
      }
    }
    return against;
  }

  private static String name(StageForecast stages) {
    return stages.species().name().toLowerCase(Locale.ROOT);
  }
}
