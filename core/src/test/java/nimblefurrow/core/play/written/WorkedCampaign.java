package nimblefurrow.core.play.written;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.IntUnaryOperator;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.After;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.Hire;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.core.yard.Person;
import nimblefurrow.core.yard.Roads;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A campaign written in a file, with plans and what each loses in each of its years where the file
 * tells it. Kinds of machine and soils go by their own names there; here each stands for one of
 * ours, whichever comes next: only which are equal counts.
 */
public final class WorkedCampaign {
  public static final LocalDate FIRST = LocalDate.of(2026, 8, 1);

  /** A plan and the loss of each year, in dollars. */
  public record Told(Plan plan, List<Double> losses) {}

  public final String name;
  public final Campaign campaign;
  public final List<WorkYear> years = new ArrayList<>();
  public final List<Told> told = new ArrayList<>();

  /** Mean loss of the plans that {@link #drawn} draws, worked out elsewhere. */
  public final List<Double> drawn = new ArrayList<>();

  private final Map<String, MachineKind> kinds = new LinkedHashMap<>();
  private final Map<String, Footing> soils = new HashMap<>();
  private final Map<JobId, String> names = new HashMap<>();

  private WorkedCampaign(String name, JsonNode file) {
    CampaignCheck.check(file);
    this.name = name;
    List<Job> jobs = new ArrayList<>();
    file.get("jobs").forEach(job -> jobs.add(job(job)));
    jobs.sort(Comparator.comparing(Job::field));
    List<Machine> machines = new ArrayList<>();
    file.get("machines").forEach(machine -> machines.add(machine(machine)));
    List<Person> people = new ArrayList<>();
    file.get("drivers")
        .forEach(d -> people.add(Person.always(d.get("id").asString()).away(days(d.get("off")))));
    campaign =
        new Campaign(
            FIRST,
            FIRST.plusDays(file.get("days").asInt() - 1),
            jobs,
            machines,
            people,
            roads(file));
    int count = file.get("hours").iterator().next().size();
    Map<JobId, JsonNode> byJob = new HashMap<>();
    file.get("jobs").forEach(job -> byJob.put(id(job.get("id").asString()), job));
    for (int year = 0; year < count; year++) {
      years.add(new Year(file, byJob, kinds, year));
    }
    file.path("drawn").forEach(loss -> drawn.add(loss.asDouble()));
    if (file.has("plans")) {
      file.get("plans").forEach(plan -> told.add(told(plan)));
    }
  }

  /**
   * A file that somebody has brought.
   *
   * @throws IllegalArgumentException in one sentence, where it is no campaign that can be planned
   */
  public static WorkedCampaign read(Path file) throws IOException {
    try {
      return of(JsonMapper.shared().readTree(Files.readString(file)));
    } catch (JacksonException | MalformedInputException broken) {
      throw new IllegalArgumentException("this file is no JSON: " + firstLine(broken.getMessage()));
    }
  }

  private static String firstLine(String text) {
    return text == null ? "" : text.lines().findFirst().orElse("");
  }

  /** One that was put together elsewhere. */
  public static WorkedCampaign of(JsonNode written) {
    return new WorkedCampaign(written.path("name").asString("campaign"), written);
  }

  /** A plan as JSON, in the names of the file: others can judge it. */
  public String written(Plan plan) {
    List<String> order = new ArrayList<>();
    Map<String, String> machine = new LinkedHashMap<>();
    Map<String, Integer> wait = new LinkedHashMap<>();
    for (Turn turn : plan.turns()) {
      String job = names.get(turn.job());
      order.add(job);
      turn.machine().ifPresent(m -> machine.put(job, m));
      wait.put(job, turn.waitDays());
    }
    return JsonMapper.shared()
        .writeValueAsString(Map.of("order", order, "machine", machine, "wait", wait));
  }

  public static WorkedCampaign read(String name) {
    return new WorkedCampaign(name, json(name + ".json"));
  }

  public static List<WorkedCampaign> all(String name) {
    List<WorkedCampaign> all = new ArrayList<>();
    json(name + ".json")
        .forEach(one -> all.add(new WorkedCampaign(one.get("name").asString(), one)));
    return all;
  }

  /** The first of the worked examples whose name begins so. */
  public static WorkedCampaign check(String name) {
    return all("checks").stream().filter(w -> w.name.startsWith(name)).findFirst().orElseThrow();
  }

  public Evaluator evaluator() {
    return new Evaluator(campaign, years, Figures.shipped());
  }

  public Plan plan(String order) {
    List<Turn> turns = new ArrayList<>();
    for (String job : order.split(" ")) {
      Job one = campaign.byId().get(id(job));
      turns.add(Turn.on(one.id(), campaign.able(one).get(0).id()));
    }
    return new Plan(turns);
  }

  /**
   * The n-th of some plans drawn by a rule that another program can follow too: x becomes
   * (1103515245 x + 12345) mod 2³¹, a draw of k is (x ÷ 256) mod k, and x begins as n.
   */
  public Plan drawn(int n) {
    int[] x = {n};
    IntUnaryOperator draw =
        k -> {
          x[0] = (int) ((x[0] * 1_103_515_245L + 12_345) & 0x7fffffff);
          return (x[0] >> 8) % k;
        };
    List<Job> order = new ArrayList<>(campaign.jobs());
    for (int i = order.size() - 1; i > 0; i--) {
      Collections.swap(order, i, draw.applyAsInt(i + 1));
    }
    Map<JobId, Turn> turns = new HashMap<>();
    for (Job job : campaign.jobs()) {
      List<Machine> able =
          campaign.machines().stream().filter(m -> job.kinds().contains(m.kind())).toList();
      boolean leavable = able.stream().allMatch(m -> m.hire().isPresent());
      int which = draw.applyAsInt(able.size() + (leavable ? 1 : 0));
      Turn turn =
          which < able.size() ? Turn.on(job.id(), able.get(which).id()) : Turn.leftOut(job.id());
      turns.put(job.id(), turn.waiting(draw.applyAsInt(4) == 0 ? draw.applyAsInt(10) : 0));
    }
    return new Plan(order.stream().map(job -> turns.get(job.id())).toList());
  }

  public static JobId id(String name) {
    return new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED);
  }

  private static JsonNode json(String file) {
    try (InputStream in = WorkedCampaign.class.getResourceAsStream(file)) {
      return JsonMapper.shared().readTree(in);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private Job job(JsonNode j) {
    List<MachineKind> can = new ArrayList<>();
    j.get("kinds").forEach(kind -> can.add(kind(kind.asString())));
    names.put(id(j.get("id").asString()), j.get("id").asString());
    List<WorkValue.Point> points = new ArrayList<>();
    j.get("curve")
        .forEach(
            p ->
                points.add(
                    new WorkValue.Point(
                        FIRST.plusDays(p.get(0).asInt()), Money.of(p.get(1).asDouble()))));
    WorkValue value = new WorkValue(points, Money.of(j.get("lost").asDouble()));
    List<After> after = new ArrayList<>();
    if (!j.get("after").isNull()) {
      JsonNode a = j.get("after");
      int most = Math.min(400, a.get("max").asInt());
      after.add(
          new After(
              id(a.get("job").asString()),
              a.get("job").asString(),
              a.get("min").asInt(),
              most,
              Optional.empty()));
    }
    JobWindow window =
        JobWindow.of(
            DateForecast.certain(FIRST.plusDays(j.get("open").asInt())),
            DateForecast.certain(FIRST.plusDays(j.get("close").asInt())),
            Figures.shipped());
    return Job.of(
            id(j.get("id").asString()),
            j.get("id").asString(),
            can.get(0),
            Area.ofAcres(j.get("acres").asDouble()),
            List.of(soil(j.get("soil").asString())),
            window)
        .with(
            job ->
                job.kinds(can)
                    .goes(j.get("goes").asDouble())
                    .setUp(hours(j.get("setup").asDouble()))
                    .place("place " + j.get("site").asInt())
                    .value(value)
                    .after(after));
  }

  private Machine machine(JsonNode m) {
    Optional<Hire> hire =
        m.get("hired").isNull()
            ? Optional.empty()
            : Optional.of(
                new Hire(
                    Money.of(m.get("hired").get("price").asDouble()),
                    Area.ofAcres(m.get("hired").get("minAcres").asDouble()),
                    m.get("hired").get("notice").asInt()));
    return Machine.of(
            m.get("id").asString(),
            m.get("id").asString(),
            kind(m.get("kind").asString()),
            WorkRate.acresPerHour(m.get("acPerHour").asDouble()))
        .with(
            machine ->
                machine
                    .drivers(words(m.get("drivers")))
                    .tractors(words(m.get("tractors")))
                    .booked(booked(m.get("booked")))
                    .place("place " + m.get("site").asInt())
                    .hire(hire));
  }

  private static Roads roads(JsonNode file) {
    Map<Roads.Way, Duration> ways = new HashMap<>();
    JsonNode sites = file.get("sites");
    for (int a = 0; a < sites.size(); a++) {
      for (int b = 0; b < sites.size(); b++) {
        if (a != b) {
          ways.put(
              new Roads.Way("place " + a, "place " + b), hours(sites.get(a).get(b).asDouble()));
        }
      }
    }
    return new Roads(ways, Money.of(file.get("roadPerHour").asDouble()));
  }

  private Told told(JsonNode plan) {
    List<Turn> turns = new ArrayList<>();
    plan.get("order")
        .forEach(
            job -> {
              JsonNode machine = plan.get("machine").get(job.asString());
              JsonNode wait = plan.get("wait").get(job.asString());
              Turn turn =
                  machine == null
                      ? Turn.leftOut(id(job.asString()))
                      : Turn.on(id(job.asString()), machine.asString());
              turns.add(turn.waiting(wait == null ? 0 : wait.asInt()));
            });
    List<Double> losses = new ArrayList<>();
    plan.get("losses").forEach(loss -> losses.add(loss.asDouble()));
    return new Told(new Plan(turns), losses);
  }

  /** One year of the file: fit hours in tenths, windows and values moved by the job's group. */
  private record Year(
      JsonNode file, Map<JobId, JsonNode> jobs, Map<String, MachineKind> kinds, int year)
      implements WorkYear {
    @Override
    public double fitHours(Job job, MachineKind kind, LocalDate day) {
      String name =
          kinds.entrySet().stream()
              .filter(e -> e.getValue() == kind)
              .map(Map.Entry::getKey)
              .findFirst()
              .orElseThrow();
      JsonNode hours = file.get("hours").get(name + "/any");
      if (hours == null) {
        hours = file.get("hours").get(name + "/" + jobs.get(job.id()).get("soil").asString());
      }
      return hours
              .get(year)
              .get((int) FIRST.until(day, java.time.temporal.ChronoUnit.DAYS))
              .asDouble()
          / 10;
    }

    @Override
    public Optional<LocalDate> opens(Job job) {
      return Optional.of(FIRST.plusDays(jobs.get(job.id()).get("open").asInt() + late(job)));
    }

    @Override
    public Optional<LocalDate> closes(Job job) {
      return Optional.of(FIRST.plusDays(jobs.get(job.id()).get("close").asInt() + late(job)));
    }

    @Override
    public int late(Job job) {
      JsonNode group = jobs.get(job.id()).get("shift");
      return group.isNull() ? 0 : file.get("shifts").get(group.asString()).get(year).asInt();
    }
  }

  private MachineKind kind(String name) {
    return kinds.computeIfAbsent(name, n -> MachineKind.values()[kinds.size()]);
  }

  private Footing soil(String name) {
    int next = soils.size();
    int all = SoilTexture.values().length;
    return soils.computeIfAbsent(
        name, n -> new Footing(SoilTexture.values()[next % all], next >= all, false));
  }

  /** A machine that is never booked is one that is booked on a day that does not come. */
  private static Set<LocalDate> booked(JsonNode days) {
    return days.isNull() ? Set.of() : days.isEmpty() ? Set.of(LocalDate.EPOCH) : days(days);
  }

  private static Duration hours(double hours) {
    return Duration.ofMillis(Math.round(hours * 3_600_000));
  }

  private static List<String> words(JsonNode list) {
    List<String> words = new ArrayList<>();
    list.forEach(word -> words.add(word.asString()));
    return words;
  }

  private static Set<LocalDate> days(JsonNode list) {
    Set<LocalDate> days = new TreeSet<>();
    list.forEach(day -> days.add(FIRST.plusDays(day.asInt())));
    return days;
  }

  @Override
  public String toString() {
    return name;
  }
}
