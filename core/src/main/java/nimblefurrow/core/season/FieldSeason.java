package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.termination.TerminationOutlook;

/**
 * A field's season worked out.
 *
 * @param window when the cover can go in; empty without a cover
 * @param mat what the cover weighs by day, as sown or as it would be sown; empty while no date can
 *     be given
 * @param stages stages of the latest-maturing member, the one that the mix's end waits for
 * @param termination how and when it ends
 * @param verdict where its sowing stands; empty without a cover, or once it is sown
 * @param closes the next day by which something must be done; empty when nothing is open
 * @param costs what its days are worth to what is still to be done; empty without a cover
 * @param weeksLate weeks of sowing after the day that leaves 600 °F-days
 */
public record FieldSeason(
    FieldCase field,
    CropCalendar crop,
    Optional<SeedingWindow> window,
    Optional<MatForecast> mat,
    List<RidgePoint> ridge,
    Map<CoverStage, DateForecast> stages,
    Optional<TerminationOutlook> termination,
    Optional<Verdict> verdict,
    Optional<LocalDate> closes,
    Optional<DayCosts> costs,
    double weeksLate) {
  /** The cover as sown or as it would be sown; empty while no date can be given. */
  public Optional<CoverStand> stand() {
    return mat.map(MatForecast::stand);
  }
}
