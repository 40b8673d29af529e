package nimblefurrow.core.season.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.DayWorth;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.yard.MachineKind;

/**
 * Bringing in the crop that stands before a cover, grain by the combine and silage corn by the
 * chopper: ripe when the crop's own calendar says, and worth it for some weeks; silage, which dries
 * on, for fewer. What is sown after the harvest waits for it, if only until noon of the same day.
 * Not a job of a farm without the machine; and where the cover is sown from the combine, that
 * sowing is the harvest.
 */
public final class HarvestJob {
  private static final FigureKey GRAIN_DAYS = FigureKey.of("work", "harvest_days");
  private static final FigureKey SILAGE_DAYS = FigureKey.of("work", "silage_days");

  private HarvestJob() {}

  /** What brings a crop in; empty for one that we know nothing of, and for free ground. */
  public static Optional<MachineKind> machine(CropKind crop) {
    if (crop.combined()) {
      return Optional.of(MachineKind.COMBINE);
    }
    return crop == CropKind.CORN_SILAGE ? Optional.of(MachineKind.CHOPPER) : Optional.empty();
  }

  /**
   * The harvest of a crop that still stands; empty for what neither combine nor chopper brings in.
   *
   * @param crop the crop's link in the field's chain
   * @param field the field's name
   * @param whole all of its land, zones with covers of their own among it
   */
  public static Optional<Job> of(
      UUID crop, String field, Area whole, FieldSeason season, Figures figures) {
    DateForecast ripe = season.crop().when(CropStage.HARVEST);
    boolean withTheCover =
        season
            .window()
            .filter(w -> w.way().place() == SeedingMethod.Place.WITH_HARVEST)
            .isPresent();
    boolean cleared = season.field().cover().filter(HarvestJob::workedAfterwards).isPresent();
    Optional<MachineKind> machine = machine(season.field().crop().kind());
    if (machine.isEmpty() || withTheCover || cleared || ripe.median().isEmpty()) {
      return Optional.empty();
    }
    FigureKey days = machine.get() == MachineKind.CHOPPER ? SILAGE_DAYS : GRAIN_DAYS;
    JobWindow window = JobWindow.of(ripe, ripe.plusDays(figures.whole(days)), figures);
    return Optional.of(
        Job.of(
                new JobId(crop, Operation.HARVEST),
                field,
                machine.get(),
                whole,
                season.field().facts().grounds(false),
                window)
            .with(j -> j.value(DayWorth.of(Operation.HARVEST, window, figures))));
  }

  /** Ground that was disced or drilled after the crop is off it, written down or not. */
  private static boolean workedAfterwards(CoverPlan cover) {
    boolean begun = cover.seeded() != null || cover.side().done(Operation.disc(1)).isPresent();
    return begun && cover.way().place() == SeedingMethod.Place.AFTER_HARVEST;
  }

  /** A cover's jobs, of which those that come first after the harvest wait for it. */
  public static List<Job> before(UUID crop, FieldSeason season, List<Job> jobs) {
    boolean afterwards =
        season
            .window()
            .filter(w -> w.way().place() == SeedingMethod.Place.AFTER_HARVEST)
            .isPresent();
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
