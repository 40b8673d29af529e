package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;

/** Planted into the living cover and sprayed on the day or within days of it. */
final class PlantGreen implements Termination {
  private static final FigureKey STARTER = FigureKey.of("termination", "starter");
  private static final FigureKey SEED_RISK_SAID = FigureKey.of("termination", "seed_risk_said");
  private static final FigureKey PLANT_GREEN_SPRAY_DAYS =
      FigureKey.of("termination", "plant_green_spray");

  private final StandToTerminate at;
  private final Figures figures;

  PlantGreen(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    LocalDate planned = at.next().planned();
    DateForecast seed = at.rolling().closes();
    Ensemble<LocalDate> closes =
        at.outlook().each(t -> planned.plusDays(figures.whole(PLANT_GREEN_SPRAY_DAYS)));
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
            "plant on {} into the living stand; spray the same day or within {} days",
            planned,
            figures.whole(PLANT_GREEN_SPRAY_DAYS)));
    for (StageForecast stages : at.alive()) {
      reasons.add(Reason.of("{} is then {}", at.lower(stages), at.stageWords(stages, planned)));
    }
    List<Reason> against = new ArrayList<>();
    double risky = seed.chanceBy(planned).fraction();
    if (risky > figures.of(SEED_RISK_SAID)) {
      against.add(Reason.of("chance of viable seed by then: {}", Share.of(risky)));
    }
    if (at.next().kind().corn() && at.grassAlive()) {
      against.add(
          Reason.of(
              "corn after living grass goes short of nitrogen: {} or more in the starter, and expect risk",
              Measure.of(figures.of(STARTER), Unit.POUND_PER_ACRE)));
    }
    List<MemberKill> kills = at.sprayKills(planned);
    at.noFigure(kills, "spraying").ifPresent(against::add);
    return at.result(
        TerminationMethod.PLANT_GREEN,
        DateForecast.certain(planned),
        DateForecast.of(closes),
        Optional.of(planned),
        kills,
        reasons,
        against);
  }
}
