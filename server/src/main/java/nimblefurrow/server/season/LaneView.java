package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.season.Standing;
import nimblefurrow.server.platform.web.Maybe;

/**
 * One field's lane on the season sheet: what is drawn, and the few words beside it.
 *
 * @param zoneId the one zone that it is of, where that has a cover of its own
 * @param heldBackBy the zone that the rest of the field waits for
 * @param chance of a sowing that is still to come: that it is in time, %
 * @param drawn whether bands, ridges, brackets and stakes are told; of many lanes only the first
 *     are, the rest when they come in sight
 */
public record LaneView(
    UUID fieldId,
    @Maybe UUID zoneId,
    String field,
    String farmstead,
    double acres,
    boolean organic,
    CropKind crop,
    @Maybe Stands stands,
    @Maybe String cover,
    @Maybe String termination,
    String answer,
    boolean trouble,
    @Maybe String heldBackBy,
    @Maybe LocalDate closes,
    @Maybe Integer chance,
    boolean drawn,
    List<Band> bands,
    List<Ridge> ridges,
    List<Bracket> brackets,
    List<Stake> stakes) {

  /** Names the lane: its field, or the zone of it that has a cover of its own. */
  UUID id() {
    return zoneId == null ? fieldId : zoneId;
  }

  /** What a person who stops at the field sees today; of a field in trouble nothing is told. */
  record Stands(Standing.Kind kind, @Maybe CropKind crop, String words) {}

  /** A cash crop in the ground; the end is uncertain between early and late. */
  record Band(
      CropKind kind,
      String words,
      boolean planned,
      LocalDate from,
      @Maybe LocalDate early,
      @Maybe LocalDate to,
      @Maybe LocalDate late,
      List<Mark> marks) {}

  /** A stage with its 10, 50 and 90 % dates. */
  record Mark(
      String code, String words, @Maybe LocalDate early, LocalDate middle, @Maybe LocalDate late) {}

  /** A cover's dry matter, lb/ac: low, middle and high, by days counted from the first. */
  record Ridge(
      String words,
      boolean sown,
      LocalDate first,
      int[] days,
      int[] low,
      int[] middle,
      int[] high,
      int deadFrom,
      List<Mark> marks) {}

  /** When something can be done; chances in % by day from the start of the bracket. */
  record Bracket(
      String kind,
      String words,
      LocalDate from,
      LocalDate to,
      @Maybe LocalDate bestFrom,
      @Maybe LocalDate bestTo,
      int stepDays,
      int[] chances) {}

  /** A job, placed or done. */
  record Stake(
      @Maybe JobId jobId,
      String kind,
      String words,
      LocalDate day,
      @Maybe String machine,
      boolean done,
      boolean locked) {}
}
