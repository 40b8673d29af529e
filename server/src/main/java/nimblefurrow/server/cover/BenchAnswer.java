package nimblefurrow.server.cover;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.server.platform.web.Maybe;

/**
 * What a mix comes to on the bench: room and weight, what parts in the hopper, nitrogen at its end,
 * which member is first and last, rain that surface seed may expect, the goes over the field, and
 * what a fall burndown means before and after the cover is up.
 */
public record BenchAnswer(
    double poundsPerCubicFoot,
    double totalShare,
    List<String> cautions,
    @Maybe NitrogenAnswer nitrogen,
    @Maybe String earliest,
    @Maybe String latest,
    @Maybe MoistureAnswer moisture,
    List<StepAnswer> steps,
    List<WayAnswer> byWay,
    List<String> burndown) {

  /**
   * Of the mat at its planned end; available is negative where it ties nitrogen up.
   *
   * @param starterWanted whether corn follows what ties nitrogen up
   */
  public record NitrogenAnswer(
      LocalDate on,
      double carbonToNitrogen,
      double contentLbAc,
      double availableLbAc,
      boolean starterWanted) {}

  /** Rain that the seed wants within a week, and what dry days cost. */
  public record MoistureAnswer(
      double wantedIn,
      int chancePercent,
      int dryDaysMiddle,
      int dryDaysBad,
      int lossMiddlePercent,
      int lossBadPercent) {}

  public record StepAnswer(String what, int afterDays, int withinDays) {}

  /**
   * What this mix comes to by a way in at that way's own rate: bulk lb/ac, plants per ft², and the
   * poorest stand of its members.
   */
  public record WayAnswer(
      String words, boolean chosen, double bulkRate, double plants, @Maybe String stand) {}
}
