package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.season.call.Call;
import nimblefurrow.server.platform.web.Maybe;

/**
 * The season sheet: today, the strip of weather above, the lanes, and what needs a person.
 *
 * @param openFrom first of the days with which it opens
 * @param coming the next decisions, on which nothing is to be done yet
 */
record SeasonView(
    LocalDate today,
    LocalDate first,
    LocalDate last,
    boolean hasWeather,
    int withoutCrop,
    Strip strip,
    LocalDate openFrom,
    LocalDate openTo,
    List<LaneView> lanes,
    List<CallView> calls,
    List<ComingView> coming) {

  /**
   * Weather by day from a first day: measured up to today (as many days as {@code measured}), after
   * that the ensemble's 10, 50 and 90 % of the daily mean, the mean rain and the chance of frost
   * (%).
   */
  record Strip(
      LocalDate first,
      int measured,
      int[] lowF,
      int[] middleF,
      int[] highF,
      double[] rainIn,
      int[] frost) {}

  /** A job that comes next: on its day, or when its window opens. */
  record ComingView(UUID fieldId, String says, LocalDate day, boolean placed) {}

  record CallView(
      Call.Kind kind,
      String says,
      String detail,
      List<UUID> fields,
      LocalDate by,
      @Maybe String action) {}
}
