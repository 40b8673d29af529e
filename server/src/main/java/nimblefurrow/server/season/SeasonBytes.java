package nimblefurrow.server.season;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.TerminationOutlook;

/**
 * About what a season holds in memory once it has been asked all that may be asked of it: a day for
 * each climate year and stage, the points of its ridge, and the growth of each member on each day
 * of each year, which is by far the most. Its weather is the outlook's own and not counted.
 */
final class SeasonBytes {
  private static final int OF_A_DATE = 24;
  private static final int OF_A_POINT = 72;
  private static final int OF_A_WAY = 9_000;
  private static final int OF_A_LANE = 12_000;

  private SeasonBytes() {}

  static int season(FieldSeason season) {
    int years = season.window().map(w -> w.opens().members()).orElse(1);
    int dates = season.crop().all().size() + 8;
    // Stages tell each year for several fields that may be; their days are the weather's own.
    int staged = season.stages().values().stream().mapToInt(DateForecast::members).sum();
    return 600
        + dates * (120 + OF_A_DATE * years)
        + 12 * staged
        + OF_A_POINT * season.ridge().size()
        + season.mat().map(MatForecast::bytes).orElse(0);
  }

  static int ways(List<TerminationOutlook> ways) {
    return OF_A_WAY * (1 + ways.size());
  }

  /** A farm's seasons are kept by themselves too; here only what holds them together is counted. */
  static int farm(Optional<FarmSeason> farm) {
    return farm.map(f -> OF_A_LANE * (1 + f.fields().size())).orElse(1);
  }
}
