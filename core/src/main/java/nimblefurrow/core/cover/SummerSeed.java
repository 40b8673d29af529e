package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * Whether a cover that is sown in summer heads or drops viable seed before frost ends it: buckwheat
 * of late June does in August, buckwheat of late August does not. Such seed comes up in the next
 * crop.
 */
public final class SummerSeed {
  /** °F-days before the mean at which 5 % of the stems are there. */
  private static final FigureKey FIRST_STEMS = FigureKey.of("cover", "first_stems");

  private static final FigureKey WORTH_SAYING = FigureKey.of("cover", "seed_worth_saying");

  private SummerSeed() {}

  /** What to say of each member that may get so far; empty when none does. */
  public static List<Reason> warnings(CoverStand stand, Outlook outlook) {
    List<Reason> warnings = new ArrayList<>();
    for (Mix.Member member : stand.mix().members()) {
      Species species = member.species();
      Row row = species.figures().sheet("summer-stages").find(species.id()).orElse(null);
      if (row != null && !species.winterHardy()) {
        String name = species.name().toLowerCase(Locale.ROOT);
        when(species, row, "viable_seed", stand, outlook)
            .ifPresent(
                f ->
                    warnings.add(
                        warning(
                            f,
                            name
                                + " may drop viable seed from about {} (in {} of years): end it"
                                + " before, or it comes up in the next crop")));
        when(species, row, "heading", stand, outlook)
            .ifPresent(
                f ->
                    warnings.add(
                        warning(
                            f,
                            name
                                + " heads from about {} (in {} of years): end it before the seed"
                                + " hardens")));
      }
    }
    return warnings;
  }

  private static Reason warning(DateForecast when, String text) {
    LocalDate day = when.early().or(when::median).orElseThrow();
    double share = 1 - (double) when.notReached() / when.members();
    return Reason.of(text, day, Share.of(share));
  }

  /** When its first stems get so far before frost; empty where that is rare, or without figure. */
  private static Optional<DateForecast> when(
      Species species, Row row, String stage, CoverStand stand, Outlook outlook) {
    Optional<Double> mean = row.find(stage);
    Figures figures = species.figures();
    if (mean.isEmpty()) {
      return Optional.empty();
    }
    Heat goal = Heat.of(mean.get() - figures.of(FIRST_STEMS), HeatBase.valueOf(row.text("base")));
    LocalDate winter = outlook.site().turnAfter(stand.seeded());
    Ensemble<LocalDate> days =
        outlook.each(
            trace -> {
              LocalDate day = trace.reaches(stand.seeded(), goal);
              return day == null || day.isAfter(end(species, trace, stand.seeded(), winter))
                  ? null
                  : day;
            });
    DateForecast forecast = DateForecast.of(days);
    double share = 1 - (double) forecast.notReached() / forecast.members();
    return share < figures.of(WORTH_SAYING) ? Optional.empty() : Optional.of(forecast);
  }

  private static LocalDate end(
      Species species, WeatherTrace trace, LocalDate seeded, LocalDate winter) {
    LocalDate stopped = Frost.of(species, trace, seeded, winter).stopped();
    return stopped == null ? winter : stopped;
  }
}
