package nimblefurrow.core.play.written;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/**
 * Looks through a written campaign before anything is planned with it. What cannot be is said in
 * one sentence that names the job or machine, the field and the value: "job f001-drill: close is 20
 * to 97, got 12". Nothing is guessed: an unknown driver is not nobody, an unknown predecessor not
 * none.
 */
final class CampaignCheck {
  private static final int LONGEST = 400;
  private static final int MOST_YEARS = 200;
  private static final int MOST_JOBS = 20_000;
  private static final int TENTHS_OF_A_DAY = 240;
  private static final int MOST_SHIFT = 60;
  private static final double MOST_ACRES = 50_000;
  private static final double MOST_DOLLARS = 1e6;
  private static final double MOST_RATE = 5_000;
  private static final double MOST_ROAD = 100;
  private static final double MOST_SET_UP = 100;
  private static final double MOST_GOES = 10;

  private final JsonNode file;
  private final int days;
  private final int sites;
  private final Set<String> kinds = new HashSet<>();

  private CampaignCheck(JsonNode file) {
    this.file = file;
    if (!file.isObject()) {
      throw new IllegalArgumentException("the campaign is no JSON object with jobs and machines");
    }
    this.days = whole("the campaign", file, "days", 1, LONGEST);
    this.sites = list("the campaign", file, "sites").size();
  }

  /**
   * Checks a file.
   *
   * @throws IllegalArgumentException with the first thing that cannot be
   */
  static void check(JsonNode file) {
    new CampaignCheck(file).all();
  }

  private void all() {
    roads();
    Set<String> drivers = new HashSet<>();
    for (JsonNode driver : list("the campaign", file, "drivers")) {
      String who = "driver " + id(driver, "driver", drivers);
      list(who, driver, "off").forEach(day -> day(who, "off", day));
    }
    Set<String> tractors = new HashSet<>();
    for (JsonNode tractor : list("the campaign", file, "tractors")) {
      if (!tractor.isString() || !tractors.add(tractor.asString())) {
        throw refused("the campaign", "tractors hold a name each, once", tractor);
      }
    }
    Set<String> machines = new HashSet<>();
    for (JsonNode machine : list("the campaign", file, "machines")) {
      machine("machine " + id(machine, "machine", machines), machine, drivers, tractors);
    }
    years();
    jobs();
  }

  private void roads() {
    number("the campaign", file, "roadPerHour", 0, MOST_DOLLARS);
    for (JsonNode row : file.get("sites")) {
      if (!row.isArray() || row.size() != sites) {
        throw refused(
            "the campaign", "sites are a square of road hours, %d wide".formatted(sites), row);
      }
      row.forEach(hours -> between("the campaign", "sites", hours, 0, MOST_ROAD));
    }
  }

  private void machine(String who, JsonNode machine, Set<String> drivers, Set<String> tractors) {
    kinds.add(text(who, machine, "kind"));
    number(who, machine, "acPerHour", 0.01, MOST_RATE);
    known(who, machine, "drivers", drivers);
    known(who, machine, "tractors", tractors);
    if (!machine.path("booked").isNull() && !machine.path("booked").isMissingNode()) {
      list(who, machine, "booked").forEach(day -> day(who, "booked", day));
    }
    JsonNode hired = machine.path("hired");
    if (!hired.isNull() && !hired.isMissingNode()) {
      if (!hired.isObject()) {
        throw refused(who, "hired is null or holds price, minAcres and notice", hired);
      }
      number(who, hired, "price", 0, MOST_DOLLARS);
      number(who, hired, "minAcres", 0, MOST_ACRES);
      whole(who, hired, "notice", 0, LONGEST);
    }
    whole(who, machine, "site", 0, sites - 1);
  }

  /** Fit hours and shifts tell of the same years, each with all its days. */
  private void years() {
    JsonNode hours = file.path("hours");
    if (!hours.isObject() || hours.isEmpty()) {
      throw refused(
          "the campaign", "hours hold the fit tenths of each kind/soil, year and day", hours);
    }
    int years = hours.iterator().next().size();
    if (years < 1 || years > MOST_YEARS) {
      throw refused("the campaign", "hours tell of 1 to %d years".formatted(MOST_YEARS), years);
    }
    for (var one : hours.properties()) {
      String who = "hours " + one.getKey();
      if (!one.getValue().isArray() || one.getValue().size() != years) {
        throw refused(
            who, "tells of %d years like the others".formatted(years), one.getValue().size());
      }
      int year = 0;
      for (JsonNode told : one.getValue()) {
        String which = who + ", year " + year++;
        if (!told.isArray() || told.size() != days) {
          throw refused(which, "has %d days".formatted(days), told.size());
        }
        told.forEach(tenths -> wholeBetween(which, "fit tenths", tenths, 0, TENTHS_OF_A_DAY));
      }
    }
    for (var group : file.path("shifts").properties()) {
      String who = "shifts " + group.getKey();
      if (!group.getValue().isArray() || group.getValue().size() != years) {
        throw refused(
            who, "tells of %d years like the hours".formatted(years), group.getValue().size());
      }
      group.getValue().forEach(d -> wholeBetween(who, "days", d, -MOST_SHIFT, MOST_SHIFT));
    }
  }

  private void jobs() {
    JsonNode jobs = list("the campaign", file, "jobs");
    if (jobs.isEmpty() || jobs.size() > MOST_JOBS) {
      throw refused("the campaign", "holds 1 to %,d jobs".formatted(MOST_JOBS), jobs.size());
    }
    Set<String> names = new HashSet<>();
    jobs.forEach(job -> id(job, "job", names));
    for (JsonNode job : jobs) {
      job("job " + job.get("id").asString(), job, names);
    }
  }

  private void job(String who, JsonNode job, Set<String> names) {
    text(who, job, "field");
    whole(who, job, "site", 0, sites - 1);
    kinds(who, job, text(who, job, "soil"));
    number(who, job, "acres", 0.01, MOST_ACRES);
    number(who, job, "setup", 0, MOST_SET_UP);
    number(who, job, "goes", 0.01, MOST_GOES);
    int open = whole(who, job, "open", 0, days - 1);
    whole(who, job, "close", open, days - 1);
    number(who, job, "lost", 0, MOST_DOLLARS);
    curve(who, job);
    JsonNode shift = job.path("shift");
    if (!shift.isNull() && !file.path("shifts").has(shift.asString(""))) {
      throw refused(who, "shift is null or one of the shifts", shift);
    }
    JsonNode after = job.path("after");
    if (!after.isNull()) {
      String first = text(who + ", after", after, "job");
      if (!names.contains(first) || first.equals(job.get("id").asString())) {
        throw refused(who, "after names another job of the campaign", after.get("job"));
      }
      int least = whole(who + ", after", after, "min", 0, LONGEST);
      if (!after.path("max").isNull() && !after.path("max").isMissingNode()) {
        whole(who + ", after", after, "max", least, LONGEST);
      }
    }
  }

  private void kinds(String who, JsonNode job, String soil) {
    boolean able = false;
    for (JsonNode kind : list(who, job, "kinds")) {
      String name = kind.asString("");
      if (!kinds.contains(name)) {
        continue;
      }
      able = true;
      if (!file.get("hours").has(name + "/" + soil) && !file.get("hours").has(name + "/any")) {
        throw refused(
            who, "there are no hours for %s on its soil".formatted(name), job.get("soil"));
      }
    }
    if (!able) {
      throw refused(who, "kinds name one at least that a machine is of", job.get("kinds"));
    }
  }

  private void curve(String who, JsonNode job) {
    double before = Double.NEGATIVE_INFINITY;
    for (JsonNode point : list(who, job, "curve")) {
      if (!point.isArray() || point.size() != 2) {
        throw refused(who, "curve holds pairs of a day and dollars an acre", point);
      }
      double day = between(who, "curve", point.get(0), -LONGEST, 2 * LONGEST);
      between(who, "curve", point.get(1), 0, MOST_DOLLARS);
      if (day <= before) {
        throw refused(who, "curve has its days in their order, each once", point);
      }
      before = day;
    }
  }

  private static String id(JsonNode one, String what, Set<String> known) {
    String id = text("a " + what, one, "id");
    if (!known.add(id)) {
      throw refused(what + " " + id, "id is one's own", one.get("id"));
    }
    return id;
  }

  private static void known(String who, JsonNode of, String field, Set<String> known) {
    for (JsonNode name : list(who, of, field)) {
      if (!known.contains(name.asString(""))) {
        throw refused(who, "%s are those of the campaign".formatted(field), name);
      }
    }
  }

  private static JsonNode list(String who, JsonNode of, String field) {
    if (!of.path(field).isArray()) {
      throw refused(who, "%s is a list".formatted(field), of.path(field));
    }
    return of.get(field);
  }

  private static String text(String who, JsonNode of, String field) {
    JsonNode text = of.path(field);
    if (!text.isString() || text.asString().isBlank()) {
      throw refused(who, "%s is a name".formatted(field), text);
    }
    return text.asString();
  }

  private void day(String who, String field, JsonNode day) {
    wholeBetween(who, field, day, 0, days - 1);
  }

  private static double number(String who, JsonNode of, String field, double low, double high) {
    return between(who, field, of.path(field), low, high);
  }

  private static int whole(String who, JsonNode of, String field, int low, int high) {
    return wholeBetween(who, field, of.path(field), low, high);
  }

  private static int wholeBetween(String who, String field, JsonNode value, int low, int high) {
    double number = between(who, field, value, low, high);
    if (number != Math.rint(number)) {
      throw refused(who, "%s is a whole number".formatted(field), value);
    }
    return (int) number;
  }

  private static double between(String who, String field, JsonNode value, double low, double high) {
    if (!value.isNumber() || !(value.asDouble() >= low && value.asDouble() <= high)) {
      throw refused(who, "%s is %s to %s".formatted(field, plain(low), plain(high)), value);
    }
    return value.asDouble();
  }

  private static String plain(double number) {
    return number == Math.rint(number)
        ? String.format(Locale.ROOT, "%,d", (long) number)
        : String.valueOf(number);
  }

  private static IllegalArgumentException refused(String who, String what, Object got) {
    boolean none = got instanceof JsonNode node && node.isMissingNode();
    String said = String.valueOf(got);
    return new IllegalArgumentException(
        "%s: %s, got %s"
            .formatted(who, what, none ? "none" : said.substring(0, Math.min(60, said.length()))));
  }
}
