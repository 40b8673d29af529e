package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.FigureTable;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.DateForecast;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;
import org.apache.commons.csv.CSVRecord;

/**
 * Whether a cover that is sown in summer heads or drops viable seed before frost ends it: buckwheat
 * of late June does in August, buckwheat of late August does not. Such seed comes up in the next
 * crop.
 */
public final class SummerSeed {
  /** °F-days before the mean at which 5 % of the stems are there. */
  private static final double FIRST_STEMS = 74;

  private static final double WORTH_SAYING = 0.1;
  private static final Map<String, CSVRecord> TABLE =
      FigureTable.shipped(SummerSeed.class, "summer-stages.csv").byKey();

  private SummerSeed() {}

  /** What to say of each member that may get so far; empty when none does. */
  public static List<Reason> warnings(CoverStand stand, Outlook outlook) {
    List<Reason> warnings = new ArrayList<>();
    for (Mix.Member member : stand.mix().members()) {
      Species species = member.species();
      CSVRecord row = TABLE.get(species.id());
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
      Species species, CSVRecord row, String stage, CoverStand stand, Outlook outlook) {
    Optional<Double> mean = FigureTable.optional(row, stage);
    if (mean.isEmpty()) {
      return Optional.empty();
    }
    Heat goal = Heat.of(mean.get() - FIRST_STEMS, HeatBase.valueOf(row.get("base")));
    LocalDate winter = outlook.site().turnAfter(stand.seeded());
    LocalDate[] days =
        outlook.each(
            trace -> {
              LocalDate day = trace.reaches(stand.seeded(), goal);
              return day == null || day.isAfter(end(species, trace, stand.seeded(), winter))
                  ? null
                  : day;
            });
    DateForecast forecast = DateForecast.of(days);
    double share = 1 - (double) forecast.notReached() / forecast.members();
    return share < WORTH_SAYING ? Optional.empty() : Optional.of(forecast);
  }

  private static LocalDate end(
      Species species, WeatherTrace trace, LocalDate seeded, LocalDate winter) {
    LocalDate stopped = Frost.of(species, trace, seeded, winter).stopped();
    return stopped == null ? winter : stopped;
  }
}
