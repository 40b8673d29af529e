package nimblefurrow.server.forecast;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.weather.SoilTexture;

/**
 * The days to come by the hour; chances in %.
 *
 * @param says what matters of them, in sentences
 */
record AheadView(
    List<GroundView> grounds,
    List<String> says,
    List<ComingDay> days,
    List<ComingHour> hours,
    List<BlockView> blocks) {
  /** A ground that fields of the farm have. */
  record GroundView(SoilTexture soil, boolean tiled, String words, int fields, boolean chosen) {}

  record RangeView(double low, double middle, double high) {
    static RangeView of(Spread spread) {
      return new RangeView(spread.low(), spread.middle(), spread.high());
    }
  }

  record ComingDay(
      LocalDate day,
      RangeView high,
      RangeView low,
      int rainChance,
      RangeView rain,
      RangeView topsoil,
      double sunrise,
      double sunset) {}

  record ComingHour(
      LocalDateTime at,
      RangeView temperature,
      double dewPoint,
      double sun,
      RangeView wind,
      int rainChance,
      int leavesWet,
      double soil,
      int crimp,
      String crimpLimit,
      int spray,
      String sprayLimit) {}

  /** Hours in a row that will more likely do than not. */
  record BlockView(String work, LocalDateTime from, LocalDateTime to, int chance) {}

  /**
   * What a ground is fit for.
   *
   * @param days the next ten
   * @param weeks the first days of the weeks after them
   */
  record FitView(List<LocalDate> days, List<LocalDate> weeks, List<GroundWork> rows) {
    record GroundWork(String words, boolean owned, List<Integer> days, List<RangeView> weeks) {}
  }
}
