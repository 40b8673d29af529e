package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import nimblefurrow.core.cover.CoverStage;

/**
 * A cover that was ended in one way on one day, in one way the weather ran.
 *
 * @param killed and {@code planted}: the days
 * @param mat lb/ac dry when it died, {@code matPlanted} when the crop was planted into it alive
 * @param carbon to nitrogen when it died
 * @param weeksToPlanting warm weeks from its death to planting; 0 where it died later
 * @param weeksLying warm weeks from its death to three weeks after planting
 * @param kill share that is expected to die, 0–1
 * @param grass lb/ac of live grass until it died
 * @param availableLbAc nitrogen given to the crop; below 0 tied up
 * @param wet whether the ground is wet at planting
 * @param rainAfter in, of sixty days after planting
 * @param rainSoon in, of thirty days after it died
 * @param drawn in, drawn from the root zone beyond what bare ground loses
 * @param seed $/ac that seed of its members costs, as far as it was viable and they live on
 * @param inches that the cover stood high when the crop was planted
 * @param cowDays that the stock of an acre has had time for
 * @param stage that most stems have reached; null: leafy
 */
public record TerminatedCover(
    ComparedMethod way,
    LocalDate killed,
    LocalDate planted,
    double mat,
    double matPlanted,
    double carbon,
    double weeksToPlanting,
    double weeksLying,
    double kill,
    double grass,
    double availableLbAc,
    boolean wet,
    double rainAfter,
    double rainSoon,
    double drawn,
    double seed,
    double inches,
    double cowDays,
    CoverStage stage) {
  /** Days from its death to planting; below 0 where the crop was planted first. */
  long gap() {
    return planted.toEpochDay() - killed.toEpochDay();
  }
}
