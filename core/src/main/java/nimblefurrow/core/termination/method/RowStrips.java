package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;

/**
 * Sprayed early in strips at the coming rows, what stands between them planted green: the crop
 * comes up in a dead strip, the rest of the ground keeps its cover until planting.
 */
final class RowStrips implements Termination {
  private static final FigureKey SHARE = FigureKey.of("ending", "strip_share");
  private static final FigureKey LEAD = StandToTerminate.LEAD_DAYS_CORN;

  private final StandToTerminate at;

  RowStrips(StandToTerminate at) {
    this.at = at;
  }

  @Override
  public TerminationOutlook outlook() {
    TerminationOutlook early = at.earlySpray();
    LocalDate planned = at.next().planned();
    LocalDate last = planned.minusDays(at.figures().whole(LEAD));
    DateForecast closes =
        DateForecast.of(early.closes().days().map(d -> d.isAfter(last) ? last : d));
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            "{} of the ground, at the coming rows, is sprayed by {}; plant into the strips on {}"
                + " and spray the rest within days",
            Share.of(at.figures().of(SHARE)),
            last,
            planned));
    List<Reason> against = new ArrayList<>();
    against.add(
        Reason.of("strips and planter have to follow the same lines: steering by satellite"));
    java.util.Optional<LocalDate> aim = at.aimed(early.opens(), closes, true);
    List<MemberKill> kills = aim.map(at::sprayKills).orElse(List.of());
    at.noFigure(kills, "spraying").ifPresent(against::add);
    return at.result(TerminationMethod.STRIPS, early.opens(), closes, aim, kills, reasons, against);
  }
}
