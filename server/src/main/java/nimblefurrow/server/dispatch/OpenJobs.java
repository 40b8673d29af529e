package nimblefurrow.server.dispatch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.CountedHours;
import nimblefurrow.core.job.Doing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.OtherWork;
import nimblefurrow.core.job.Part;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.job.FieldJobs;
import nimblefurrow.core.season.job.HarvestJob;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.loads.SowingRates;
import nimblefurrow.server.otherwork.OtherJobs;
import nimblefurrow.server.otherwork.OtherWorks;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Trouble;

/**
 * All that is still to do on a farm: what its covers ask for, the harvest where it has a combine,
 * and its other work.
 */
final class OpenJobs {
  private final FarmSeason season;
  private final SowingRates rates;
  private final Map<JobId, Doing> doing;
  private final Figures figures;
  private final List<Job> jobs = new ArrayList<>();
  private final List<OtherWorks.WrittenWork> overdue = new ArrayList<>();
  private final Map<JobId, FieldSeasons> fieldOf = new HashMap<>();
  private final Map<JobId, Area> whole = new HashMap<>();
  private final Map<JobId, CountedHours> counted = new HashMap<>();
  private final List<Trouble> troubles;

  private final Map<JobId, JobId> partOf = new HashMap<>();
  private final Map<JobId, List<Part>> parts;

  private OpenJobs(
      FarmSeason season, List<Part> parts, SowingRates rates, Map<JobId, Doing> doing) {
    this.rates = rates;
    this.parts = parts.stream().collect(Collectors.groupingBy(Part::of));
    this.season = season;
    this.doing = doing;
    this.figures = season.day().figures();
    this.troubles = new ArrayList<>(season.troubles());
  }

  static OpenJobs of(
      FarmSeason season,
      List<OtherWorks.WrittenWork> others,
      List<Part> parts,
      List<Machine> machines,
      SowingRates rates,
      Map<JobId, Doing> doing) {
    OpenJobs all = new OpenJobs(season, parts, rates, doing);
    Set<MachineKind> kinds = machines.stream().map(Machine::kind).collect(Collectors.toSet());
    for (FieldSeasons field : season.covers()) {
      field.broken().ifPresent(b -> all.troubles.add(new Trouble(field.field(), b.says())));
      Trouble.attempt(field.field(), () -> all.jobs(field, kinds), all.troubles::add)
          .ifPresent(open -> open.forEach(job -> all.add(all.valued(job, field), field)));
    }
    all.addOthers(others, machines);
    return all;
  }

  /** A field's jobs, its harvest among them where the farm has what brings it in. */
  private List<Job> jobs(FieldSeasons field, Set<MachineKind> kinds) {
    return HarvestJob.machine(field.now().field().crop().kind()).filter(kinds::contains).isPresent()
        ? season.jobsWithHarvest(field)
        : season.jobs(field);
  }

  /**
   * On the board it counts what a day costs in this field, and what machines do in an hour here.
   */
  private Job valued(Job job, FieldSeasons field) {
    Job valued = FieldJobs.valued(job, field.now(), figures);
    return job.id().operation() == Operation.SEED
        ? valued.with(j -> j.rates(rates.planned(field)))
        : valued;
  }

  private void add(Job job, FieldSeasons field) {
    List<Part> own = parts.getOrDefault(job.id(), List.of());
    for (Job one : Part.split(job, own, figures)) {
      jobs.add(rest(one.with(j -> j.place(field.field().farmstead()))));
      fieldOf.put(one.id(), field);
      whole.put(one.id(), one.area());
    }
    own.forEach(part -> partOf.put(part.job(), job.id()));
  }

  private Job rest(Job job) {
    Doing how = doing.get(job.id());
    return how == null ? job : how.rest(job, figures);
  }

  private void addOthers(List<OtherWorks.WrittenWork> others, List<Machine> machines) {
    List<OtherWorks.WrittenWork> open =
        new ArrayList<>(others.stream().filter(w -> w.doneOn() == null).toList());
    // What nobody has begun and whose days are over waits for a word, not for a machine.
    open.stream()
        .filter(w -> OtherJobs.of(w).overdue(season.day().today()))
        .filter(w -> !doing.containsKey(new JobId(w.id(), OtherWork.OPERATION)))
        .forEach(overdue::add);
    open.removeAll(overdue);
    for (OtherWorks.WrittenWork work : open) {
      Job job = job(work, machines);
      whole.put(job.id(), job.area());
      OtherJobs.of(work)
          .takes()
          .ifPresent(time -> counted.put(job.id(), new CountedHours(time, job.area())));
      jobs.add(rest(job));
    }
    List<Job> waiting =
        Part.awaited(
            OtherJobs.waiting(jobs, open),
            parts.values().stream()
                .flatMap(List::stream)
                .filter(part -> whole.containsKey(part.job()))
                .toList());
    jobs.clear();
    jobs.addAll(waiting);
  }

  private Job job(OtherWorks.WrittenWork work, List<Machine> machines) {
    Optional<FieldSeasons> field = field(work.fieldId());
    Machine machine =
        machines.stream()
            .filter(m -> work.machineId() != null && m.id().equals(work.machineId().toString()))
            .findFirst()
            .orElse(Machine.of("", "", MachineKind.OTHER, WorkRate.acresPerHour(1)));
    Job job =
        OtherJobs.of(work)
            .on(machine, field.map(OpenJobs::grounds).orElseGet(this::usualGrounds), figures);
    field.ifPresent(f -> fieldOf.put(job.id(), f));
    return job.with(
        j ->
            j.place(field.map(f -> f.field().farmstead()).orElse(machine.place()))
                .words(field.map(f -> "on " + f.field().name()).orElse("other work")));
  }

  private static List<Footing> grounds(FieldSeasons field) {
    return field.now().field().facts().grounds(false);
  }

  /** What most of the farm's land is like, for work that is on no field of it. */
  private List<Footing> usualGrounds() {
    return List.of(
        season.fields().stream()
            .map(f -> f.now().field().facts())
            .max(Comparator.comparingDouble((FieldFacts f) -> f.area().acres()))
            .map(f -> f.ground(false))
            .orElse(Footing.bare(SoilTexture.SILT_LOAM)));
  }

  private Optional<FieldSeasons> field(UUID id) {
    return season.fields().stream()
        .filter(f -> f.field().id().equals(id))
        .min(Comparator.comparing(f -> f.zone().isPresent()));
  }

  List<OtherWorks.WrittenWork> overdue() {
    return overdue;
  }

  List<Job> jobs() {
    return jobs;
  }

  Map<JobId, FieldSeasons> fieldOf() {
    return fieldOf;
  }

  Map<JobId, Area> whole() {
    return whole;
  }

  /** The job that a part was split off. */
  Map<JobId, JobId> partOf() {
    return partOf;
  }

  /** The jobs that are counted in hours. */
  Map<JobId, CountedHours> counted() {
    return counted;
  }

  List<Trouble> troubles() {
    return troubles;
  }
}
