package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.OtherKill;

/** Planted green in wide rows, the cover mown or crimped between them while a machine fits. */
final class BetweenRows implements Termination {
  private static final FigureKey LAST = FigureKey.of("ending", "between_last");

  private final StandToTerminate at;
  private final Figures figures;

  BetweenRows(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    Optional<TerminationOutlook> unknown = RollWindow.unknown(TerminationMethod.BETWEEN_ROWS, at);
    if (unknown.isPresent()) {
      return unknown.get();
    }
    LocalDate planned = at.next().planned();
    AfterPlanting window = AfterPlanting.of(at, LAST);
    Optional<LocalDate> aim = window.aim();
    if (window.tooLate()) {
      return TerminationOutlook.impossible(
          TerminationMethod.BETWEEN_ROWS,
          Reason.of(
              "it flowers about {}, when no machine fits between rows planted on {}",
              aim.orElseThrow(),
              planned),
          Reason.of("roll it before planting, or plant green and spray"));
    }
    List<MemberKill> kills =
        aim.map(day -> at.each(s -> OtherKill.betweenRows(s, day, figures))).orElse(List.of());
    List<Reason> against = new ArrayList<>();
    against.add(Reason.of("wide rows only; what stands in the row itself lives on"));
    return at.result(
        TerminationMethod.BETWEEN_ROWS,
        window.opens(),
        window.closes(),
        aim,
        kills,
        List.of(
            Reason.of(
                "plant on {} into the living stand; mow or crimp between the rows by {}",
                planned,
                window.last())),
        against);
  }
}
