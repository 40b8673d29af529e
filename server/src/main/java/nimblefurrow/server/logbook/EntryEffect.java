package nimblefurrow.server.logbook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.server.season.OneField;

/** What an entry changes in its field: dates and the mat, with it and without it. */
final class EntryEffect {
  private EntryEffect() {}

  static List<Logbook.Change> changes(OneField before, OneField after, UUID zone, JobId job) {
    FieldSeason was = before.part(zone, job).now();
    FieldSeason is = after.part(zone, job).now();
    List<Logbook.Change> changes = new ArrayList<>();
    day(
        changes,
        "harvest",
        median(was.crop().when(CropStage.HARVEST)),
        median(is.crop().when(CropStage.HARVEST)));
    day(
        changes,
        "sowing",
        was.stand().map(s -> s.seeded()).orElse(null),
        is.stand().map(s -> s.seeded()).orElse(null));
    day(changes, "flowering", stage(was, CoverStage.FLOWERING), stage(is, CoverStage.FLOWERING));
    day(
        changes,
        "viable seed",
        stage(was, CoverStage.VIABLE_SEED),
        stage(is, CoverStage.VIABLE_SEED));
    day(changes, "the day to end it", aim(was), aim(is));
    LocalDate weighed = Optional.ofNullable(aim(was)).orElse(aim(is));
    if (weighed != null && was.mat().isPresent() && is.mat().isPresent()) {
      Spread a = was.mat().get().on(weighed);
      Spread b = is.mat().get().on(weighed);
      changes.add(
          new Logbook.Change(
              "mat on " + before.day().units().say(weighed),
              null,
              null,
              (int) Math.round(a.middle()),
              (int) Math.round(b.middle())));
    }
    return changes;
  }

  private static void day(
      List<Logbook.Change> changes, String what, LocalDate before, LocalDate after) {
    if (before != null || after != null) {
      changes.add(new Logbook.Change(what, before, after, null, null));
    }
  }

  private static LocalDate median(DateForecast forecast) {
    return forecast.median().orElse(null);
  }

  private static LocalDate stage(FieldSeason season, CoverStage stage) {
    return Optional.ofNullable(season.stages().get(stage))
        .flatMap(DateForecast::median)
        .orElse(null);
  }

  private static LocalDate aim(FieldSeason season) {
    return season.termination().flatMap(r -> r.aim()).orElse(null);
  }
}
