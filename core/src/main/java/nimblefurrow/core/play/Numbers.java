package nimblefurrow.core.play;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.yard.Hire;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.Person;
import nimblefurrow.core.yard.Roads;

/**
 * A campaign as numbers, made once, so that thousands of plans can be played on it. Jobs, machines,
 * drivers and tractors are known by their place in these arrays.
 */
final class Numbers {
  /** A day that no campaign reaches. */
  static final int NEVER = 1 << 20;

  private static final int NONE = -1;

  private static final FigureKey LEAST_FIT_HOURS = FigureKey.of("work", "least_fit_hours");
  private static final FigureKey LEAST_SPELL = FigureKey.of("work", "least_spell");
  private static final FigureKey MOVED_DAYS = FigureKey.of("work", "moved_days");
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

  /** Days of wait more or less by which a job counts as moved. */
  final int movedDays;

  /** Hours of a job on a machine; not a number where the machine cannot do it. */
  final double[][] hours;

  /** The machine on which a job is under way on the first morning; −1 where it is not. */
  final int[] begunOn;

  /** What a job waits for: the place of the job before, or −1 where it is done or unknown. */
  final int[][] before;

  /** The day on which a job before was done, when it is no part of the campaign. */
  final int[][] doneBefore;

  /** Least and longest days to wait for each job before. */
  final int[][] least;

  final int[][] most;
  final double[] acres;

  /** Days and dollars for an acre at the points of each job's value, in order. */
  private final int[][] valueDays;

  private final double[][] valueDollars;

  /** Dollars for an acre that is never done. */
  final double[] lost;

  /** Machines that are called for, with price, least acres. */
  final int[] hired;

  final double[] rigPrice;
  final double[] rigLeast;

  /** Whether a machine can be had on a day, and whether a driver is away. */
  final boolean[][] had;

  final boolean[][] away;
  final double[] usualDay;
  final double[] longestDay;

  /** Dollars for an hour above the usual day. */
  final double[] overtime;

  /** Dollars for an hour on the road. */
  final double roadPrice;

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
    this.movedDays = figures.whole(MOVED_DAYS);
    this.drivers = drivers(campaign);
    this.tractors = machines.stream().flatMap(m -> m.tractors().stream()).distinct().toList();
    List<String> names = drivers.stream().map(Person::name).toList();
    this.driversOf = places(machines.stream().map(Machine::drivers).toList(), names);
    this.tractorsOf = places(machines.stream().map(Machine::tractors).toList(), tractors);
    this.hours = new double[jobs.size()][machines.size()];
    this.siteOfJob = jobs.stream().mapToInt(j -> site(j.place())).toArray();
    this.siteOfMachine = machines.stream().mapToInt(m -> site(m.place())).toArray();
    this.road = road(campaign.roads());
    this.roadPrice = campaign.roads().perHour().value();
    this.acres = jobs.stream().mapToDouble(j -> j.area().acres()).toArray();
    this.lost = jobs.stream().mapToDouble(j -> j.value().lost().value()).toArray();
    this.valueDays = new int[jobs.size()][];
    this.valueDollars = new double[jobs.size()][];
    for (int j = 0; j < jobs.size(); j++) {
      List<WorkValue.Point> points = jobs.get(j).value().points();
      valueDays[j] = points.stream().mapToInt(p -> day(p.day())).toArray();
      valueDollars[j] = points.stream().mapToDouble(p -> p.perAcre().value()).toArray();
    }
    this.rigPrice = hire(hire -> hire.perAcre().value());
    this.rigLeast = hire(hire -> hire.least().acres());
    this.hired =
        IntStream.range(0, machines.size())
            .filter(m -> machines.get(m).hire().isPresent())
            .toArray();
    this.had = new boolean[machines.size()][days];
    this.away = new boolean[drivers.size()][days];
    for (int d = 0; d < days; d++) {
      for (int m = 0; m < had.length; m++) {
        had[m][d] = machines.get(m).hadOn(date(d), d);
      }
      for (int w = 0; w < away.length; w++) {
        away[w][d] = drivers.get(w).off().contains(date(d));
      }
    }
    this.usualDay = drivers.stream().mapToDouble(p -> Durations.inHours(p.usualDay())).toArray();
    this.longestDay =
        drivers.stream().mapToDouble(p -> Durations.inHours(p.longestDay())).toArray();
    this.overtime = drivers.stream().mapToDouble(p -> p.overtimePerHour().value()).toArray();
    this.before = new int[jobs.size()][];
    this.doneBefore = new int[jobs.size()][];
    this.least = new int[jobs.size()][];
    this.most = new int[jobs.size()][];
    Map<JobId, Integer> place = new HashMap<>();
    jobs.forEach(job -> place.put(job.id(), place.size()));
    this.begunOn = new int[jobs.size()];
    for (int j = 0; j < jobs.size(); j++) {
      Job job = jobs.get(j);
      begunOn[j] = NONE;
      for (int m = 0; m < machines.size(); m++) {
        boolean can = job.suits(machines.get(m));
        hours[j][m] = can ? job.hoursOn(machines.get(m)) : Double.NaN;
        if (can && job.begunOn().filter(machines.get(m).id()::equals).isPresent()) {
          begunOn[j] = m;
        }
      }
      before[j] =
          job.after().stream()
              .mapToInt(a -> a.done().isPresent() ? -1 : place.getOrDefault(a.jobId(), -1))
              .toArray();
      least[j] = job.after().stream().mapToInt(After::leastDays).toArray();
      most[j] = job.after().stream().mapToInt(After::mostDays).toArray();
      doneBefore[j] =
          job.after().stream().mapToInt(a -> a.done().map(this::day).orElse(NEVER)).toArray();
    }
  }

  /** The place of a date among the campaign's days; below 0 before it. */
  int day(LocalDate date) {
    return (int) ChronoUnit.DAYS.between(campaign.first(), date);
  }

  /** What {@link WorkValue#dollarsOn} says, of days as numbers. */
  double cost(int job, int day) {
    int[] days = valueDays[job];
    double[] dollars = valueDollars[job];
    if (days.length == 0) {
      return 0;
    }
    if (day <= days[0]) {
      return dollars[0];
    }
    for (int i = 1; i < days.length; i++) {
      if (day <= days[i]) {
        double rise = dollars[i] - dollars[i - 1];
        return dollars[i - 1] + rise * (day - days[i - 1]) / (days[i] - days[i - 1]);
      }
    }
    return dollars[days.length - 1];
  }

  LocalDate date(int day) {
    return campaign.first().plusDays(day);
  }

  private double[] hire(ToDoubleFunction<Hire> figure) {
    return machines.stream()
        .mapToDouble(m -> m.hire().map(figure::applyAsDouble).orElse(0.0))
        .toArray();
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
