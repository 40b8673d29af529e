package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.termination.kill.OtherKill;

/**
 * What was to be expected of an end on the day on which it was done, 0–1, to set against what is
 * seen dead. A mix dies as its hardest member; without a figure for one of them there is none.
 */
public final class ExpectedKill {
  private ExpectedKill() {}

  /** Of a cover that was ended in some way; empty for the winter and where there is no figure. */
  public static Optional<Double> day(
      MatForecast mat, TerminationMethod termination, LocalDate day) {
    Figures figures = mat.outlook().figures();
    List<StageForecast> alive = StageForecast.alive(mat.stand(), mat.outlook());
    List<MemberKill> rolled =
        termination == TerminationMethod.ROLL
                || termination == TerminationMethod.ROLL_AFTER
                || termination == TerminationMethod.ROLL_AND_SPRAY
            ? new RollDay(alive, mat, day, figures).kills()
            : List.of();
    List<MemberKill> kills = new ArrayList<>();
    for (int m = 0; m < alive.size(); m++) {
      StageForecast stages = alive.get(m);
      Optional<Double> roller = rolled.isEmpty() ? Optional.empty() : rolled.get(m).kill();
      Optional<Double> kill =
          switch (termination) {
            case ROLL, ROLL_AFTER -> roller;
            case EARLY_SPRAY, PLANT_GREEN, STRIPS -> StandToTerminate.sprayKill(stages, day);
            case ROLL_AND_SPRAY ->
                roller.flatMap(
                    r ->
                        StandToTerminate.sprayKill(stages, day)
                            .map(s -> HerbicideKill.beside(r, s, figures)));
            case TILLAGE -> Optional.of(OtherKill.tilled(2, figures));
            case MOWING -> OtherKill.mown(stages, day, figures);
            case BETWEEN_ROWS -> OtherKill.betweenRows(stages, day, figures);
            case GRAZING -> Optional.of(OtherKill.grazed(figures));
            case HAY -> OtherKill.cut(stages, day, figures);
            case WINTER_KILL -> Optional.empty();
          };
      kills.add(new MemberKill(stages.species().name(), kill));
    }
    return StandToTerminate.least(kills);
  }
}
