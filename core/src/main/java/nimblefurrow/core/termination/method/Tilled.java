package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.kill.OtherKill;

/** Worked into the ground in two passes: no herbicide, no mat, and soil that lies bare. */
final class Tilled implements Termination {
  private static final FigureKey GAP = FigureKey.of("ending", "till_gap");
  private static final FigureKey BEFORE = FigureKey.of("ending", "till_before");
  private static final FigureKey WRAPS = FigureKey.of("ending", "till_wraps");
  private static final FigureKey FROM = FigureKey.of("termination", "spray_from");

  private final StandToTerminate at;
  private final Figures figures;

  Tilled(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    LocalDate latest =
        at.next().planned().minusDays(Math.max(at.leadDays(), figures.whole(BEFORE)));
    LocalDate last = latest.minusDays(figures.whole(GAP));
    LocalDate spring = at.alive().get(0).start().plusDays(figures.whole(FROM));
    LocalDate opens = spring.isAfter(last) ? last : spring;
    double once = OtherKill.tilled(1, figures);
    double twice = OtherKill.tilled(2, figures);
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            "two passes {} days apart: {} dead after the first, {} after both; the second by {}",
            figures.whole(GAP),
            Share.of(once),
            Share.of(twice),
            latest));
    List<Reason> against = new ArrayList<>();
    against.add(Reason.of("no mat is left: weeds are not kept down, and rain meets bare soil"));
    DryMatter wraps = DryMatter.poundsPerAcre(figures.of(WRAPS));
    double heavy = at.mat().chanceOfAtLeast(wraps, last);
    if (heavy > figures.of(StandToTerminate.LIKELY)) {
      against.add(
          Reason.of(
              "chance of more than {} by then, which wraps in a disc: {}", wraps, Share.of(heavy)));
    }
    return at.result(
        TerminationMethod.TILLAGE,
        DateForecast.certain(opens),
        DateForecast.certain(last),
        Optional.of(last),
        at.alike(twice),
        reasons,
        against);
  }
}
