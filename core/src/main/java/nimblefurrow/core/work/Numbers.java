package nimblefurrow.core.work;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Durations;

/**
 * A campaign as numbers, made once, so that thousands of plans can be played on it. Jobs, machines,
 * drivers and tractors are known by their place in these arrays.
 */
final class Numbers {
  /** A day that no campaign reaches. */
  static final int NEVER = 1 << 20;

  private static final FigureKey LEAST_FIT_HOURS = FigureKey.of("work", "least_fit_hours");
  private static final FigureKey LEAST_SPELL = FigureKey.of("work", "least_spell");
  private static final FigureKey ROAD_DAY = FigureKey.of("work", "road_day");

  final Campaign campaign;
  final List<Job> jobs;
  final List<Machine> machines;
  final List<Person> drivers;
  final List<String> tractors;
  final int days;
  final double leastFit;
  final double leastSpell;
  final double roadDay;

  /** Hours of a job on a machine; not a number where the machine cannot do it. */
  final double[][] hours;

  /** What a job waits for: the place of the job before, or −1 where it is done or unknown. */
  final int[][] before;

  /** The day on which a job before was done, when it is no part of the campaign. */
  final int[][] doneBefore;

  final int[][] driversOf;
  final int[][] tractorsOf;
  final int[] siteOfJob;
  final int[] siteOfMachine;
  final double[][] road;
  private final Map<String, Integer> sites = new LinkedHashMap<>();

  Numbers(Campaign campaign, Figures figures) {
    this.campaign = campaign;
    this.jobs = campaign.jobs();
    this.machines = campaign.machines();
    this.days = campaign.days();
    this.leastFit = figures.of(LEAST_FIT_HOURS);
    this.leastSpell = figures.of(LEAST_SPELL);
    this.roadDay = figures.of(ROAD_DAY);
    this.drivers = drivers(campaign);
    this.tractors = machines.stream().flatMap(m -> m.tractors().stream()).distinct().toList();
    List<String> names = drivers.stream().map(Person::name).toList();
    this.driversOf = places(machines.stream().map(Machine::drivers).toList(), names);
    this.tractorsOf = places(machines.stream().map(Machine::tractors).toList(), tractors);
    this.hours = new double[jobs.size()][machines.size()];
    this.siteOfJob = jobs.stream().mapToInt(j -> site(j.place())).toArray();
    this.siteOfMachine = machines.stream().mapToInt(m -> site(m.place())).toArray();
    this.road = road(campaign.roads());
    this.before = new int[jobs.size()][];
    this.doneBefore = new int[jobs.size()][];
    Map<JobId, Integer> place = new HashMap<>();
    jobs.forEach(job -> place.put(job.id(), place.size()));
    for (int j = 0; j < jobs.size(); j++) {
      Job job = jobs.get(j);
      for (int m = 0; m < machines.size(); m++) {
        boolean can = job.kinds().contains(machines.get(m).kind());
        hours[j][m] = can ? job.hoursOn(machines.get(m)) : Double.NaN;
      }
      before[j] =
          job.after().stream()
              .mapToInt(a -> a.done().isPresent() ? -1 : place.getOrDefault(a.jobId(), -1))
              .toArray();
      doneBefore[j] =
          job.after().stream().mapToInt(a -> a.done().map(this::day).orElse(NEVER)).toArray();
    }
  }

  /** The place of a date among the campaign's days; below 0 before it. */
  int day(LocalDate date) {
    return (int) ChronoUnit.DAYS.between(campaign.first(), date);
  }

  LocalDate date(int day) {
    return campaign.first().plusDays(day);
  }

  private static List<Person> drivers(Campaign campaign) {
    Map<String, Person> known = new LinkedHashMap<>();
    campaign.people().forEach(p -> known.put(p.name(), p));
    campaign.machines().stream()
        .flatMap(m -> m.drivers().stream())
        .forEach(name -> known.putIfAbsent(name, Person.always(name)));
    return new ArrayList<>(known.values());
  }

  private static int[][] places(List<List<String>> named, List<String> all) {
    return named.stream()
        .map(names -> names.stream().mapToInt(all::indexOf).toArray())
        .toArray(int[][]::new);
  }

  private int site(String place) {
    return sites.computeIfAbsent(place, p -> sites.size());
  }

  private double[][] road(Roads roads) {
    List<String> all = List.copyOf(sites.keySet());
    double[][] road = new double[all.size()][all.size()];
    for (int a = 0; a < road.length; a++) {
      for (int b = 0; b < road.length; b++) {
        road[a][b] = a == b ? 0 : Durations.inHours(roads.between(all.get(a), all.get(b)));
      }
    }
    return road;
  }
}
