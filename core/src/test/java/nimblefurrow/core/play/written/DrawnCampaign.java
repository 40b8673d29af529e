package nimblefurrow.core.play.written;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A campaign drawn at random, in the form in which campaigns are written: fields with one job or
 * two that follow each other, machines as fast as the load asks, and years of wet and dry days on
 * which soils dry at their own pace. Example: forty autumn jobs for which there are half the hours
 * that they need.
 */
public final class DrawnCampaign {
  /** What is drawn: sowing after harvest, or ending before planting. */
  public enum Season {
    AUTUMN(98, 232),
    SPRING(84, 91);

    private final int days;
    private final int firstDayOfYear;

    Season(int days, int firstDayOfYear) {
      this.days = days;
      this.firstDayOfYear = firstDayOfYear;
    }
  }

  /** Hours that the jobs need, of the fit hours that their machines have in a usual year. */
  public enum Load {
    EASY(0.45),
    TIGHT(0.85),
    OVERLOADED(1.4);

    private final double share;

    Load(double share) {
      this.share = share;
    }
  }

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final String[] SOILS = {"sand", "silt", "clay"};
  private static final int JOBS_A_MACHINE = 40;
  private static final int FULL_DAY = 80;

  private final Season season;
  private final int jobs;
  private final int years;
  private final Random random;
  private final ObjectNode file = JSON.createObjectNode();
  private final ArrayNode list;
  private final List<boolean[]> wet = new ArrayList<>();

  private DrawnCampaign(Season season, int jobs, int years, long seed) {
    this.season = season;
    this.jobs = jobs;
    this.years = years;
    this.random = new Random(seed);
    this.list = file.putArray("jobs");
  }

  /** Draws one; the same seed draws the same. */
  public static WorkedCampaign of(Season season, Load load, int jobs, int years, long seed) {
    return WorkedCampaign.of(json(season, load, jobs, years, seed));
  }

  /** The same as it is written in a file. */
  public static ObjectNode json(Season season, Load load, int jobs, int years, long seed) {
    DrawnCampaign drawn = new DrawnCampaign(season, jobs, years, seed);
    drawn.draw(load);
    drawn.file.put("name", "%s-%d-%s".formatted(season, jobs, load).toLowerCase(Locale.ROOT));
    return drawn.file;
  }

  private void draw(Load load) {
    file.put("days", season.days).put("dayOfYear0", season.firstDayOfYear).put("roadPerHour", 40.0);
    ArrayNode sites = file.putArray("sites");
    sites.addArray().add(0.0).add(0.3);
    sites.addArray().add(0.3).add(0.0);
    ObjectNode shifts = file.putObject("shifts");
    for (String group : List.of("early", "late")) {
      ArrayNode days = shifts.putArray(group);
      for (int y = 0; y < years; y++) {
        days.add((int) Math.round(random.nextGaussian() * 4));
      }
    }
    weather();
    List<String> kinds =
        season == Season.AUTUMN
            ? List.of("SLURRY", "DRILL", "DRONE")
            : List.of("SPRAYER", "ROLLER", "PLANTER");
    for (int field = 1; list.size() < jobs; field++) {
      field(field, kinds);
    }
    ObjectNode hours = file.putObject("hours");
    for (String kind : kinds) {
      for (String soil : SOILS) {
        hours.set(kind + "/" + soil, fit(kind, soil));
      }
    }
    machines(kinds, load);
  }

  /** Wet days by year; a wet day is likelier after a wet one. */
  private void weather() {
    for (int y = 0; y < years; y++) {
      boolean[] days = new boolean[season.days];
      for (int d = 0; d < days.length; d++) {
        days[d] = random.nextDouble() < (d > 0 && days[d - 1] ? 0.45 : 0.2);
      }
      wet.add(days);
    }
  }

  /** Sand is dry on the day after rain, clay on the third; what flies or sprays asks for less. */
  private ArrayNode fit(String kind, String soil) {
    int drying = List.of(SOILS).indexOf(soil) + 1;
    int asks = kind.equals("DRONE") ? 0 : kind.equals("SPRAYER") ? Math.max(1, drying - 1) : drying;
    ArrayNode all = JSON.createArrayNode();
    for (int y = 0; y < years; y++) {
      ArrayNode days = all.addArray();
      int dry = 9;
      for (int d = 0; d < season.days; d++) {
        dry = wet.get(y)[d] ? 0 : dry + 1;
        boolean rains = dry == 0;
        days.add(rains ? 0 : dry >= asks ? FULL_DAY : dry == asks - 1 ? FULL_DAY / 2 : 0);
      }
    }
    return all;
  }

  private void field(int number, List<String> kinds) {
    String soil = SOILS[random.nextInt(SOILS.length)];
    int site = random.nextInt(2);
    double acres = 20 + random.nextInt(120);
    int opens = random.nextInt(season.days / 3);
    String name = "f%03d".formatted(number);
    String shift = List.of("early", "late").get(random.nextInt(2));
    boolean two = list.size() + 2 <= jobs && random.nextDouble() < 0.4;
    String before = null;
    if (two) {
      String first = kinds.get(random.nextInt(season == Season.AUTUMN ? 1 : 2));
      before = name + "-" + first.toLowerCase(Locale.ROOT);
      job(before, name, soil, site, acres, opens, List.of(first), shift, null);
    }
    String last = season == Season.AUTUMN ? "DRILL" : "PLANTER";
    boolean flown = !two && random.nextDouble() < 0.3 && season == Season.AUTUMN;
    List<String> can = flown ? List.of("DRONE", "DRILL") : List.of(last);
    job(name + "-last", name, soil, site, acres, opens + (two ? 3 : 0), can, shift, before);
  }

  private void job(
      String id,
      String field,
      String soil,
      int site,
      double acres,
      int opens,
      List<String> kinds,
      String shift,
      String after) {
    int closes = Math.min(season.days - 1, opens + 25 + random.nextInt(25));
    double worth = 25 + random.nextInt(40);
    ObjectNode job = list.addObject();
    job.put("id", id).put("field", field).put("site", site).put("soil", soil);
    kinds.forEach(job.putArray("kinds")::add);
    job.put("acres", acres).put("setup", 0.4).put("goes", 1.0);
    job.put("open", opens).put("close", closes);
    ArrayNode curve = job.putArray("curve");
    curve.addArray().add(opens + 5).add(0.0);
    curve.addArray().add((opens + closes) / 2 + 3).add(Math.round(worth * 40) / 100.0);
    curve.addArray().add(closes).add(Math.round(worth * 90) / 100.0);
    job.put("lost", worth * 1.1);
    if (random.nextBoolean()) {
      job.put("shift", shift);
    } else {
      job.putNull("shift");
    }
    if (after == null) {
      job.putNull("after");
    } else {
      job.putObject("after").put("job", after).put("min", 1).put("max", 30);
    }
  }

  private void machines(List<String> kinds, Load load) {
    ArrayNode machines = file.putArray("machines");
    List<String> drivers = new ArrayList<>();
    int each = Math.max(1, (int) Math.ceil(jobs / (double) JOBS_A_MACHINE / kinds.size() * 2));
    for (int i = 0; i < Math.max(1, each * kinds.size() * 2 / 3); i++) {
      drivers.add("driver" + (i + 1));
    }
    ArrayNode people = file.putArray("drivers");
    for (int i = 0; i < drivers.size(); i++) {
      ArrayNode off = people.addObject().put("id", drivers.get(i)).putArray("off");
      for (int day = i % 7; day < season.days; day += 7) {
        off.add(day);
      }
    }
    ArrayNode tractors = file.putArray("tractors");
    List.of("tractor1", "tractor2").forEach(tractors::add);
    for (String kind : kinds) {
      double speed = needed(kind) / (usable(kind) * each * load.share);
      boolean hired = kind.equals("DRONE");
      for (int i = 1; i <= each; i++) {
        ObjectNode machine = machines.addObject();
        machine.put("id", kind.toLowerCase(Locale.ROOT) + i).put("kind", kind);
        machine.put("acPerHour", Math.max(2, Math.round(speed * 10) / 10.0));
        ArrayNode who = machine.putArray("drivers");
        machine.putArray("tractors");
        machine.putNull("booked");
        if (hired) {
          machine.putObject("hired").put("price", 12.0).put("minAcres", 40.0).put("notice", 3);
        } else {
          drivers.forEach(who::add);
          machine.putNull("hired");
        }
        machine.put("site", i % 2);
      }
    }
  }

  /** Acres that go to a kind of machine, those that can be done by two counted with both. */
  private double needed(String kind) {
    double acres = 0;
    for (JsonNode job : list) {
      for (JsonNode can : job.get("kinds")) {
        acres += can.asString().equals(kind) ? job.get("acres").asDouble() : 0;
      }
    }
    return Math.max(acres, 40);
  }

  /** Fit hours of the middle half of the campaign in a mean year, on the middle soil. */
  private double usable(String kind) {
    double hours = 0;
    for (JsonNode year : file.get("hours").get(kind + "/silt")) {
      for (int d = season.days / 8; d < season.days * 5 / 8; d++) {
        hours += year.get(d).asDouble() / 10;
      }
    }
    return hours / years;
  }
}
