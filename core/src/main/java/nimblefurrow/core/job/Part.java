package nimblefurrow.core.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;

/**
 * A piece that somebody has split off a job, so that it can be done on another day or machine: 120
 * of the 305 acres of Long Half, with the neighbour's drill. A job of its own while the rest is
 * open; whatever waits for the job waits for all of it. Not a zone, which has a shape and a cover;
 * and never split by a plan, since half a field done is worth less than a field.
 *
 * @param id its own name
 * @param of the job that it was split off
 * @param area its land; more than the rest holds is cut down to it
 */
public record Part(UUID id, JobId of, Area area) {
  private static final FigureKey LEAST = FigureKey.of("work", "least_part");
  private static final FigureKey MOST = FigureKey.of("work", "most_parts");

  public Part {
    Limits.given("part", id);
    Limits.given("job", of);
    Limits.given("acres", area);
  }

  /** Its name among jobs. */
  public JobId job() {
    return new JobId(id, of.operation());
  }

  /**
   * Checks that a job may be split so.
   *
   * @param left what the job still holds
   * @param parts those that it has been split into already
   * @throws OutOfRange where one of the two would be less than the least part, or there would be
   *     too many
   */
  public Part checked(Area left, List<Part> parts, Figures figures) {
    double least = figures.of(LEAST);
    if (area.acres() < least || area.acres() > left.acres() - least) {
      throw new OutOfRange(
          "acres",
          "acres of the part are %.1f to %.1f, got %.1f"
              .formatted(least, Math.max(least, left.acres() - least), area.acres()));
    }
    if (parts.size() + 2 > figures.of(MOST)) {
      throw new OutOfRange(
          "parts", "a job is split into at most %d parts".formatted(figures.whole(MOST)));
    }
    return this;
  }

  /**
   * A job with its parts: the rest first, then each part. Pounds in are pounds out: their acres are
   * the job's.
   */
  public static List<Job> split(Job job, List<Part> parts, Figures figures) {
    List<Job> all = new ArrayList<>();
    double left = job.area().acres();
    for (Part part : parts) {
      double acres = Math.min(part.area().acres(), left - figures.of(LEAST));
      if (acres > 0) {
        left -= acres;
        all.add(named(job, all.size() + 2).with(j -> j.id(part.job()).area(Area.ofAcres(acres))));
      }
    }
    if (all.isEmpty()) {
      return List.of(job);
    }
    Area rest = Area.ofAcres(left);
    all.add(0, named(job, 1).with(j -> j.area(rest)));
    return all;
  }

  private static Job named(Job job, int part) {
    return job.with(j -> j.field("%s, part %d".formatted(job.field(), part)));
  }

  /** Jobs of which those that wait for a split one wait for its parts too. */
  public static List<Job> awaited(List<Job> jobs, List<Part> parts) {
    Map<JobId, List<JobId>> split = new HashMap<>();
    parts.forEach(p -> split.computeIfAbsent(p.of(), id -> new ArrayList<>()).add(p.job()));
    return split.isEmpty() ? jobs : jobs.stream().map(job -> waiting(job, split)).toList();
  }

  private static Job waiting(Job job, Map<JobId, List<JobId>> split) {
    List<After> after = new ArrayList<>(job.after());
    for (After one : job.after()) {
      for (JobId part : split.getOrDefault(one.jobId(), List.of())) {
        after.add(new After(part, one.words(), one.leastDays(), one.mostDays(), one.done()));
      }
    }
    return after.size() == job.after().size() ? job : job.with(j -> j.after(after));
  }
}
