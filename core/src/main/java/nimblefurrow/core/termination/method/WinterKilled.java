package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.Winter;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;

/**
 * Left to the winter: worked out where nothing outlives it, refused with its chance where something
 * does.
 */
final class WinterKilled implements Termination {
  private static final FigureKey BARE_FROM = FigureKey.of("termination", "bare_from");
  private static final FigureKey SPRAY_FROM = FigureKey.of("termination", "spray_from");

  private final StandToTerminate at;
  private final Figures figures;

  WinterKilled(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    return at.alive().isEmpty() ? killed() : hardy();
  }

  private TerminationOutlook killed() {
    List<MemberKill> kills = new ArrayList<>();
    for (var member : at.stand().mix().members()) {
      Share dies = Winter.killChance(member.species(), at.outlook(), at.stand().seeded());
      kills.add(new MemberKill(member.species().name(), Optional.of(dies.fraction())));
    }
    double chance = StandToTerminate.least(kills).orElse(0.0);
    LocalDate spring = at.stand().spring(at.outlook().site());
    List<Reason> against = new ArrayList<>();
    against.add(
        Reason.of("bare from late winter: less soil held and fewer weeds kept down in spring"));
    return at.result(
        TerminationMethod.WINTER_KILL,
        DateForecast.certain(spring.minusDays(figures.whole(BARE_FROM))),
        DateForecast.certain(spring.plusDays(figures.whole(SPRAY_FROM))),
        Optional.of(spring),
        kills,
        List.of(
            Reason.of(
                "the cold has killed every member by spring in {} of years", Share.of(chance))),
        against);
  }

  private TerminationOutlook hardy() {
    Species hardiest = at.alive().get(0).species();
    for (StageForecast stages : at.alive()) {
      hardiest = stages.species().coldF() < hardiest.coldF() ? stages.species() : hardiest;
    }
    Share chance = Winter.killChance(hardiest, at.outlook(), at.stand().seeded());
    return TerminationOutlook.impossible(
        TerminationMethod.WINTER_KILL,
        Reason.of("{} dies in only {} of winters here", hardiest.name().toLowerCase(), chance),
        Reason.of("sow oats, radish or another species that the cold ends"));
  }
}
