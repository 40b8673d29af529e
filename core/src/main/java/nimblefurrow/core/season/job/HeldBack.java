package nimblefurrow.core.season.job;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.LandPart;
import nimblefurrow.core.termination.TerminationOutlook;

/**
 * Which zone a field waits for: one machine goes over all of it, so the field goes by the zone that
 * is ready last, and by the ground that is fit least often.
 */
public final class HeldBack {
  private HeldBack() {}

  /**
   * The zone whose cover is ready to be ended last, where it is later than the rest.
   *
   * @param rest the field without its zones; empty where they leave nothing of it
   * @param zones seasons of the zones in which something was seen, by name
   */
  public static Optional<String> untilReady(
      Optional<FieldSeason> rest, Map<String, FieldSeason> zones) {
    LocalDate field = rest.flatMap(HeldBack::ready).orElse(LocalDate.MIN);
    return zones.entrySet().stream()
        .filter(z -> ready(z.getValue()).filter(day -> day.isAfter(field)).isPresent())
        .max(Comparator.comparing(z -> ready(z.getValue()).orElseThrow()))
        .map(Map.Entry::getKey);
  }

  private static Optional<LocalDate> ready(FieldSeason season) {
    return season.termination().map(TerminationOutlook::opens).flatMap(opens -> opens.median());
  }

  /**
   * The zone on whose ground a job finds the fewest fit days in what is left of its window; empty
   * where the rest finds no more.
   *
   * @param today the window counts from here where it is open already
   */
  public static Optional<String> byGround(
      Job job, LocalDate today, FitDays fit, List<LandPart> parts) {
    boolean living = job.grounds().stream().anyMatch(Footing::livingCover);
    LocalDate opens = job.window().opens().median().filter(today::isBefore).orElse(today);
    return new JobDays(fit)
        .holdsBack(job, opens, job.window().end())
        .flatMap(
            ground ->
                parts.stream()
                    .filter(
                        p -> new Footing(p.soil(), p.tiled(), living, ground.seen()).equals(ground))
                    .map(LandPart::zone)
                    .findFirst());
  }
}
