package nimblefurrow.core.termination.method;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.weather.Outlook;

/**
 * When a mix can be rolled: from the day on which its latest member is ready by the house rule to
 * the day on which its earliest member may drop viable seed. Where the one comes after the other,
 * both members are named.
 */
final class RollWindow {
  static final FigureKey MOST_FLOWER = FigureKey.of("termination", "roll_ready");

  /** °F-days before the mean of viable seed at which 5 % of the stems carry some. */
  private static final FigureKey SEED_RISK_BEFORE = FigureKey.of("termination", "seed_risk_before");

  private final List<StageForecast> alive;

  private final HouseRules.Rolling school;
  private final Outlook outlook;
  private DateForecast opens;
  private DateForecast closes;

  RollWindow(List<StageForecast> alive, HouseRules.Rolling school, Outlook outlook) {
    this.alive = alive;
    this.school = school;
    this.outlook = outlook;
  }

  /** A member of which nothing says when it flowers: no day to roll or mow it. */
  static Optional<TerminationOutlook> unknown(TerminationMethod termination, StandToTerminate at) {
    return at.alive().stream()
        .filter(stages -> stages.mean(CoverStage.FLOWERING).isEmpty())
        .findFirst()
        .map(
            stages ->
                TerminationOutlook.impossible(
                    termination,
                    Reason.of(
                        "there is no figure for when {} flowers, so no day to {} it",
                        name(stages),
                        termination.act()),
                    Reason.of(
                        "spray it, or sow rye, vetch or another cover that the roller kills")));
  }

  /** When all members are ready by the house rule. */
  DateForecast opens() {
    if (opens == null) {
      opens =
          DateForecast.of(
              alive.stream()
                  .map(stages -> stages.reached(ready(stages)))
                  .reduce(Ensemble::mostOfBoth)
                  .orElseThrow());
    }
    return opens;
  }

  private double ready(StageForecast stages) {
    double flowering =
        stages
            .heatAt(CoverStage.FLOWERING, Share.of(outlook.figures().of(MOST_FLOWER)))
            .orElseThrow();
    return school == HouseRules.Rolling.MILK
        ? stages.mean(CoverStage.MILK).orElse(flowering)
        : flowering;
  }

  /** When the first of the members may drop viable seed; never, where none has a figure. */
  DateForecast closes() {
    if (closes == null) {
      closes = DateForecast.of(firstSeed());
    }
    return closes;
  }

  private Ensemble<LocalDate> firstSeed() {
    Ensemble<LocalDate> earliest = Ensemble.never(outlook.traces().size());
    for (StageForecast stages : alive) {
      Optional<Double> viable = stages.mean(CoverStage.VIABLE_SEED);
      if (viable.isPresent()) {
        earliest =
            earliest.leastOfEither(
                stages.reached(viable.get() - outlook.figures().of(SEED_RISK_BEFORE)));
      }
    }
    return earliest;
  }

  /** No overlap: who is late and who is early, and what else would do. */
  Optional<TerminationOutlook> blocked(TerminationMethod termination) {
    Optional<LocalDate> from = opens().median();
    Optional<LocalDate> to = closes().median();
    if (from.isEmpty() || to.isEmpty() || !from.get().isAfter(to.get())) {
      return Optional.empty();
    }
    StageForecast late = alive.stream().max(Comparator.comparingDouble(this::ready)).orElseThrow();
    StageForecast early =
        alive.stream()
            .filter(s -> s.mean(CoverStage.VIABLE_SEED).isPresent())
            .min(Comparator.comparing(s -> s.mean(CoverStage.VIABLE_SEED).get()))
            .orElseThrow();
    return Optional.of(
        TerminationOutlook.impossible(
            termination,
            Reason.of(
                "{} is ready only on {}, but {} may drop viable seed from {}",
                name(late),
                from.get(),
                name(early),
                to.get()),
            Reason.of("plant green or spray, or leave {} or {} out", name(late), name(early))));
  }

  private static String name(StageForecast stages) {
    return stages.species().name().toLowerCase(java.util.Locale.ROOT);
  }
}
