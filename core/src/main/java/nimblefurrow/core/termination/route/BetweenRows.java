package nimblefurrow.core.termination.route;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.Route;
import nimblefurrow.core.termination.RouteOutlook;
import nimblefurrow.core.termination.RouteOutlook.MemberKill;
import nimblefurrow.core.termination.kill.OtherKill;

/** Planted green in wide rows, the cover mown or crimped between them while a machine fits. */
final class BetweenRows implements Ending {
  private static final FigureKey LAST = FigureKey.of("ending", "between_last");

  private final EndingStand at;
  private final Figures figures;

  BetweenRows(EndingStand at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public RouteOutlook outlook() {
    Optional<RouteOutlook> unknown = RollWindow.unknown(Route.BETWEEN_ROWS, at);
    if (unknown.isPresent()) {
      return unknown.get();
    }
    LocalDate planned = at.next().planned();
    AfterPlanting window = AfterPlanting.of(at, LAST);
    Optional<LocalDate> aim = window.aim();
    if (window.tooLate()) {
      return RouteOutlook.impossible(
          Route.BETWEEN_ROWS,
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
        Route.BETWEEN_ROWS,
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
