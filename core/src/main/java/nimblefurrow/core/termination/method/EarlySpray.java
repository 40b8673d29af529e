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
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.TerminationOutlook.MemberKill;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Sprayed while small, planted into the brown: opens with the first warm spell of spring, closes
 * before the cover outgrows the product or the lead before corn begins.
 */
final class EarlySpray implements Termination {
  private static final FigureKey SPRAY_RUN = FigureKey.of("termination", "spray_run");
  private static final FigureKey SPRAY_NIGHT_F = FigureKey.of("termination", "spray_low");
  private static final FigureKey SPRAY_DAY_F = FigureKey.of("termination", "spray_high");
  private static final FigureKey SPRAY_FROM = FigureKey.of("termination", "spray_from");

  private final StandToTerminate at;
  private final Figures figures;

  EarlySpray(StandToTerminate at) {
    this.at = at;
    this.figures = at.figures();
  }

  @Override
  public TerminationOutlook outlook() {
    LocalDate spring = at.alive().get(0).start();
    LocalDate latest = at.next().planned().minusDays(at.leadDays());
    Ensemble<LocalDate> opens =
        at.outlook().each(t -> sprayWeather(t, spring.plusDays(figures.whole(SPRAY_FROM)), latest));
    Ensemble<LocalDate> closes = at.outlook().each(t -> latest);
    List<Reason> reasons = new ArrayList<>();
    for (StageForecast stages : at.alive()) {
      Optional<Ensemble<LocalDate>> small = rightSizeUntil(stages);
      if (small.isPresent()) {
        closes = closes.leastOfEither(small.get());
        small
            .get()
            .middle()
            .ifPresent(
                d ->
                    reasons.add(
                        Reason.of("{} is small enough until boot, about {}", at.lower(stages), d)));
      }
    }
    if (at.leadDays() > 0) {
      reasons.add(
          Reason.of(
              "corn follows grass: dead {} days before planting on {}, or starter nitrogen",
              at.leadDays(),
              at.next().planned()));
    }
    List<Reason> against = new ArrayList<>();
    DateForecast to = DateForecast.of(closes);
    Optional<LocalDate> aim = at.aimed(DateForecast.of(opens), to, true);
    against.add(Reason.of("least mulch: the mat stays thin and weeds come through"));
    List<MemberKill> kills = aim.map(at::sprayKills).orElse(List.of());
    at.noFigure(kills, "spraying").ifPresent(against::add);
    return at.result(
        TerminationMethod.EARLY_SPRAY, DateForecast.of(opens), to, aim, kills, reasons, against);
  }

  private Optional<Ensemble<LocalDate>> rightSizeUntil(StageForecast stages) {
    return HerbicideKill.of(stages.species())
        .flatMap(HerbicideKill::until)
        .flatMap(stages::mean)
        .map(stages::reached);
  }

  /** First of three days running warm enough for a systemic spray; the last date when none. */
  private LocalDate sprayWeather(WeatherTrace trace, LocalDate from, LocalDate to) {
    int wanted = figures.whole(SPRAY_RUN);
    double high = figures.of(SPRAY_DAY_F);
    double low = figures.of(SPRAY_NIGHT_F);
    int run = 0;
    for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
      DailyWeather weather = trace.on(day);
      run = weather.maxF() >= high && weather.minF() >= low ? run + 1 : 0;
      if (run == wanted) {
        return day;
      }
    }
    return null;
  }
}
