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

/**
 * Planted into the living cover, which is rolled when the crop has its first leaves: planting keeps
 * its date, the cover gains its. A crop bends under the roller while it is small, not later.
 */
final class RollOverCrop implements Termination {
  private static final FigureKey LAST = FigureKey.of("ending", "rows_last");

  private final StandToTerminate at;
  private final Figures figures;

  RollOverCrop(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    Optional<TerminationOutlook> unknown = RollWindow.unknown(TerminationMethod.ROLL_AFTER, at);
    if (unknown.isPresent()) {
      return unknown.get();
    }
    LocalDate planned = at.next().planned();
    AfterPlanting window = AfterPlanting.of(at, LAST);
    Optional<LocalDate> aim = window.aim();
    if (window.tooLate()) {
      return TerminationOutlook.impossible(
          TerminationMethod.ROLL_AFTER,
          Reason.of(
              "the cover is ready to roll about {}; over a crop planted on {} that has to be done by {}",
              aim.orElseThrow(),
              planned,
              window.last()),
          Reason.of("roll first and plant later, or plant green and spray"));
    }
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            "plant on {} into the living stand; roll once, at first leaves, from {} to {}",
            planned,
            window.first(),
            window.last()));
    List<Reason> against = new ArrayList<>();
    against.add(Reason.of("some of the crop is bruised, and the cover drinks until it is rolled"));
    List<MemberKill> kills = List.of();
    if (aim.isPresent()) {
      RollDay roll = new RollDay(at.alive(), at.mat(), aim.get(), figures);
      kills = roll.kills();
      reasons.addAll(roll.reasons(TerminationMethod.ROLL_AFTER));
      against.addAll(roll.against(TerminationMethod.ROLL_AFTER));
      at.noFigure(kills, "the roller").ifPresent(against::add);
    }
    return at.result(
        TerminationMethod.ROLL_AFTER,
        window.opens(),
        window.closes(),
        aim,
        kills,
        reasons,
        against);
  }
}
