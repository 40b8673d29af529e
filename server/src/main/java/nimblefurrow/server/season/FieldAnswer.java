package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.Answers.DateRange;
import nimblefurrow.server.season.Answers.MatRange;
import nimblefurrow.server.season.Answers.StageAnswer;
import nimblefurrow.server.season.Answers.TerminationAnswer;
import nimblefurrow.server.season.Answers.WindowAnswer;

/**
 * A field's answer, opened beneath its lane.
 *
 * @param headline the answer in a sentence, part by part
 * @param openFrom first of the days with which its own drawing opens
 */
record FieldAnswer(
    UUID fieldId,
    String field,
    List<String> headline,
    LocalDate openFrom,
    LocalDate openTo,
    String crop,
    String next,
    LocalDate nextPlanned,
    List<CropStageAnswer> cropStages,
    int frostBeforeMaturity,
    @Maybe String heldBackBy,
    @Maybe String trouble,
    @Maybe String cover,
    @Maybe LocalDate seeded,
    @Maybe LocalDate ended,
    @Maybe String makesRoom,
    @Maybe MatRange matToday,
    @Maybe WindowAnswer window,
    List<StageAnswer> stages,
    @Maybe TerminationAnswer termination,
    List<AfterAnswer> after) {

  /** A cover that follows after a cut. */
  record AfterAnswer(String ground, @Maybe String cover, WindowAnswer window) {}

  record CropStageAnswer(String code, String words, DateRange when) {}
}
