package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.HerbicideKill;

/**
 * Rolled with a reduced spray beside it: the spray carries what the roller leaves, so it may be
 * rolled from first flowers and under a thinner mat than by the roller alone.
 */
final class RollAndSpray implements Termination {
  private static final FigureKey EARLY_FLOWER_BEFORE =
      FigureKey.of("termination", "early_flower_before");

  private final StandToTerminate at;
  private final Figures figures;

  RollAndSpray(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    Optional<TerminationOutlook> unknown = RollWindow.unknown(TerminationMethod.ROLL_AND_SPRAY, at);
    if (unknown.isPresent()) {
      return unknown.get();
    }
    Ensemble<LocalDate> opens =
        at.alive().stream()
            .map(
                s ->
                    s.reached(
                        s.mean(CoverStage.FLOWERING).orElseThrow()
                            - figures.of(EARLY_FLOWER_BEFORE)))
            .reduce(Ensemble::mostOfBoth)
            .orElseThrow();
    DateForecast closes = at.rolling().closes();
    DateForecast from = DateForecast.of(opens);
    Optional<LocalDate> aim = at.aimed(from, closes, false);
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of("the spray carries what the roller leaves: first flowers are ripe enough"));
    List<Reason> against = new ArrayList<>();
    List<MemberKill> kills = List.of();
    if (aim.isPresent()) {
      RollDay roll = new RollDay(at.alive(), at.mat(), aim.get(), figures);
      kills = both(roll.kills(), aim.get());
      against.addAll(roll.height());
      at.noFigure(kills, "roller and spray").ifPresent(against::add);
      if (aim.get().isAfter(at.next().planned())) {
        against.add(Reason.of("ready only after the planned planting on {}", at.next().planned()));
      }
    }
    return at.result(TerminationMethod.ROLL_AND_SPRAY, from, closes, aim, kills, reasons, against);
  }

  private List<MemberKill> both(List<MemberKill> rolled, LocalDate day) {
    List<MemberKill> kills = new ArrayList<>();
    for (int m = 0; m < rolled.size(); m++) {
      StageForecast stages = at.alive().get(m);
      Optional<Double> sprayed = StandToTerminate.sprayKill(stages, day);
      Optional<Double> roller = rolled.get(m).kill();
      kills.add(
          new MemberKill(
              rolled.get(m).species(),
              roller.isPresent() && sprayed.isPresent()
                  ? Optional.of(HerbicideKill.beside(roller.get(), sprayed.get(), figures))
                  : roller.or(() -> sprayed)));
    }
    return kills;
  }
}
