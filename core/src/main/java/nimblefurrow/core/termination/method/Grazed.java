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
import nimblefurrow.core.termination.Grazing;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.OtherKill;

/**
 * Grazed hard until too little stands or the spray asks for it; half of it dies, the rest is ended
 * before planting. Not a ration: what stock may eat is for a vet and the label.
 */
final class Grazed implements Termination {
  private static final FigureKey GREEN_UP = FigureKey.of("termination", "spray_from");
  private static final FigureKey BEFORE = FigureKey.of("ending", "graze_before");

  private final StandToTerminate at;
  private final Figures figures;

  Grazed(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    LocalDate from = at.alive().get(0).start().plusDays(figures.whole(GREEN_UP));
    LocalDate last = at.next().planned().minusDays(figures.whole(BEFORE) + at.leadDays());
    Grazing grazing = new Grazing(at.mat(), from, last);
    DateForecast on = DateForecast.of(grazing.on());
    DateForecast off = DateForecast.of(grazing.off());
    if (on.median().isEmpty()) {
      return TerminationOutlook.impossible(
          TerminationMethod.GRAZING,
          Reason.of(
              "it weighs {} only after {}, when stock has to be off",
              DryMatter.poundsPerAcre(figures.of(Grazing.FROM)),
              last),
          Reason.of("end it another way, or sow earlier for grazing"));
    }
    LocalDate day = on.median().get();
    List<MemberKill> kills = at.alike(OtherKill.grazed(figures));
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            "{} days of grazing for {} cows an acre, {} to {} in eight of ten years",
            grazing.days(0.5),
            figures.of(Grazing.COWS),
            grazing.days(0.1),
            grazing.days(0.9)));
    off.median().ifPresent(d -> reasons.add(Reason.of("stock comes off about {}", d)));
    List<Reason> against = new ArrayList<>();
    against.add(
        Reason.of(
            "what is left is ended afterwards; off in time when the topsoil is wet, or it is trodden in"));
    at.feedCautions().forEach(against::add);
    return at.result(TerminationMethod.GRAZING, on, off, Optional.of(day), kills, reasons, against);
  }
}
