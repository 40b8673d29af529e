package nimblefurrow.core.termination.method;

import java.util.List;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;

/**
 * The ways of ending a cover on a field: what rules a way out at once, and who works out the rest.
 */
public final class TerminationRules {
  private final StandToTerminate stand;
  private final List<TerminationDate> terminationDates;

  /** Ways of ending a stand before the next crop. */
  public TerminationRules(MatForecast mat, NextCrop next, boolean organic, HouseRules rules) {
    this(mat, next, organic, rules, List.of());
  }

  /** The same under days that insurers and programmes set. */
  public TerminationRules(
      MatForecast mat,
      NextCrop next,
      boolean organic,
      HouseRules rules,
      List<TerminationDate> terminationDates) {
    this.stand = new StandToTerminate(mat, next, organic, rules);
    this.terminationDates = List.copyOf(terminationDates);
  }

  /** One way of ending it; impossible where the field or the cover rules it out. */
  public TerminationOutlook termination(TerminationMethod termination) {
    if (termination.usesHerbicide() && stand.organic()) {
      return TerminationOutlook.impossible(
          termination,
          Reason.of("this field is organic: herbicide is ruled out"),
          Reason.of("roll and crimp, or sow a cover that the winter kills"));
    }
    if (stand.alive().isEmpty() && termination != TerminationMethod.WINTER_KILL) {
      return TerminationOutlook.impossible(
          termination,
          Reason.of("nothing here outlives the winter, so there is nothing to kill"),
          Reason.of("add cereal rye or another winter species for a spring mat"));
    }
    TerminationOutlook told = Terminations.of(termination, stand).outlook();
    List<Reason> broken =
        terminationDates.stream()
            .flatMap(
                date ->
                    told.aim().flatMap(day -> date.brokenBy(day, stand.next().planned())).stream())
            .toList();
    return told.against(broken);
  }
}
