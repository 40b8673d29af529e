package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.YieldDrag;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;

/** Rolled at flowering or milk, by the school of the house, before any seed can live. */
final class RollAndCrimp implements Termination {
  private static final FigureKey DRAG_SAID = FigureKey.of("termination", "drag_said");

  private final StandToTerminate at;
  private final Figures figures;

  RollAndCrimp(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    Optional<TerminationOutlook> unknown = RollWindow.unknown(TerminationMethod.ROLL, at);
    if (unknown.isPresent()) {
      return unknown.get();
    }
    RollWindow window = at.rolling();
    DateForecast opens = window.opens();
    DateForecast closes = window.closes();
    Optional<TerminationOutlook> blocked = window.blocked(TerminationMethod.ROLL);
    if (blocked.isPresent()) {
      return blocked.get();
    }
    Share rollReady = Share.of(figures.of(RollWindow.MOST_FLOWER));
    List<Reason> reasons = new ArrayList<>();
    for (StageForecast stages : at.alive()) {
      stages
          .when(CoverStage.FLOWERING, rollReady)
          .flatMap(DateForecast::median)
          .ifPresent(
              d ->
                  reasons.add(
                      Reason.of(
                          "{}: {} of stems flower about {}", at.lower(stages), rollReady, d)));
    }
    Optional<LocalDate> aim = at.aimed(opens, closes, false);
    List<Reason> against = new ArrayList<>();
    List<MemberKill> kills = List.of();
    if (aim.isPresent()) {
      LocalDate day = aim.get();
      RollDay roll = new RollDay(at.alive(), at.mat(), day, figures);
      kills = roll.kills();
      reasons.addAll(roll.reasons(TerminationMethod.ROLL));
      against.addAll(roll.against(TerminationMethod.ROLL));
      at.noFigure(kills, "the roller").ifPresent(against::add);
      double drag =
          YieldDrag.bushels(
              at.next().kind(), at.next().planned(), day, at.outlook().site(), figures);
      if (drag > figures.of(DRAG_SAID)) {
        against.add(
            Reason.of(
                "planting waits from {} to {}: about {} bu/ac lost",
                at.next().planned(),
                day,
                drag));
      } else if (day.isAfter(at.next().planned())) {
        against.add(
            Reason.of(
                "ready only after the planned planting on {}: plant first, roll at first leaves",
                at.next().planned()));
      }
    }
    return at.result(TerminationMethod.ROLL, opens, closes, aim, kills, reasons, against);
  }
}
