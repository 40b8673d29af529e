package nimblefurrow.core.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.core.work.After;
import nimblefurrow.core.work.DayWorth;
import nimblefurrow.core.work.Job;
import nimblefurrow.core.work.JobId;
import nimblefurrow.core.work.JobWindow;
import nimblefurrow.core.work.MachineKind;
import nimblefurrow.core.work.Operation;

/**
 * Bringing in the grain that stands before a cover: ripe when the crop's own calendar says, and
 * worth it for some weeks. What is sown after the harvest waits for it, if only until noon of the
 * same day. Not a job of a farm whose crop somebody else combines; and where the cover is sown from
 * the combine, that sowing is the harvest.
 */
public final class HarvestJob {
  private static final FigureKey WORTH_DAYS = FigureKey.of("work", "harvest_days");

  private HarvestJob() {}

  /**
   * The harvest of a crop that still stands; empty for what no combine brings in.
   *
   * @param crop the crop's link in the field's chain
   * @param field the field's name
   * @param whole all of its land, zones with covers of their own among it
   */
  public static Optional<Job> of(
      UUID crop, String field, Area whole, FieldSeason season, Figures figures) {
    DateForecast ripe = season.crop().when(CropStage.HARVEST);
    boolean withTheCover =
        season.window().filter(w -> w.way().place() == WayIn.Place.WITH_HARVEST).isPresent();
    boolean cleared = season.field().cover().filter(HarvestJob::workedAfterwards).isPresent();
    if (!season.field().crop().kind().combined()
        || withTheCover
        || cleared
        || ripe.median().isEmpty()) {
      return Optional.empty();
    }
    JobWindow window = JobWindow.of(ripe, ripe.plusDays(figures.whole(WORTH_DAYS)), figures);
    return Optional.of(
        Job.of(
                new JobId(crop, Operation.HARVEST),
                field,
                MachineKind.COMBINE,
                whole,
                season.field().facts().grounds(false),
                window)
            .with(j -> j.value(DayWorth.of(Operation.HARVEST, window, figures))));
  }

  /** Ground that was disced or drilled after the crop is off it, written down or not. */
  private static boolean workedAfterwards(CoverPlan cover) {
    boolean begun = cover.seeded() != null || cover.side().done(Operation.disc(1)).isPresent();
    return begun && cover.way().place() == WayIn.Place.AFTER_HARVEST;
  }

  /** A cover's jobs, of which those that come first after the harvest wait for it. */
  public static List<Job> before(UUID crop, FieldSeason season, List<Job> jobs) {
    boolean afterwards =
        season.window().filter(w -> w.way().place() == WayIn.Place.AFTER_HARVEST).isPresent();
    return jobs.stream().map(j -> afterwards && sows(j) ? waiting(j, crop) : j).toList();
  }

  private static boolean sows(Job job) {
    return switch (job.id().operation()) {
      case FIRST_DISC, SECOND_DISC, SEED -> job.after().isEmpty();
      default -> false;
    };
  }

  private static Job waiting(Job job, UUID crop) {
    List<After> after = new ArrayList<>(job.after());
    after.add(
        new After(
            new JobId(crop, Operation.HARVEST), "harvest", 0, After.MOST_DAYS, Optional.empty()));
    return job.with(j -> j.after(after));
  }
}
