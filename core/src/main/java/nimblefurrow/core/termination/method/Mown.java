package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.OtherKill;

/** Mown off in flower: leafy grass only grows again, and clippings rot sooner than a rolled mat. */
final class Mown implements Termination {
  private final StandToTerminate at;

  Mown(StandToTerminate at) {
    this.at = at;
  }

  @Override
  public TerminationOutlook outlook() {
    Optional<TerminationOutlook> unknown = RollWindow.unknown(TerminationMethod.MOWING, at);
    if (unknown.isPresent()) {
      return unknown.get();
    }
    RollWindow window = at.rolling();
    Optional<TerminationOutlook> blocked = window.blocked(TerminationMethod.MOWING);
    if (blocked.isPresent()) {
      return blocked.get();
    }
    DateForecast opens = window.opens();
    DateForecast closes = window.closes();
    Optional<LocalDate> aim = at.aimed(opens, closes, false);
    List<MemberKill> kills =
        aim.map(day -> at.each(s -> OtherKill.mown(s, day, at.figures()))).orElse(List.of());
    List<Reason> against = new ArrayList<>();
    against.add(
        Reason.of("clippings lie uneven and rot sooner than a rolled mat; what is left grows on"));
    aim.filter(day -> day.isAfter(at.next().planned()))
        .ifPresent(
            day ->
                against.add(Reason.of("planting waits from {} to {}", at.next().planned(), day)));
    return at.result(
        TerminationMethod.MOWING,
        opens,
        closes,
        aim,
        kills,
        List.of(Reason.of("no herbicide and no roller: mow low when it flowers, not before")),
        against);
  }
}
