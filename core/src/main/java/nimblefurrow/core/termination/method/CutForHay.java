package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.YieldDrag;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.termination.Feed;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.OtherKill;

/** Cut and carried off: feed instead of a mat; what grows again is ended before planting. */
final class CutForHay implements Termination {
  private static final FigureKey BEFORE = FigureKey.of("ending", "cut_before");

  private final StandToTerminate at;
  private final Figures figures;

  CutForHay(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    Optional<Ensemble<LocalDate>> boot =
        at.alive().stream()
            .flatMap(s -> s.mean(CoverStage.BOOT).map(s::reached).stream())
            .reduce(Ensemble::leastOfBoth);
    if (boot.isEmpty()) {
      return TerminationOutlook.impossible(
          TerminationMethod.HAY,
          Reason.of("there is no figure for the stage at which this cover is cut"),
          Reason.of("graze it, spray it or plant green"));
    }
    DateForecast opens = DateForecast.of(boot.get());
    DateForecast closes = at.rolling().closes();
    Optional<LocalDate> ready = opens.median();
    if (ready.isEmpty()) {
      return TerminationOutlook.impossible(
          TerminationMethod.HAY,
          Reason.of("it does not come to boot in most years"),
          Reason.of("graze it, spray it or plant green"));
    }
    LocalDate day = ready.get();
    DryMatter stands = DryMatter.poundsPerAcre(at.mat().on(day).middle());
    CoverStage stage = at.stageOf(day);
    List<MemberKill> kills = at.each(s -> OtherKill.cut(s, day, figures));
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            "{} of dry hay, about {} after cutting and carrying",
            Feed.cut(stands, figures),
            Measure.of(Math.round(Feed.hayDollars(stands, stage, figures)), Unit.DOLLAR_PER_ACRE)));
    LocalDate gone = day.plusDays(figures.whole(BEFORE));
    LocalDate planting = gone.isAfter(at.next().planned()) ? gone : at.next().planned();
    List<Reason> against = new ArrayList<>();
    against.add(Reason.of("no mat is left, and the nitrogen in it leaves with the hay"));
    against.add(
        Reason.of(
            at.organic()
                ? "what grows again has to be tilled in before planting on {}"
                : "what grows again has to be sprayed before planting on {}",
            planting));
    double drag =
        YieldDrag.bushels(
            at.next().kind(), at.next().planned(), planting, at.outlook().site(), figures);
    if (planting.isAfter(at.next().planned())) {
      against.add(
          Reason.of(
              "planting waits from {} to {}: about {} bu/ac lost",
              at.next().planned(),
              planting,
              drag));
    }
    return at.result(
        TerminationMethod.HAY, opens, closes, Optional.of(day), kills, reasons, against);
  }
}
