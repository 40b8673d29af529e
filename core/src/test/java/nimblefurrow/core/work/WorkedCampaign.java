package nimblefurrow.core.work;

import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.weather.SoilTexture;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A campaign worked out elsewhere, with plans and what each loses in each of its years. */
final class WorkedCampaign {
  static final LocalDate FIRST = LocalDate.of(2026, 8, 1);
  private static final Map<String, MachineKind> KINDS =
      Map.of("COMBINE", MachineKind.COMBINE_SEEDER, "DISC", MachineKind.DISC_PASSES);

  /** A plan and the loss of each year, in dollars. */
  record Told(Plan plan, List<Double> losses) {}

  final String name;
  final Campaign campaign;
  final List<WorkYear> years = new ArrayList<>();
  final List<Told> told = new ArrayList<>();

  private WorkedCampaign(String name, JsonNode file) {
    this.name = name;
    List<Job> jobs = new ArrayList<>();
    file.get("jobs").forEach(job -> jobs.add(job(job)));
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
      years.add(new Year(file, byJob, year));
    }
    file.get("plans").forEach(plan -> told.add(told(plan)));
  }

  static WorkedCampaign read(String name) {
    return new WorkedCampaign(name, json(name + ".json"));
  }

  static List<WorkedCampaign> all(String name) {
    List<WorkedCampaign> all = new ArrayList<>();
    json(name + ".json")
        .forEach(one -> all.add(new WorkedCampaign(one.get("name").asString(), one)));
    return all;
  }

  Evaluator evaluator() {
    return new Evaluator(campaign, years, Figures.shipped());
  }

  Plan plan(String order) {
    List<Turn> turns = new ArrayList<>();
    for (String job : order.split(" ")) {
      Job one = campaign.byId().get(id(job));
      turns.add(Turn.on(one.id(), campaign.able(one).get(0).id()));
    }
    return new Plan(turns);
  }

  static JobId id(String name) {
    return new JobId(UUID.nameUUIDFromBytes(name.getBytes()), Operation.SEED);
  }

  private static JsonNode json(String file) {
    try (InputStream in = WorkedCampaign.class.getResourceAsStream(file)) {
      return JsonMapper.shared().readTree(in);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Job job(JsonNode j) {
    List<MachineKind> kinds = new ArrayList<>();
    j.get("kinds").forEach(kind -> kinds.add(kind(kind.asString())));
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
            kinds.get(0),
            Area.ofAcres(j.get("acres").asDouble()),
            List.of(Footing.bare(soil(j.get("soil").asString()))),
            window)
        .with(
            job ->
                job.kinds(kinds)
                    .goes(j.get("goes").asDouble())
                    .setUp(hours(j.get("setup").asDouble()))
                    .place("place " + j.get("site").asInt())
                    .value(value)
                    .after(after));
  }

  private static Machine machine(JsonNode m) {
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
                    .booked(m.get("booked").isNull() ? Set.of() : days(m.get("booked")))
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
  private record Year(JsonNode file, Map<JobId, JsonNode> jobs, int year) implements WorkYear {
    @Override
    public double fitHours(Job job, MachineKind kind, LocalDate day) {
      String name =
          KINDS.entrySet().stream()
              .filter(e -> e.getValue() == kind)
              .map(Map.Entry::getKey)
              .findFirst()
              .orElse(kind.name());
      JsonNode hours = file.get("hours").get(name + "/any");
      if (hours == null) {
        hours = file.get("hours").get(name + "/" + jobs.get(job.id()).get("soil").asString());
      }
      return hours.get(year).get((int) FIRST.until(day, java.time.temporal.ChronoUnit.DAYS)).asInt()
          / 10.0;
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

  private static MachineKind kind(String name) {
    return KINDS.containsKey(name) ? KINDS.get(name) : MachineKind.valueOf(name);
  }

  private static SoilTexture soil(String name) {
    return SoilTexture.valueOf(name.toUpperCase(java.util.Locale.ROOT));
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
